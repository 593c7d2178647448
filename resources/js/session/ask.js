import { say } from '../words.js';

/** @typedef {import('./view.js').View} View */

/** One question at a time, in place, with two answers. @param {View} view @param {import('./question.js').Question | null} question */
export function showQuestion(view, question) {
    for (const box of view.all('ask')) box.hidden = question === null;
    if (!question) return;
    const { about, band, pieces } = question;
    const facts = { band: say(`bands.${band ?? 0}`), pieces: pieces ?? 0 };
    view.put('ask-words', say(`ask.${about}`, facts));
    view.put('ask-yes', say(`ask.${about}_yes`, facts));
    view.put('ask-no', say(`ask.${about}_no`, facts));
}
