import { say } from '../words.js';
import { Keep } from './keep.js';
import { knownBy } from './known-by.js';
import { opened } from './opened.js';
import { drawHead, drawStrip } from './strip.js';
import { Told } from './told.js';

/** Letters behind the words of what is told. @type {Record<string, string>} */
const PARTS = { g: 'gaze', e: 'ears', w: 'brow', o: 'mouth', l: 'leash', p: 'position', a: 'mat' };
/** @type {Record<string, string>} */
const HAPPENINGS = { m: 'mark', f: 'food', b: 'look_back', n: 'unanswered', s: 'startle', t: 'turn', x: 'slip' };
/** @type {Record<string, string>} */
const ACTIONS = { v: 'play', ',': 'back_frame', '.': 'on_frame', d: 'trial', z: 'undo' };

/** Milliseconds around a moment that are played again and again, and that are listed. */
const LOOP = 2000;
const AROUND = 10_000;

/** The screen on which a film is looked at and told. */
export class Film {
    /** @param {HTMLElement} root */
    constructor(root) {
        this.root = root;
        this.video = /** @type {HTMLVideoElement} */ (root.querySelector('[data-player]'));
        this.strip = /** @type {SVGElement} */ (root.querySelector('[data-strip]'));
        this.length = Number(root.dataset.length);
        this.frame = Number(root.dataset.frame) / 1000;
        this.isOpen = root.dataset.open !== undefined;
        this.session = JSON.parse(root.dataset.trials ?? '[]');
        this.keep = new Keep(root, (words) => this.say(words));
        const left = this.isOpen ? this.keep.left() : null;
        this.told = new Told(left ?? JSON.parse(root.dataset.seen ?? '{}'));
        if (left) this.keep.later(left);
        /** @type {number | null} */
        this.loop = null;
        /** @type {{part: string, states: string[]}[]} */
        this.parts = JSON.parse(root.dataset.parts ?? '[]');
        this.mount();
        this.draw();
    }

    mount() {
        const input = /** @type {HTMLInputElement | null} */ (this.root.querySelector('[data-file]'));
        input?.addEventListener('change', () => void this.choose(input));
        // chosen before this was here to see it
        if (input?.files?.length) void this.choose(input);
        this.root.addEventListener('click', (event) => {
            const button = event.target instanceof Element ? event.target.closest('button') : null;
            if (!button) return;
            const { do: act, speed, state, happening, band, go, out } = button.dataset;
            if (act) this.act(act, button);
            else if (speed) this.speed(Number(speed));
            else if (state) this.changed(this.told.tell(button.closest('[data-part]')?.getAttribute('data-part') ?? '', state, this.at()));
            else if (happening) this.changed(this.told.happen(happening, this.at()));
            else if (band) this.changed(this.told.grade(Number(band), this.at()));
            else if (go) this.seek(Number(go));
            else if (out) {
                const [kind, i] = out.split(' ');
                this.changed(this.told.takeOut(/** @type {any} */ (kind), Number(i)));
            }
        });
        this.root.addEventListener('keydown', (event) => this.key(event));
        for (const name of ['timeupdate', 'seeked', 'pause']) this.video.addEventListener(name, () => this.move());
        this.strip.addEventListener('click', (event) => {
            const { left, width } = this.strip.getBoundingClientRect();
            this.seek(((event.clientX - left) / width) * this.length);
        });
        document.querySelector('[data-line-up]')?.addEventListener('submit', (event) => {
            const at = /** @type {HTMLInputElement} */ (/** @type {HTMLFormElement} */ (event.target).elements.namedItem('at'));
            at.value = String(this.at());
        });
        document.querySelector('[data-finish]')?.addEventListener('submit', (event) => {
            if (!this.keep.waiting) return;
            event.preventDefault();
            void this.keep.send().then((isKept) => isKept && /** @type {HTMLFormElement} */ (event.target).submit());
        });
    }

    /** @param {HTMLInputElement} input */
    async choose(input) {
        const file = input.files?.[0];
        if (!file) return;
        this.say(say('film.reading'));
        if ((await knownBy(file)) !== this.root.dataset.fingerprint) return this.say(say('film.other'));
        try {
            await opened(this.video, file);
        } catch {
            return this.say(say('film.no_pictures'));
        }
        this.seek(0);
        this.root.dataset.ready = '';
        this.say(say('film.ready'));
        this.video.focus();
    }

    /** Where the picture that is shown begins. @returns {number} milliseconds */
    at() {
        const number = Math.floor((this.video.currentTime * 1000) / this.frame + 1e-3);
        return Math.min(this.length, Math.round(number * this.frame));
    }

    /** To the middle of a picture, so that rounding shows no other. @param {number} at milliseconds */
    seek(at) {
        const number = Math.max(0, Math.floor(Math.min(at, this.length - 1) / this.frame + 1e-3));
        this.video.currentTime = ((number + 0.5) * this.frame) / 1000;
    }

    /** @param {KeyboardEvent} event */
    key(event) {
        const isField = event.target instanceof HTMLInputElement || event.target instanceof HTMLSelectElement;
        if (isField || event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
        const key = event.key.toLowerCase();
        if (key === ' ' && event.target === this.video) this.act('play');
        else if (ACTIONS[key]) this.act(ACTIONS[key]);
        else if (!this.isOpen) return;
        else if (PARTS[key]) this.next(PARTS[key]);
        else if (HAPPENINGS[key]) this.changed(this.told.happen(HAPPENINGS[key], this.at()));
        else if (/^[0-4]$/.test(key)) this.changed(this.told.grade(Number(key), this.at()));
        else return;
        event.preventDefault();
    }

    /** The next state of a part, from here on. @param {string} part */
    next(part) {
        const states = this.parts.find((one) => one.part === part)?.states ?? [];
        const now = this.told.stateAt(part, this.at());
        const next = states[(states.indexOf(now ?? '') + 1) % states.length];
        if (next) this.changed(this.told.tell(part, next, this.at()));
    }

    /** @param {string} act @param {HTMLElement} [button] */
    act(act, button) {
        if (act === 'play') void (this.video.paused ? this.video.play() : this.video.pause());
        if (act === 'back_frame' || act === 'on_frame') {
            this.video.pause();
            this.seek(this.at() + (act === 'on_frame' ? 1.25 : -0.75) * this.frame);
        }
        if (act === 'loop') {
            this.loop = this.loop === null ? this.at() : null;
            button?.setAttribute('aria-pressed', String(this.loop !== null));
        }
        if (!this.isOpen) return;
        if (act === 'undo') this.changed(this.told.undo());
        if (act === 'trial') {
            const came = this.told.edge(this.at());
            this.draw();
            this.say(say(`film.trial_${came === 'begun' ? 'open' : came}`, { at: clock(this.at()) }));
        }
    }

    /** @param {number} speed */
    speed(speed) {
        this.video.playbackRate = speed;
        for (const one of this.root.querySelectorAll('[data-speed]'))
            one.setAttribute('aria-pressed', String(Number(one.getAttribute('data-speed')) === speed));
    }

    /** @param {boolean} isChanged */
    changed(isChanged) {
        if (isChanged) this.keep.later(this.told.seen);
        this.draw();
    }

    move() {
        if (this.loop !== null && !this.video.paused && this.at() > Math.min(this.length - 2 * this.frame, this.loop + LOOP))
            this.seek(Math.max(0, this.loop - LOOP));
        this.drawHere();
    }

    draw() {
        drawStrip(this.strip, this.told.seen, this.parts, this.session);
        this.drawHere();
    }

    drawHere() {
        const at = this.at();
        drawHead(this.strip, at / this.length);
        /** @type {HTMLElement} */ (this.root.querySelector('[data-clock]')).textContent = clock(at);
        for (const { part } of this.parts) {
            const now = this.told.stateAt(part, at);
            for (const one of this.root.querySelectorAll(`[data-part="${part}"] [data-state]`))
                one.setAttribute('aria-pressed', String(one.getAttribute('data-state') === now));
        }
        if (this.video.paused) this.list(at);
    }

    /** @param {number} at */
    list(at) {
        const near = (/** @type {number} */ one) => Math.abs(one - at) <= AROUND;
        const { states, happenings, trials } = this.told.seen;
        const rows = [
            ...states.map((one, i) => ({
                at: one.at,
                kind: 'states',
                i,
                words: this.words(`[data-part="${one.part}"] .film-name`, `[data-part="${one.part}"] [data-state="${one.state}"]`),
            })),
            ...happenings.map((one, i) => ({ at: one.at, kind: 'happenings', i, words: this.words(`[data-happening="${one.what}"]`) })),
            ...trials.map((one, i) => ({
                at: one.from,
                kind: 'trials',
                i,
                words: `${clock(one.from)}–${clock(one.until)} ${this.words(`[data-band="${one.band}"]`)}`,
            })),
        ]
            .filter((row) => near(row.at))
            .sort((a, b) => a.at - b.at);
        const list = /** @type {HTMLElement} */ (this.root.querySelector('[data-around]'));
        if (!this.isOpen || rows.length === 0) {
            list.textContent = this.isOpen ? say('film.nothing') : '';
            return;
        }
        list.replaceChildren(
            ...rows.map((row) => {
                const line = document.createElement('li');
                line.append(
                    button(say('film.go_there', { at: clock(row.at) }), 'go', String(row.at)),
                    ` ${row.words} `,
                    button(say('film.take_out'), 'out', `${row.kind} ${row.i}`),
                );
                return line;
            }),
        );
    }

    /** The words that buttons and names have, without their keys. @param {string[]} selectors */
    words(...selectors) {
        return selectors
            .map((one) => this.root.querySelector(one)?.firstChild?.textContent?.trim() ?? '')
            .join(' ')
            .trim();
    }

    /** @param {string} words */
    say(words) {
        /** @type {HTMLElement} */ (this.root.querySelector('[data-said]')).textContent = words;
    }
}

/** @param {number} at milliseconds */
function clock(at) {
    const seconds = (at % 60_000) / 1000;
    return `${Math.floor(at / 60_000)}:${seconds < 10 ? '0' : ''}${seconds.toFixed(2)}`;
}

/** @param {string} words @param {string} name @param {string} value */
function button(words, name, value) {
    const made = document.createElement('button');
    made.type = 'button';
    made.className = 'btn btn-sm btn-link';
    made.dataset[name] = value;
    made.textContent = words;
    return made;
}
