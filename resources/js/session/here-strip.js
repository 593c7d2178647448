import { nowhere, position } from './here.js';
import { say } from '../words.js';

/** @typedef {import('./view.js').View} View */
/** @typedef {import('./here.js').Here} Here */
/** @typedef {{key: string, label: string, values: {value: string | number, label: string}[]}} Choice */

/** Farthest that can be typed, and a usual stride, by unit. */
export const MAX = { m: 500, yd: 546, ft: 1640 };
const STRIDE = { m: 0.75, yd: 0.82, ft: 2.46 };

/** Keys of the chips that are no detail of the setup: the named steps, who it is, and everything else that can be otherwise. */
const STEP = 'step';
const MORE = 'more';
const WHO = 'who';
const ASKED = 'asked';
/** Longest words for who it was. */
const MOST_LETTERS = 40;

/** Where we are, on the face of the screen: the distance or the step, and a chip for each thing in play that opens on its values. */
export class HereStrip {
    /**
     * @param {HTMLElement} root @param {View} view
     * @param {{first: Choice[], others: Choice[], traits: {key: string, label: string}[],
     *    asked: {key: string, label: string}[]}} choices
     * @param {(event: {type: string, [more: string]: unknown}) => void} tell what somebody changes
     */
    constructor(root, view, choices, tell) {
        this.view = view;
        this.here = nowhere([]);
        this.choices = choices;
        this.tell = tell;
        this.unit = /** @type {keyof typeof MAX} */ (root.dataset.unit ?? 'm');
        this.field = /** @type {HTMLInputElement | null} */ (root.querySelector('#q-distance'));
        this.strip = /** @type {HTMLElement | null} */ (root.querySelector('[data-chips]'));
        this.values = /** @type {HTMLElement | null} */ (root.querySelector('[data-chip-values]'));
        this.open = '';
        this.told = '';
        for (const event of ['input', 'change']) this.field?.addEventListener(event, () => this.walk(this.field?.value ?? ''));
        for (const input of root.querySelectorAll('[data-estimate]'))
            input.addEventListener('change', () => this.estimate(/** @type {HTMLInputElement} */ (input)));
    }

    /** Told at the field, before anything is kept: a distance that cannot be. @param {boolean} isGood @returns {boolean} */
    isGood(isGood) {
        if (!this.field) return true;
        this.field.setAttribute('aria-invalid', String(!isGood));
        this.view.put('distance-problem', isGood ? '' : say('distance_problem', { most: MAX[this.unit] }));
        if (!isGood) this.field.focus();
        return isGood;
    }

    /** @param {string} distance as typed */
    walk(distance) {
        this.tell({ type: 'walk', distance });
    }

    /** @param {HTMLInputElement} input paces, or the sideways jump of a thumb */
    estimate(input) {
        const value = Number(input.value);
        if (!(value > 0)) return;
        // thumb at arm's length: the distance is about ten times its sideways jump from eye to eye
        this.walk(String(Math.round(10 * value * (input.dataset.estimate === 'thumb' ? 10 : STRIDE[this.unit])) / 10));
        input.value = '';
    }

    /** @param {Here} here */
    show(here) {
        this.here = here;
        const { place } = here;
        if (this.field && document.activeElement !== this.field) this.field.value = String(place?.distance ?? this.field.value);
        this.view.put('here-words', this.words(here));
        this.view.put('manner', place?.manner ?? '');
        const told = JSON.stringify([place?.values, place?.distance, here.who, here.asked, this.open]);
        if (told === this.told) return;
        this.told = told;
        this.draw();
    }

    /** @param {Here} here @returns {string} the step in its words, or the last one with what is otherwise now */
    words(here) {
        const { place, base } = here;
        if (!place || this.field) return '';
        if (position(here) >= 0) return place.words;
        const otherwise = Object.entries(place.values).flatMap(([key, value]) =>
            base && base.values[key] !== value ? [this.label(key, value)] : [],
        );
        return otherwise.length ? say('here.otherwise', { step: base?.words ?? '', otherwise: otherwise.join(', ') }) : place.words;
    }

    /** @returns {Choice[]} of this plan, and what was noted beside it */
    inPlay() {
        const noted = this.choices.others.filter(({ key }) => this.here.place?.values[key] !== undefined);
        return [...this.choices.first, ...noted];
    }

    /** @param {string} key @returns {Choice | undefined} */
    choice(key) {
        return [...this.choices.first, ...this.choices.others].find((one) => one.key === key);
    }

    /** @param {string} key @param {string | number} value @returns {string} */
    label(key, value) {
        return this.choice(key)?.values.find((one) => String(one.value) === String(value))?.label ?? String(value);
    }

    draw() {
        if (!this.strip || !this.values) return;
        const chips = this.inPlay().map(({ key, label }) => {
            const value = this.here.place?.values[key];
            const words = value === undefined ? null : this.label(key, value);
            return this.chip(key, words ?? label, `${label}: ${words ?? say('here.not_noted')}`);
        });
        const first = this.field ? [] : [this.chip(STEP, this.stepWords(), say('here.steps'))];
        const { asked } = this.choices;
        const now = asked.find(({ key }) => key === this.here.asked)?.label ?? '';
        if (asked.length > 1) first.push(this.chip(ASKED, now, say('here.asked', { asked: now })));
        const met = this.whoWords(this.here);
        const who = this.choices.traits.length ? [this.chip(WHO, met || say('here.who'), say('here.who_long', { who: met }))] : [];
        this.strip.replaceChildren(...first, ...who, ...chips, this.chip(MORE, say('here.more'), say('here.more_long')));
        this.values.hidden = this.open === '';
        this.values.replaceChildren(...this.opened());
    }

    /** @returns {string} */
    stepWords() {
        const at = position(this.here);
        return at < 0 ? say('here.step_none') : say('here.step', { number: at + 1, of: this.here.steps.length });
    }

    /** @returns {HTMLElement[]} what the open chip can be changed to */
    opened() {
        if (this.open === STEP)
            return this.here.steps.map((step, i) =>
                this.button(say('here.step_words', { number: i + 1, words: step.words }), position(this.here) === i, {
                    type: 'put',
                    place: step,
                }),
            );
        if (this.open === ASKED)
            return this.choices.asked.map(({ key, label }) => this.button(label, this.here.asked === key, { type: 'asked', asked: key }));
        if (this.open === WHO) return this.people();
        if (this.open === MORE)
            return this.choices.others
                .filter(({ key }) => this.here.place?.values[key] === undefined)
                .map(({ key, label }) => this.button(label, false, null, key));
        const choice = this.choice(this.open);
        if (!choice) return [];
        const now = this.here.place?.values[choice.key];
        const head = Object.assign(document.createElement('p'), { className: 'chip-head', textContent: choice.label });
        return [
            head,
            ...choice.values.map(({ value, label }) =>
                this.button(label, String(now) === String(value), { type: 'change', key: choice.key, value }),
            ),
            this.button(say('here.not_noted'), now === undefined, { type: 'change', key: choice.key, value: null }),
        ];
    }

    /** @param {Here} here @returns {string} */
    whoWords(here) {
        const label = (/** @type {string} */ trait) => this.choices.traits.find((one) => one.key === trait)?.label ?? trait;
        return here.who.map(label).join(', ');
    }

    /**
     * What was just logged, in words: a pick that stayed by mistake is seen at once.
     * @param {number | null} band
     * @param {Here} here
     * @returns {string}
     */
    line(band, here) {
        const { place } = here;
        const where = this.field ? `${place?.distance ?? ''} ${say(`units.${this.unit}`)}` : this.words(here);
        return [band === null ? '' : say(`bands.${band}`), where, this.whoWords(here)].filter((part) => part !== '').join(' · ');
    }

    /** @returns {HTMLElement[]} every trait to pick or unpick, and room for one that is new */
    people() {
        const typed = this.here.who.filter((trait) => !this.choices.traits.some((one) => one.key === trait));
        const picks = [...this.choices.traits, ...typed.map((key) => ({ key, label: key }))].map(({ key, label }) =>
            this.button(label, this.here.who.includes(key), { type: 'meet', trait: key }, WHO),
        );
        const field = Object.assign(document.createElement('input'), { className: 'form-control', maxLength: MOST_LETTERS });
        field.setAttribute('aria-label', say('here.who_new'));
        field.placeholder = say('here.who_new');
        field.addEventListener('change', () => {
            const trait = field.value.replaceAll(';', ' ').trim();
            if (trait && !this.here.who.includes(trait)) this.tell({ type: 'meet', trait });
        });
        return [...picks, field];
    }

    /** @param {string} key @param {string} words @param {string} name */
    chip(key, words, name) {
        const button = document.createElement('button');
        button.type = 'button';
        button.className = 'btn btn-outline-secondary chip';
        button.dataset.chip = key;
        button.textContent = words;
        button.setAttribute('aria-label', name);
        button.setAttribute('aria-expanded', String(this.open === key));
        button.addEventListener('click', () => {
            this.open = this.open === key ? '' : key;
            this.show(this.here);
            this.focus(key);
        });
        return button;
    }

    /** The chips are drawn anew, and the focus stays; it brings the chip into sight. @param {string} key */
    focus(key) {
        /** @type {HTMLElement | null | undefined} */ (this.strip?.querySelector(`[data-chip="${key}"]`))?.focus();
    }

    /**
     * @param {string} words
     * @param {boolean} isNow
     * @param {{type: string, [more: string]: unknown} | null} event
     * @param {string} [opens]
     */
    button(words, isNow, event, opens = '') {
        const button = document.createElement('button');
        button.type = 'button';
        button.className = 'btn btn-outline-primary';
        button.textContent = words;
        button.setAttribute('aria-pressed', String(isNow));
        button.addEventListener('click', () => {
            const from = this.open;
            this.open = opens;
            if (event) this.tell(event);
            this.show(this.here);
            this.focus(from);
        });
        return button;
    }
}
