/** @typedef {import('../../../var/contract/session-state.js').Place} Place */

/**
 * Where we are: step, distance and everything else in play, as somebody set it. It stays until somebody changes it; advice only
 * proposes the next one.
 *
 * @typedef {object} Here
 * @property {Place[]} steps of the plan, easiest first
 * @property {Place | null} place
 * @property {Place | null} base the step or advice it was set to last
 * @property {string[]} who traits of who is met, by key or as typed: they stay until somebody changes them
 * @property {string} asked what is asked of the dog: it stays too
 */

/** Two distances that nobody could tell apart, as the core has it: a twentieth of a halving. */
const SAME_HALVINGS = 0.05;

/** A part by which two other measures may differ and be the same to a hand. */
const SAME_PART = 0.05;

/** @param {Place[]} steps @returns {Here} */
export const nowhere = (steps) => ({ steps, place: null, base: null, who: [], asked: '' });

/** @param {Here} here @param {string} trait met now, or no more @returns {Here} */
export function meet(here, trait) {
    return { ...here, who: here.who.includes(trait) ? here.who.filter((one) => one !== trait) : [...here.who, trait] };
}

/** Takes a place as it is told; what was noted beside the plan stays noted. @param {Here} here @param {Place} place @returns {Here} */
export function put(here, place) {
    const ofThePlan = new Set(here.steps.flatMap((step) => Object.keys(step.values)));
    const noted = Object.entries(here.place?.values ?? {}).filter(([key]) => !ofThePlan.has(key));
    let at = { ...place, values: { ...Object.fromEntries(noted), ...place.values } };
    const step = here.steps[position({ ...here, place: at })];
    if (step) at = { ...at, manner: step.manner, play: place.play ?? step.play };
    return { ...here, place: at, base: at };
}

/**
 * One thing is otherwise now.
 * @param {Here} here @param {string} key @param {string | number | null} value null for not noted
 * @returns {Here}
 */
export function change(here, key, value) {
    if (!here.place) return here;
    const values = { ...here.place.values };
    if (value === null) delete values[key];
    else values[key] = value;
    /** @type {Place} */
    let place = { ...here.place, values, aim: '', play: null };
    const step = here.steps[position({ ...here, place })];
    if (step) place = { ...place, words: step.words, manner: step.manner, play: step.play ?? null };
    return { ...here, place };
}

/** @param {Here} here @param {string} distance as typed, in the user's unit @returns {Here} */
export function walk(here, distance) {
    return here.place ? { ...here, place: { ...here.place, distance: distance.trim().replace(',', '.'), aim: '' } } : here;
}

/** One step of the plan easier or harder than where we are. @param {Here} here @param {-1 | 1} by @returns {Here} */
export function step(here, by) {
    const at = position(here);
    const next = here.steps[at < 0 ? 0 : at + by];
    return next ? put(here, next) : here;
}

/**
 * Whether that is where we are: what it asks for is so here, whatever else was noted.
 * @param {Here} here @param {Place | null} place
 * @returns {boolean}
 */
export function isAt(here, place) {
    if (!place || !here.place) return false;
    const { values, distance } = here.place;
    return (
        isSameDistance(distance, place.distance) &&
        Object.entries(place.values).every(([key, value]) => key === 'distance' || isSame(values[key], value))
    );
}

/** @param {Here} here @returns {number} index of the step that this is; -1 for none */
export function position(here) {
    return here.steps.findIndex((one) => isAt(here, one));
}

/**
 * What a trial here was aimed at: the advice where it is followed, the change or step that was taken, else this very place.
 * @param {Here} here @param {Place | null} advised
 * @returns {string}
 */
export function aim(here, advised) {
    if (advised && isAt(here, advised)) return advised.aim ?? '';
    const at = position(here);
    return here.place?.aim?.startsWith('alt:') ? here.place.aim : at < 0 ? 'here' : `step:${at}`;
}

/** @param {Here} here @returns {{distance: string, exposure: Record<string, string | number>}} what a trial here is logged with */
export function exposure(here) {
    const { distance: _, ...rest } = here.place?.values ?? {};
    return { distance: String(here.place?.distance ?? ''), exposure: rest };
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
