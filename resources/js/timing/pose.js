/**
 * How the drawn dog stands at a moment, from what it does. Nothing here touches the page.
 *
 * @typedef {{act: string, comes: number, from: number, until: number, wants: string | null, amount: number}} Episode
 * @typedef {{reach: number, head: number, jaw: number, tongue: boolean, pupil: number, paw: number, lid: boolean, low: number,
 *    ball: number, isTight: boolean, near: number}} Pose reach and the like from 0 to 1; head in degrees, up under 0; pupil −1 away,
 *    1 to the hand, 2 at you
 */

/** @type {Pose} */
const STILL = { reach: 0, head: 0, jaw: 0, tongue: false, pupil: 1, paw: 0, lid: false, low: 0, ball: -1, isTight: false, near: 0 };

/** Milliseconds in which a part comes back. */
const BACK = 260;

/** How far each comes before it is there. @type {Record<string,
    (share: number, is: 'comes' | 'on' | 'back', episode: Episode) => Partial<Pose>>} */
const ACTS = {
    crossing: (share, is) => ({ ball: is === 'comes' ? 0.62 * share : is === 'on' ? 0.62 + 0.06 * share : 0.68 + 0.32 * share }),
    palm: (share, is) => ({ reach: is === 'comes' ? 0.97 * share : is === 'on' ? 1 : 1 - share }),
    half_touch: (share, is) => ({ reach: is === 'comes' ? 0.6 * share : is === 'on' ? 0.6 : 0.6 * (1 - share) }),
    false_start: (share, is) => ({
        reach: is === 'comes' ? 0.4 * share : is === 'on' ? 0.4 * (1 - share) : 0,
        ball: is === 'comes' ? 0.5 * share : is === 'on' ? 0.5 : 0.5 - 0.5 * share,
    }),
    eye_contact: (share, is) => (is === 'on' ? { pupil: 2, head: -8 } : { pupil: 1, head: is === 'comes' ? -8 * share : -8 * (1 - share) }),
    lick: (share, is, { amount }) => ({
        jaw: is === 'comes' ? 0.3 * share : is === 'on' ? 0.3 : 0.3 * (1 - share),
        tongue: is === 'on',
        head: is === 'on' ? -24 * amount * Math.sin(Math.PI * share) : 0,
    }),
    bob: (share, is) => ({ head: is === 'on' ? -26 * Math.sin(Math.PI * share) : 0 }),
    yawn: (share, is) => ({
        jaw: is === 'comes' ? 0.3 * share : is === 'on' ? Math.max(0.3, Math.sin(Math.PI * share)) : 0.3 * (1 - share),
        lid: is === 'on',
    }),
    sniff: (share, is) => ({ head: is === 'on' ? 34 * Math.min(1, 4 * share, 4 * (1 - share)) : 0 }),
    mouth_open: (share, is) => ({ jaw: is === 'comes' ? 0.3 * share : is === 'on' ? 0.6 : 0.3 * (1 - share) }),
    look: (share, is) => ({ pupil: is === 'on' ? -1 : 1, head: is === 'comes' ? -12 * share : is === 'on' ? -12 : -12 * (1 - share) }),
    turn: (share, is) => ({ pupil: is === 'on' ? 2 : 1, head: is === 'on' ? 10 : is === 'comes' ? 10 * share : 10 * (1 - share) }),
    wrong_guess: (share, is) => ({ paw: is === 'on' ? Math.sin(Math.PI * share) : 0 }),
    settled: (share, is) => ({ low: 1, lid: is === 'on' }),
    stirring: (share, is) => ({
        low: 1 - (is === 'on' ? 0.6 * Math.sin(Math.PI * share) : 0),
        head: is === 'on' ? -18 * Math.sin(Math.PI * share) : 0,
    }),
    tight_leash: (share, is) => ({ isTight: is === 'on' }),
    nearing: (share, is) => ({ near: is === 'on' ? Math.min(1, 2 * share) : is === 'back' ? 1 - share : 0 }),
};

/**
 * @param {Episode[]} episodes
 * @param {number} at milliseconds from the start
 * @param {string} drill
 * @returns {Pose}
 */
export function pose(episodes, at, drill) {
    const found = { ...STILL, low: drill === 'settling' ? 1 : 0 };
    for (const episode of episodes) {
        const { act, comes, from, until } = episode;
        const draw = ACTS[act];
        if (!draw || at < comes || at > until + BACK) continue;
        const [share, is] =
            at < from
                ? [(at - comes) / (from - comes || 1), 'comes']
                : at <= until
                  ? [(at - from) / (until - from), 'on']
                  : [(at - until) / BACK, 'back'];
        Object.assign(found, draw(Number(share), /** @type {'comes' | 'on' | 'back'} */ (is), episode));
    }
    return found;
}
