/** Milliseconds that the rate looks back. */
const WINDOW = 60_000;
/** A rate from less than this is noise. */
const MIN = 10_000;

/**
 * Repetitions a minute over the last minute, or over what there is of it; null while there is too little to tell.
 * @param {number[]} times milliseconds since 1970, in any order
 * @param {number} now
 * @returns {number | null}
 */
export function ratePerMinute(times, now) {
    const recent = times.filter((time) => time > now - WINDOW && time <= now);
    if (recent.length < 2) return null;
    const since = times.length > recent.length ? WINDOW : now - Math.min(...recent);
    // the first repetition opens the span, so it is counted only where the span began before it
    const counted = times.length > recent.length ? recent.length : recent.length - 1;
    return since < MIN ? null : Math.round((counted * WINDOW) / since);
}

/**
 * Half of the values lie on either side.
 * @param {number[]} values
 * @returns {number | null}
 */
export function median(values) {
    if (values.length === 0) return null;
    const sorted = [...values].sort((a, b) => a - b);
    const middle = sorted.length >> 1;
    return sorted.length % 2 === 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
}
