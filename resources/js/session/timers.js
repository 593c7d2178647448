import { signal, tenths } from './clock.js';
import { say } from '../words.js';

/** @typedef {import('./view.js').View} View */

/** What is timed of a trial at a distance: the turn after the mark, a stare, the wait before a prompt, and a feeding pace. */
export class Timers {
    /** @param {HTMLElement} root @param {View} view @param {(milliseconds: number) => void} stared */
    constructor(root, view, stared) {
        this.root = root;
        this.view = view;
        this.stared = stared;
        this.markedAt = 0;
        this.latency = /** @type {number | null} */ (null);
        this.holdingFrom = 0;
        this.held = /** @type {number | null} */ (null);
        this.staringFrom = 0;
        this.lastStare = 0;
        this.longestStare = 0;
    }

    /** @returns {{latency_ms: number | null, stare_ms: number | null, hold_ms: number | null}} what still runs ends with the trial */
    timed() {
        const held = this.holdingFrom ? Math.round(performance.now() - this.holdingFrom) : this.held;
        return { latency_ms: this.latency, stare_ms: this.lastStare || null, hold_ms: held };
    }

    clear() {
        this.markedAt = this.staringFrom = this.lastStare = 0;
        this.holdingFrom = 0;
        this.latency = this.held = null;
        this.view.put('latency', '');
        this.view.put('held', '');
        this.root.querySelector('[data-do="hold"]')?.setAttribute('aria-pressed', 'false');
        this.view.put('stare', '');
    }

    /** The mark; then the turn. */
    mark() {
        const now = performance.now();
        const button = this.root.querySelector('[data-do="mark"]');
        if (this.markedAt === 0) {
            this.markedAt = now;
            button?.setAttribute('aria-pressed', 'true');
            this.view.put('latency', say('turn'));
            return;
        }
        this.latency = Math.round(now - this.markedAt);
        this.markedAt = 0;
        button?.setAttribute('aria-pressed', 'false');
        this.view.put('latency', say('seconds', { seconds: tenths(this.latency) }));
    }

    /** A look, a pass or a position that is held: a press begins it, the next one or the trial ends it. */
    hold() {
        const now = performance.now();
        const isOn = this.holdingFrom === 0;
        this.held = isOn ? null : Math.round(now - this.holdingFrom);
        this.holdingFrom = isOn ? now : 0;
        this.root.querySelector('[data-do="hold"]')?.setAttribute('aria-pressed', String(isOn));
        this.view.put('held', this.held === null ? '…' : say('seconds', { seconds: tenths(this.held) }));
    }

    stare() {
        const now = performance.now();
        if (this.staringFrom === 0) {
            this.staringFrom = now;
            this.view.put('stare', '…');
            return;
        }
        this.lastStare = Math.round(now - this.staringFrom);
        this.staringFrom = 0;
        this.longestStare = Math.max(this.longestStare, this.lastStare);
        this.view.put('stare', say('seconds', { seconds: tenths(this.lastStare) }));
        this.view.put('longest-stare', say('seconds', { seconds: Math.round(this.longestStare / 1000) }));
        this.stared(this.lastStare);
    }

    /** It has noticed: so long until a prompt. */
    countdown() {
        const field = this.root.querySelector('[data-wait]');
        let left = field instanceof HTMLSelectElement ? Number(field.value) : 3;
        clearInterval(this.counting);
        this.view.put('countdown', `${left}`);
        this.counting = setInterval(() => {
            left -= 1;
            this.view.put('countdown', left > 0 ? `${left}` : say('prompt'));
            if (left <= 0) {
                clearInterval(this.counting);
                signal(1);
            }
        }, 1000);
    }

    /** Feeding pace while the trigger is in view. */
    pace() {
        const button = this.root.querySelector('[data-do="pace"]');
        const field = this.root.querySelector('[data-pace]');
        const isOn = button?.getAttribute('aria-pressed') !== 'true';
        button?.setAttribute('aria-pressed', String(isOn));
        clearInterval(this.pacing);
        if (isOn) this.pacing = setInterval(() => signal(1), 1000 * Number(field instanceof HTMLSelectElement ? field.value : 2));
    }
}
