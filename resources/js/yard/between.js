/**
 * A moment between two frames, so that a tenth of a second does not show.
 *
 * @typedef {{at: number, along: number, stand: number, posture: Record<string, number>, away: boolean, back: boolean, over: boolean,
 *    answered: boolean, ate: boolean}} Frame
 *
 * @param {Frame[]} frames in their order
 * @param {number} at milliseconds
 * @returns {Frame | null} null where nothing is known yet
 */
export function between(frames, at) {
    const next = frames.findIndex((frame) => frame.at >= at);
    if (next < 0) return frames[frames.length - 1] ?? null;
    const after = frames[next];
    const before = frames[next - 1];
    if (!after) return null;
    if (!before) return after;
    const share = (at - before.at) / (after.at - before.at || 1);
    const mix = (/** @type {number} */ one, /** @type {number} */ other) => one + (other - one) * share;
    return {
        ...before,
        at,
        along: after.along < before.along ? before.along : mix(before.along, after.along),
        stand: mix(before.stand, after.stand),
        posture: Object.fromEntries(
            Object.entries(after.posture).map(([part, value]) => [part, mix(before.posture[part] ?? value, value)]),
        ),
    };
}

/** What is known,
    with what has just come: later words about a moment count. @param {Frame[]} known @param {Frame[]} told @returns {Frame[]} */
export function joined(known, told) {
    const from = told[0]?.at ?? Number.POSITIVE_INFINITY;
    return [...known.filter((frame) => frame.at < from).slice(-20), ...told];
}
