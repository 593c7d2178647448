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
        /** when the mark was that is not paid yet */
        this.unpaidFrom = 0;
        this.paid = /** @type {number | null} */ (null);
        /** what it stared at, where somebody said */
        this.at = '';
        this.mountTargets();
    }

    /** @returns {Record<string, number | string | null>} what still runs ends with the trial */
    timed() {
        const until = (/** @type {number} */ from) => Math.round(performance.now() - from);
        return {
            latency_ms: this.latency,
            paid_ms: this.paid,
            stare_ms: this.staringFrom ? until(this.staringFrom) : this.lastStare || null,
            stare_at: this.at,
            hold_ms: this.holdingFrom ? until(this.holdingFrom) : this.held,
        };
    }

    clear() {
        this.markedAt = this.unpaidFrom = this.staringFrom = this.lastStare = 0;
        this.holdingFrom = 0;
        this.latency = this.held = this.paid = null;
        this.at = '';
        this.asks(false);
        this.root.querySelector('[data-do="mark"]')?.setAttribute('aria-pressed', 'false');
        this.view.put('latency', '');
        this.view.put('held', '');
        this.root.querySelector('[data-do="hold"]')?.setAttribute('aria-pressed', 'false');
        this.view.put('stare', '');
    }

    /** The mark; then the turn; then the food. */
    mark() {
        const now = performance.now();
        const button = this.root.querySelector('[data-do="mark"]');
        if (this.unpaidFrom && !this.markedAt) {
            this.paid = Math.round(now - this.unpaidFrom);
            this.unpaidFrom = 0;
            button?.setAttribute('aria-pressed', 'false');
            this.view.put('latency', say('paid_after', { seconds: tenths(this.paid) }));
            return;
        }
        if (this.markedAt === 0) {
            this.unpaidFrom = now;
            this.markedAt = now;
            button?.setAttribute('aria-pressed', 'true');
            this.view.put('latency', say('turn'));
            return;
        }
        this.latency = Math.round(now - this.markedAt);
        this.markedAt = 0;
        this.view.put('latency', say('turned_then_food', { seconds: tenths(this.latency) }));
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
        this.asks(this.root.dataset.kind === 'ladder');
    }

    /** At what: a word that was said before, or a new one. It goes with the trial, and nothing waits for it. */
    mountTargets() {
        const field = this.root.querySelector('[data-stare-new]');
        for (const button of this.root.querySelectorAll('[data-stare-at]'))
            button.addEventListener('click', () => this.target(button.getAttribute('data-stare-at') ?? ''));
        if (field instanceof HTMLInputElement) field.addEventListener('change', () => this.target(field.value.trim()));
    }

    /** @param {string} at */
    target(at) {
        this.at = at;
        if (at === '') return;
        for (const box of this.view.all('stare-what')) box.hidden = true;
        this.view.put('stare', say('stared_at', { seconds: tenths(this.lastStare), at }));
    }

    /** @param {boolean} isAsked */
    asks(isAsked) {
        for (const box of this.view.all('stare-what')) box.hidden = !isAsked;
        const field = this.root.querySelector('[data-stare-new]');
        if (field instanceof HTMLInputElement) field.value = '';
        this.target('');
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
