import { say } from '../words.js';

/** @typedef {import('./view.js').View} View */

/** Farthest that can be typed, and a usual stride, by unit. */
const MAX = { m: 500, yd: 546, ft: 1640 };
const STRIDE = { m: 0.75, yd: 0.82, ft: 2.46 };

/** The distance of the next trial: the advice's until somebody types another, in the user's unit. */
export class DistanceField {
    /** @param {HTMLElement} root @param {View} view */
    constructor(root, view) {
        this.view = view;
        this.isNeeded = root.dataset.plan === 'presence';
        this.unit = /** @type {keyof typeof MAX} */ (root.dataset.unit ?? 'm');
        this.field = /** @type {HTMLInputElement} */ (root.querySelector('#q-distance'));
        this.isTyped = false;
        for (const event of ['input', 'change'])
            this.field.addEventListener(event, () => {
                this.isTyped = true;
            });
        for (const input of root.querySelectorAll('[data-estimate]'))
            input.addEventListener('change', () => this.estimate(/** @type {HTMLInputElement} */ (input)));
    }

    /** Told at the field, before anything is kept: a distance that cannot be. @returns {boolean} */
    isGood() {
        if (!this.isNeeded) return true;
        const value = Number(this.field.value.trim().replace(',', '.'));
        const isGood = value > 0 && value <= MAX[this.unit];
        this.field.setAttribute('aria-invalid', String(!isGood));
        this.view.put('distance-problem', isGood ? '' : say('distance_problem', { most: MAX[this.unit] }));
        if (!isGood) {
            this.field.closest('details')?.setAttribute('open', '');
            this.field.focus();
        }
        return isGood;
    }

    /** @param {HTMLInputElement} input paces, or the sideways jump of a thumb */
    estimate(input) {
        const value = Number(input.value);
        if (!(value > 0)) return;
        // thumb at arm's length: the distance is about ten times its sideways jump from eye to eye
        this.field.value = String(Math.round(10 * value * (input.dataset.estimate === 'thumb' ? 10 : STRIDE[this.unit])) / 10);
        input.value = '';
        this.isTyped = true;
    }

    /** @param {any} place where the next trial is due */
    show(place) {
        if (document.activeElement !== this.field && !this.isTyped) this.field.value = place?.distance ?? this.field.value;
    }
}
