import { say } from '../words.js';

/** @typedef {import('./view.js').View} View */
/** @typedef {{about: 'band' | 'food' | 'came', trial: string, band?: number}} Question */

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

/** One question at a time, in place, with two answers; it goes when it is answered or the next trial is logged. */
export class Ask {
    /** @param {HTMLElement} root @param {View} view @param {(question: Question, isYes: boolean) => void} answered */
    constructor(root, view, answered) {
        this.view = view;
        this.answered = answered;
        /** @type {Question | null} */
        this.question = null;
        /** @type {Set<string>} trials that were asked about */
        this.asked = new Set();
        for (const button of root.querySelectorAll('[data-answer]'))
            button.addEventListener('click', () => this.answer(button.getAttribute('data-answer') === 'yes'));
    }

    /** @param {Question | null} question */
    put(question) {
        if (!question || this.question || this.asked.has(`${question.about} ${question.trial}`)) return;
        this.question = question;
        this.show();
    }

    drop() {
        this.question = null;
        this.show();
    }

    /** @param {boolean} isYes */
    answer(isYes) {
        const { question } = this;
        if (!question) return;
        this.asked.add(`${question.about} ${question.trial}`);
        this.drop();
        this.answered(question, isYes);
    }

    show() {
        for (const box of this.view.all('ask')) box.hidden = this.question === null;
        if (!this.question) return;
        const { about, band } = this.question;
        const facts = { band: say(`bands.${band ?? 0}`) };
        this.view.put('ask-words', say(`ask.${about}`, facts));
        this.view.put('ask-yes', say(`ask.${about}_yes`, facts));
        this.view.put('ask-no', say(`ask.${about}_no`, facts));
    }
}
