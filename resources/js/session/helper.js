import { jsonRequest } from '../device/json-request.js';

const EVERY = 2000;

/** The words to a helper, from the session's own screen. @param {HTMLElement} box */
export function mountHelper(box) {
    const told = /** @type {HTMLElement | null} */ (box.querySelector('[data-helper-told]'));
    const path = box.dataset.helper ?? '';
    /** @param {RequestInit} [how] */
    const ask = async (how) => {
        const answer = await fetch(path, { headers: { Accept: 'application/json' }, ...how }).catch(() => null);
        const now = answer?.ok ? await answer.json() : null;
        for (const button of box.querySelectorAll('[data-helper-word]'))
            button.setAttribute('aria-pressed', String(now?.word === /** @type {HTMLElement} */ (button).dataset.helperWord));
        const words = (now?.isThere ? box.dataset.there : box.dataset.notThere) ?? '';
        if (told && told.textContent !== words) told.textContent = words;
        const passes = box.querySelector('[data-helper-passes]');
        if (passes && now) passes.textContent = String(now.passes);
    };
    for (const button of box.querySelectorAll('[data-helper-word]'))
        button.addEventListener(
            'click',
            () => void ask(jsonRequest('PUT', { word: /** @type {HTMLElement} */ (button).dataset.helperWord })),
        );
    setInterval(() => !document.hidden && void ask(), EVERY);
    void ask();
}
