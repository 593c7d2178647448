/** @typedef {{about: 'band' | 'food' | 'came' | 'gone', trial: string, band?: number, pieces?: number}} Question */

/**
 * What a trial leaves open, or null: a grade much milder than the signs that were ticked. Nothing is rewritten; it is asked once.
 *
 * @param {{uuid: string, band: number, proposed?: number, signs?: string[]} | undefined} trial as the server has it
 * @param {string[]} alarm signs that no easy trial has
 * @returns {Question | null}
 */
export function openQuestion(trial, alarm) {
    // what food alone says is asked about by itself
    if (!trial?.signs?.length || trial.proposed === undefined) return null;
    const isAlarm = trial.band <= 1 && trial.signs.some((sign) => alarm.includes(sign));
    if (trial.proposed - trial.band < 2 && !isAlarm) return null;
    return { about: 'band', trial: trial.uuid, band: Math.max(trial.proposed, isAlarm ? 3 : 0) };
}
