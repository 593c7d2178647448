/**
 * An exposure as a device is told it.
 *
 * @typedef {{values: Record<string, string | number>, distance: number | string | null, words: string, big?: string, detail?: string,
 *    manner?: string, aim?: string, play?: any}} Place
 */

/** Two distances that nobody could tell apart, as the core has it: a twentieth of a halving. */
const SAME_HALVINGS = 0.05;

/** A part by which two other measures may differ and be the same to a hand. */
const SAME_PART = 0.05;

/**
 * Where we are: step, distance and everything else in play, as somebody set it. It stays until somebody changes it; advice only
 * proposes the next one. No DOM here.
 */
export class Here {
    /** @param {Place[]} steps of the plan, easiest first */
    constructor(steps) {
        this.steps = steps;
        this.ofThePlan = new Set(steps.flatMap((step) => Object.keys(step.values)));
        /** @type {Place | null} */
        this.place = null;
        /** @type {Place | null} the step or advice it was set to last */
        this.base = null;
        /** @type {string[]} traits of who is met, by key or as typed: they stay until somebody changes them */
        this.who = [];
        /** what is asked of the dog: it stays too */
        this.asked = '';
    }

    /** @param {string} trait */
    meet(trait) {
        this.who = this.who.includes(trait) ? this.who.filter((one) => one !== trait) : [...this.who, trait];
    }

    /** Takes a place as it is told; what was noted beside the plan stays noted. @param {Place} place */
    put(place) {
        const noted = Object.entries(this.place?.values ?? {}).filter(([key]) => !this.ofThePlan.has(key));
        this.place = { ...place, values: { ...Object.fromEntries(noted), ...place.values } };
        const step = this.step();
        if (step) this.place = { ...this.place, manner: step.manner, play: place.play ?? step.play };
        this.base = this.place;
    }

    /** One thing is otherwise now. @param {string} key @param {string | number | null} value null for not noted */
    change(key, value) {
        if (!this.place) return;
        const values = { ...this.place.values };
        if (value === null) delete values[key];
        else values[key] = value;
        this.place = { ...this.place, values, aim: '', play: null };
        const step = this.step();
        if (step) this.place = { ...this.place, words: step.words, manner: step.manner, play: step.play };
    }

    /** @param {string} distance as typed, in the user's unit */
    walk(distance) {
        if (this.place) this.place = { ...this.place, distance: distance.trim().replace(',', '.'), aim: '' };
    }

    /**
     * Whether that is where we are: what it asks for is so here, whatever else was noted.
     * @param {Place | null} place
     * @returns {boolean}
     */
    isAt(place) {
        if (!place || !this.place) return false;
        const { values } = this.place;
        return (
            isSameDistance(this.place.distance, place.distance) &&
            Object.entries(place.values).every(([key, value]) => key === 'distance' || isSame(values[key], value))
        );
    }

    /** @returns {Place | undefined} the step that this is */
    step() {
        return this.steps[this.position()];
    }

    /** @returns {number} index of the step that this is; -1 for none */
    position() {
        return this.steps.findIndex((step) => this.isAt(step));
    }

    /**
     * What a trial here was aimed at: the advice where it is followed, the change or step that was taken, else this very place.
     * @param {Place | null} advised
     * @returns {string}
     */
    aim(advised) {
        if (advised && this.isAt(advised)) return advised.aim ?? '';
        const position = this.position();
        return this.place?.aim?.startsWith('alt:') ? this.place.aim : position < 0 ? 'here' : `step:${position}`;
    }

    /** @returns {{distance: string, exposure: Record<string, string | number>}} what a trial here is logged with */
    exposure() {
        const { distance: _, ...exposure } = this.place?.values ?? {};
        return { distance: String(this.place?.distance ?? ''), exposure };
    }
}

/** @param {string | number | null | undefined} one @param {string | number | null | undefined} other @returns {boolean} */
function isSameDistance(one, other) {
    if (one === null || other === null || one === undefined || other === undefined || one === '' || other === '') return !one === !other;
    const [a, b] = [Number(one), Number(other)];
    return Math.abs(a - b) < 0.06 || (a > 0 && b > 0 && Math.abs(Math.log2(a / b)) <= SAME_HALVINGS);
}

/** @param {string | number | undefined} one @param {string | number} other @returns {boolean} */
function isSame(one, other) {
    if (one === undefined) return false;
    if (Number.isNaN(Number(one)) || Number.isNaN(Number(other))) return one === other;
    return Math.abs(Number(one) - Number(other)) <= SAME_PART * Math.max(Math.abs(Number(one)), Math.abs(Number(other))) + 1e-6;
}
