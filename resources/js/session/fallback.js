/**
 * What to do without the server: a cautious rule on what it had worked out beforehand. It repeats, eases or ends; it never
 * advances.
 *
 * @typedef {{band: number, outcome: string}} Seen
 * @typedef {{aim: string, words: string, big: string, distance: number | null}} Place
 * @typedef {{action: string, label: string, next: Place | null, reason: string}} Fallback
 *
 * @param {any} state as the server sent it last
 * @param {Seen[]} since trials logged since then, oldest first
 * @returns {Fallback}
 */
export function fallback(state, since) {
    /** @type {Place[]} */
    const places = [...(state.advice.next ? [{ ...state.advice.next, aim: state.advice.aim }] : []), ...state.easier];
    let at = 0;
    let action = state.advice.next ? 'repeat' : state.advice.action;
    let optOuts = 0;
    let efforts = 0;
    for (const trial of since) {
        optOuts = trial.outcome === 'left' ? optOuts + 1 : 0;
        efforts = trial.band === 2 ? efforts + 1 : 0;
        if (trial.band === 4) return told('break', null, 'It reacted: away, out of sight. Nothing more until it eats and does a known cue; then go home.');
        if (trial.band === 3 || optOuts === 2 || efforts === 2 || trial.outcome === 'refused_food') {
            at += 1;
            efforts = 0;
            action = 'ease';
        } else {
            action = 'repeat';
        }
    }
    if (state.count + since.length >= state.mostTrials) return told('end_well', null, 'As many trials as planned: end on a success.');
    const place = places[at];
    if (!place) return told('end_well', null, 'Nothing easier was worked out beforehand: end here, well paid.');
    return told(action, place, action === 'ease' ? 'Easier, after that.' : 'Once more here.');
}

/** @param {string} action @param {Place | null} next @param {string} reason @returns {Fallback} */
function told(action, next, reason) {
    const labels = { repeat: 'Once more here', ease: 'Make it easier', break: 'Break', end_well: 'End well' };
    return { action, label: labels[/** @type {keyof typeof labels} */ (action)] ?? 'End well', next, reason };
}
