import { say } from '../words.js';

/**
 * What to do without the server: a cautious rule on what it had worked out beforehand. It repeats, eases or ends; it never
 * advances.
 *
 * @typedef {{band: number, outcome: string}} Seen
 * @typedef {import('../../../var/contract/session-state.js').SessionState} SessionState
 * @typedef {import('../../../var/contract/session-state.js').Place} Place
 * @typedef {{action: string, label: string, next: Place | null, reason: string}} Fallback
 *
 * @param {SessionState} state as the server sent it last
 * @param {Seen[]} since trials logged since then, oldest first
 * @param {Place | null} here where we are
 * @returns {Fallback}
 */
export function fallback(state, since, here) {
    /** @type {Place[]} */
    const places = [...(state.advice.next && here ? [here] : []), ...state.easier];
    let at = 0;
    let action = state.advice.next ? 'repeat' : state.advice.action;
    let optOuts = 0;
    let efforts = 0;
    for (const trial of since) {
        optOuts = trial.outcome === 'left' ? optOuts + 1 : 0;
        efforts = trial.band === 2 ? efforts + 1 : 0;
        if (trial.band === 4) return told('break', null, 'reacted');
        if (trial.band === 3 || optOuts === 2 || efforts === 2 || trial.outcome === 'refused_food') {
            at += 1;
            efforts = 0;
            action = 'ease';
        } else {
            action = 'repeat';
        }
    }
    if (state.count + since.length >= state.mostTrials) return told('end_well', null, 'as_planned');
    const place = places[at];
    if (!place) return told('end_well', null, 'nothing_easier');
    return told(action, place, action === 'ease' ? 'easier' : 'again');
}

/** @param {string} action @param {Place | null} next @param {string} why @returns {Fallback} */
function told(action, next, why) {
    const label = ['repeat', 'ease', 'break'].includes(action) ? action : 'end_well';
    return { action, label: say(`fallback.${label}`), next, reason: say(`fallback.${why}`) };
}
