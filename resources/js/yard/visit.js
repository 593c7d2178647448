import { oneAtATime } from '../timing/one-at-a-time.js';
import { post } from '../timing/post.js';
import { say } from '../words.js';
import { between, joined } from './between.js';

/** Keys of what can be done; W walks off and comes back. @type {Record<string, string>} */
const KEYS = {
    ArrowUp: 'farther',
    ArrowDown: 'nearer',
    Space: 'mark',
    PageDown: 'mark',
    KeyF: 'feed',
    KeyC: 'cue',
    KeyN: 'count',
    KeyS: 'show',
};

/** Milliseconds of what comes that are known at least, and from one question to the next. */
const AHEAD = 1200;
const EVERY = 700;
/** For whom everything that moves is too much: stills, so often. */
const STILL = 500;

/** A visit of the yard: draws what the server says the dog does, and sends what the learner does. */
export class Visit {
    /** @param {HTMLElement} root */
    constructor(root) {
        this.root = root;
        /** @type {{act: string, at: number}[]} */
        this.acts = JSON.parse(root.dataset.acts ?? '[]');
        this.from = Number(root.dataset.from ?? 0);
        this.most = Number(root.dataset.most ?? 0);
        /** @type {import('./between.js').Frame[]} */
        this.frames = [];
        this.start = 0;
        this.isOn = false;
        /** Sends all that was done; what it does next is told anew. */
        this.ask = oneAtATime(() => this.send());
        this.asked = 0;
        this.drawn = 0;
        this.isStill = matchMedia('(prefers-reduced-motion: reduce)').matches;
        root.querySelector('[data-begin]')?.addEventListener('click', () => void this.begin());
        for (const button of root.querySelectorAll('[data-act]'))
            button.addEventListener('click', () => this.act(button.getAttribute('data-act') ?? ''));
        document.addEventListener('keydown', (event) => {
            const isGone = this.now()?.away && this.can('return');
            const act = event.code === 'KeyW' ? (isGone ? 'return' : 'walk_off') : (KEYS[event.code] ?? KEYS[event.key]);
            if (!this.isOn || event.repeat || !act || !this.can(act)) return;
            event.preventDefault();
            this.act(act);
        });
    }

    /** @param {string} name @returns {HTMLElement} */
    part(name) {
        return /** @type {HTMLElement} */ (this.root.querySelector(`[data-${name}]`));
    }

    async begin() {
        await this.ask();
        this.part('begin').hidden = true;
        for (const button of this.root.querySelectorAll('[data-act]')) /** @type {HTMLElement} */ (button).hidden = false;
        /** @type {HTMLElement | null} */ (this.root.querySelector('[data-act="mark"]'))?.focus();
        this.start = performance.now();
        this.isOn = true;
        this.root.dataset.started = 'true';
        this.frame();
    }

    /** Whether it can be done here. @param {string} act */
    can(act) {
        return this.root.querySelector(`[data-act="${act}"]`) !== null;
    }

    /** @returns {number} milliseconds of the run */
    at() {
        return this.from + (this.isOn ? performance.now() - this.start : 0);
    }

    /** @returns {import('./between.js').Frame | null} */
    now() {
        return between(this.frames, this.at());
    }

    frame() {
        if (!this.isOn) return;
        const at = this.at();
        if (at >= this.most) return this.end();
        const last = this.frames[this.frames.length - 1]?.at ?? 0;
        if (last - at < AHEAD && performance.now() - this.asked > EVERY) void this.ask();
        const now = this.now();
        if (now && (!this.isStill || performance.now() - this.drawn > STILL)) {
            this.draw(now);
            this.drawn = performance.now();
        }
        requestAnimationFrame(() => this.frame());
    }

    /** @param {string} act */
    act(act) {
        if (!this.isOn) return;
        this.acts.push({ act, at: Math.min(this.most, Math.round(this.at())) });
        void this.ask();
    }

    async send() {
        this.asked = performance.now();
        const { isGood, body } = await post(this.root, this.root.dataset.url ?? '', {
            acts: this.acts,
            until: Math.min(this.most, Math.round(this.at())),
        });
        if (isGood) this.frames = joined(this.frames, body.frames);
        else this.part('said').textContent = body?.message ?? say('timing.lost');
    }

    /** @param {import('./between.js').Frame} frame */
    draw(frame) {
        const dog = this.part('dog');
        const { ears = 0, brow = 0, mouth = 0, tail = 0, weight = 0, gaze = 0 } = frame.posture;
        const set = (/** @type {string} */ part, /** @type {string} */ name, /** @type {string} */ value) =>
            dog.querySelector(`[data-part="${part}"]`)?.setAttribute(name, value);
        dog.toggleAttribute('data-away', frame.away);
        // forward and high as it rises, under a hand back and low; the head turns when it looks back
        const lean = this.root.dataset.scene === 'hands' ? -1 : 1;
        set('weight', 'transform', `translate(${(14 * lean * weight).toFixed(1)} 0) skewX(${(-5 * lean * weight).toFixed(1)})`);
        const isBack = frame.back && this.root.dataset.scene === 'path';
        set('head', 'transform', isBack ? 'translate(488 0) scale(-1 1)' : `rotate(${(-8 * lean * weight).toFixed(1)} 214 100)`);
        set('ears', 'transform', `rotate(${(46 * lean * ears).toFixed(1)} 226 56)`);
        set('brow', 'd', `M 244 ${(44 - 2 * brow).toFixed(1)} Q 256 ${(40 + 10 * brow).toFixed(1)} 268 ${(46 - 6 * brow).toFixed(1)}`);
        set('mouth', 'transform', frame.over ? 'rotate(24 268 88)' : `rotate(${(14 * (1 - mouth)).toFixed(1)} 268 88)`);
        set('tail', 'd', `M 70 120 L ${(44 + 4 * tail).toFixed(1)} ${(128 - (lean > 0 ? 76 : -40) * tail).toFixed(1)}`);
        set('gaze', 'r', String((4 + 4 * gaze).toFixed(1)));
        const told = this.root.dataset.scene === 'hands' ? this.drawHand(frame) : this.drawField(frame);
        if (this.part('said').textContent !== told) this.part('said').textContent = told;
    }

    /** Who passes and where one stands, from above. @param {import('./between.js').Frame} frame @returns {string} */
    drawField(frame) {
        this.part('passer').setAttribute('cx', String(frame.along.toFixed(2)));
        this.part('you').setAttribute('transform', `translate(0 ${frame.away ? 60 : frame.stand.toFixed(2)})`);
        const unit = { m: 1, yd: 1.0936, ft: 3.2808 }[this.root.dataset.unit ?? 'm'] ?? 1;
        const words = [
            say(frame.away ? 'yard.away' : 'yard.stand', {
                meters: Math.round(unit * frame.stand),
                unit: say(`units.${this.root.dataset.unit}`),
            }),
            frame.over ? say('yard.over') : '',
        ];
        return words.filter((one) => one !== '').join(' ');
    }

    /** The hand as far as it is. @param {import('./between.js').Frame} frame @returns {string} */
    drawHand(frame) {
        this.part('hand').setAttribute('transform', `translate(${(64 + 190 * Math.sqrt(frame.stand / 0.8)).toFixed(1)} 0)`);
        this.part('chin').toggleAttribute('hidden', frame.away);
        if (frame.over) return say('hands.snaps');
        if (frame.away) return say('hands.left');
        if (frame.stand > 0.79) return say('hands.off');
        const unit = this.root.dataset.gap ?? 'cm';
        const length = Math.round((unit === 'in' ? 39.37 : 100) * frame.stand);
        return say('hands.gap', { length, unit: say(`units.${unit}`) });
    }

    end() {
        this.isOn = false;
        void this.ask();
        for (const button of this.root.querySelectorAll('[data-act]')) /** @type {HTMLElement} */ (button).hidden = true;
        this.part('end').hidden = false;
        /** @type {HTMLElement | null} */ (this.root.querySelector('[name="guess"]'))?.focus();
    }
}
