import { say } from '../words.js';
import { Dog } from './dog.js';
import { listen } from './microphone.js';
import { oneAtATime } from './one-at-a-time.js';
import { pose } from './pose.js';
import { post } from './post.js';

/** Keys of what can be tapped; a presenter's remote sends the page keys. @type {Record<string, string>} */
const KEYS = { Space: 'mark', PageDown: 'mark', KeyF: 'food', KeyE: 'easier', KeyB: 'back', KeyL: 'leash', KeyA: 'step' };

/** Milliseconds after the last moment of a part in which a late mark can still come. */
const AFTER = 2100;
const AGAIN = 1500;
/** What of a lane is shown on either side of a mark. */
const LANE = 500;

/** Plays a round: draws the dog, takes the times of taps, and says what the server tells of them. */
export class Round {
    /** @param {HTMLElement} root */
    constructor(root) {
        this.root = root;
        this.drill = root.dataset.drill ?? '';
        /** @type {import('./pose.js').Episode[][]} */
        this.parts = JSON.parse(root.dataset.parts ?? '[]');
        /** @type {{act: string, at: number}[]} */
        this.taps = [];
        this.start = 0;
        this.isOn = false;
        /** Sends all that was tapped until now; what was sent before changes nothing. */
        this.ask = oneAtATime(() => this.send());
        this.told = 0;
        /** @type {(() => void) | null} */
        this.stop = null;
        this.dog = new Dog(/** @type {SVGElement} */ (root.querySelector('[data-stage]')), this.drill);
        root.querySelector('[data-begin]')?.addEventListener('click', () => void this.begin());
        for (const button of root.querySelectorAll('[data-tap]'))
            button.addEventListener('pointerdown', (event) => this.tap(button.getAttribute('data-tap') ?? '', event.timeStamp));
        document.addEventListener('keydown', (event) => {
            const tap = KEYS[event.code] ?? KEYS[event.key];
            if (!this.isOn || event.repeat || !tap || !this.root.querySelector(`[data-tap="${tap}"]`)) return;
            event.preventDefault();
            this.tap(tap, event.timeStamp);
        });
        this.draw();
    }

    /** @param {string} name @returns {HTMLElement} */
    part(name) {
        return /** @type {HTMLElement} */ (this.root.querySelector(`[data-${name}]`));
    }

    /** @returns {import('./pose.js').Episode[]} */
    episodes() {
        return this.parts.flat();
    }

    async begin() {
        if (this.root.dataset.markBy !== 'tap') {
            try {
                this.stop = await listen((at) => this.tap('mark', at));
            } catch {
                this.say(say('timing.no_microphone'));
            }
        }
        this.part('begin').hidden = true;
        for (const button of this.root.querySelectorAll('[data-tap]')) /** @type {HTMLElement} */ (button).hidden = false;
        /** @type {HTMLElement | null} */ (this.root.querySelector('[data-tap]'))?.focus();
        this.start = performance.now();
        this.isOn = true;
        this.root.dataset.started = String(this.start);
        this.frame();
    }

    frame() {
        if (!this.isOn) return;
        this.draw();
        const episodes = this.episodes();
        const last = episodes[episodes.length - 1]?.until ?? 0;
        if (this.at() > last + AFTER) void this.ask();
        requestAnimationFrame(() => this.frame());
    }

    /** @returns {number} milliseconds from the start */
    at() {
        return this.isOn ? performance.now() - this.start : 0;
    }

    draw() {
        this.dog.draw(pose(this.episodes(), this.at(), this.drill));
    }

    /** @param {string} tap @param {number} when the page's clock */
    tap(tap, when) {
        if (!this.isOn) return;
        this.taps.push({ act: tap, at: Math.max(0, Math.round(when - this.start)) });
        const aside = { easier: 'easier_now', back: 'back_now', leash: 'leash_now', step: 'step_now' }[tap];
        if (aside) this.say(say(`timing.${aside}`));
        void this.ask();
    }

    async send() {
        if (!this.isOn) return;
        const known = this.parts.length;
        const { isGood, body } = await post(this.root, this.root.dataset.url ?? '', {
            acts: this.taps,
            until: Math.round(this.at()),
            parts: known,
        });
        if (!isGood) {
            this.say(body?.message ?? say('timing.lost'));
            setTimeout(() => void this.ask(), AGAIN);
            return;
        }
        if (this.parts.length === known) this.parts.push(...body.parts);
        this.root.dataset.parts = JSON.stringify(this.parts);
        if (body.parts.length && this.drill === 'look_then_turn' && this.wantsTurn(body.parts.flat())) this.say(say('timing.word_turn'));
        else if (body.said && body.marks >= this.told) this.say(body.said);
        this.told = body.marks;
        this.lane(body.lane);
        if (body.done) this.end(body.done);
    }

    /** @param {import('./pose.js').Episode[]} episodes */
    wantsTurn(episodes) {
        return episodes.some(({ act, wants }) => act === 'turn' && wants === 'mark');
    }

    /** @param {string} words */
    say(words) {
        this.part('said').textContent = words;
    }

    /** @param {{class: string, at: number, from: number | null, until: number | null} | null} told */
    lane(told) {
        const lane = this.part('lane');
        if (!told) return;
        const across = (/** @type {number} */ at) => Math.max(0, Math.min(400, 200 + (200 * (at - told.at)) / LANE));
        const act = /** @type {SVGElement} */ (lane.querySelector('[data-lane-act]'));
        const isMeant = told.from !== null && told.until !== null;
        act.setAttribute('x', String(across(told.from ?? told.at)));
        act.setAttribute('width', String(isMeant ? Math.max(2, across(told.until ?? 0) - across(told.from ?? 0)) : 0));
        for (const end of ['x1', 'x2']) lane.querySelector('[data-lane-mark]')?.setAttribute(end, '200');
        lane.setAttribute('aria-label', say('timing.lane', { meant: isMeant }));
        lane.toggleAttribute('hidden', false);
        lane.dataset.class = told.class;
    }

    /** @param {string} url */
    end(url) {
        this.isOn = false;
        this.stop?.();
        location.assign(url);
    }
}
