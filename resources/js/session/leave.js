import { elapsed } from './clock.js';

/** @typedef {import('./view.js').View} View */

/**
 * Away, hands off or sound off: says at once what to do, times the recovery, and asks afterwards what it was. Unanswered it is no band,
 * never "over".
 */
export class LeaveDialog {
    /**
     * @param {HTMLElement} root @param {View} view
     * @param {{note: (event: string, data?: Record<string, unknown>) => void, tell: (outcome: string, band: number,
     *    more: Record<string, unknown>) => void}} told
     */
    constructor(root, view, told) {
        this.root = root;
        this.view = view;
        this.told = told;
        this.dialog = /** @type {HTMLDialogElement} */ (root.querySelector('[data-leave]'));
        this.leftAt = 0;
        for (const button of this.dialog.querySelectorAll('[data-left]'))
            button.addEventListener('click', () => this.was(button.getAttribute('data-left') ?? 'none'));
        for (const button of this.dialog.querySelectorAll('[data-left-close]')) button.addEventListener('click', () => this.dialog.close());
        this.dialog.querySelector('[data-settled]')?.addEventListener('click', () => this.settled());
    }

    open() {
        this.leftAt = Date.now();
        this.dialog.removeAttribute('data-told');
        this.dialog.showModal();
        this.told.note('left');
    }

    /** Hands off first, and what it was is said already: it froze. */
    froze() {
        this.leftAt = Date.now();
        this.dialog.toggleAttribute('data-told', true);
        this.dialog.showModal();
        this.told.tell('taken_away', 3, { signs: ['freeze'], food: 'not_offered' });
    }

    settled() {
        this.told.note('settled', { seconds: Math.round((Date.now() - this.leftAt) / 1000) });
        this.dialog.querySelector('[data-settled]')?.setAttribute('disabled', '');
    }

    /** @param {string} answer a band, or that it was not the dog */
    was(answer) {
        this.dialog.close();
        this.dialog.querySelector('[data-settled]')?.removeAttribute('disabled');
        if (answer === 'none') return this.told.note('not_the_dog');
        const band = Number(answer);
        this.told.tell(band === 4 ? 'reacted' : 'taken_away', band, { interrupted: band !== 4, food: 'not_offered' });
    }

    /** @param {number} now */
    tick(now) {
        if (this.dialog.open) this.view.put('leave-clock', elapsed(this.leftAt, now));
    }
}
