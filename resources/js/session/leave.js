import { elapsed } from './clock.js';

/** @typedef {import('./view.js').View} View */

/**
 * Away, hands off or sound off: says at once what to do, times the recovery, and asks afterwards what it was. Unanswered it is no band,
 * never "over".
 */
export class LeaveDialog {
    /**
     * @param {HTMLElement} root @param {View} view
     * @param {{event: (kind: string, data?: Record<string, unknown>) => Promise<void>, log: (outcome: string, band: number,
     *    more: Record<string, unknown>) => Promise<unknown>}} told
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

    async open() {
        this.leftAt = Date.now();
        this.dialog.removeAttribute('data-told');
        this.dialog.showModal();
        await this.told.event('left');
    }

    /** Hands off first, and what it was is said already: it froze. */
    async froze() {
        this.leftAt = Date.now();
        this.dialog.toggleAttribute('data-told', true);
        this.dialog.showModal();
        await this.told.log('taken_away', 3, { signs: ['freeze'], food: 'not_offered' });
    }

    async settled() {
        await this.told.event('settled', { seconds: Math.round((Date.now() - this.leftAt) / 1000) });
        this.dialog.querySelector('[data-settled]')?.setAttribute('disabled', '');
    }

    /** @param {string} answer a band, or that it was not the dog */
    async was(answer) {
        this.dialog.close();
        this.dialog.querySelector('[data-settled]')?.removeAttribute('disabled');
        if (answer === 'none') return this.told.event('not_the_dog');
        const band = Number(answer);
        await this.told.log(band === 4 ? 'reacted' : 'taken_away', band, { interrupted: band !== 4, food: 'not_offered' });
    }

    /** @param {number} now */
    tick(now) {
        if (this.dialog.open) this.view.put('leave-clock', elapsed(this.leftAt, now));
    }
}
