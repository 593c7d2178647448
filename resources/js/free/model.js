/** @typedef {import('../device/store.js').Entry} Entry */

/**
 * Counts as they stand with what this device has not handed over yet: taps add one, a tap taken back takes one away.
 * @param {Record<string, number>} known as the server has them
 * @param {Entry[]} waiting in the order they were made
 * @returns {Record<string, number>}
 */
export function countsNow(known, waiting) {
    const counts = { ...known };
    for (const { kind, data } of waiting) {
        const of = String(data?.kind ?? '');
        if (kind === 'seen') counts[of] = (counts[of] ?? 0) + 1;
        else if (data?.isOut) counts[of] = Math.max(0, (counts[of] ?? 0) - 1);
    }
    return counts;
}

/**
 * The last tap that counts, which one tap takes back.
 * @param {{uuid: string, kind: string}[]} latest as the server has them, newest first
 * @param {Entry[]} waiting
 * @returns {{uuid: string, kind: string} | null}
 */
export function lastTap(latest, waiting) {
    const out = new Set(waiting.filter(({ kind, data }) => kind === 'put_right' && data?.isOut).map((entry) => entry.of));
    const made = waiting.filter(({ kind }) => kind === 'seen').map(({ uuid, data }) => ({ uuid, kind: String(data?.kind) }));
    return [...made.reverse(), ...latest].find(({ uuid }) => !out.has(uuid)) ?? null;
}

/**
 * The last band of each part of the body, as "ear left"; one that is being taken back stays until the server has said what was before.
 * @param {Record<string, number>} known as the server has them
 * @param {Entry[]} waiting
 * @returns {Record<string, number>}
 */
export function partsNow(known, waiting) {
    const parts = { ...known };
    /** @type {Record<string, string>} */
    const named = {};
    for (const { uuid, kind, data, of } of waiting) {
        if (kind === 'seen' && data?.kind === 'part') {
            named[uuid] = `${data.what} ${data.side}`;
            parts[named[uuid]] = Number(data.band);
        }
        if (kind === 'put_right' && data?.band !== undefined && of && named[of]) parts[named[of]] = Number(data.band);
    }
    return parts;
}
