import { keyMap, listen } from '../session/keys.js';

/**
 * What an action that a key or a presenter's remote was given means without a plan: the same keys as in a session of one, as far as
 * there is something alike to press. The first button that is there.
 *
 * @type {Record<string, string[]>}
 */
const BUTTONS = {
    good: ['.free-first', '.free-thirds .btn-primary'],
    seen: ['[name="kind"][value="looked"]'],
    'outcome-returned': ['[name="kind"][value="looked_back"]', '[name="kind"][value="at_once"]'],
    'outcome-prompted': ['[name="kind"][value="late"]'],
    'outcome-not_returned': ['[name="kind"][value="unanswered"]', '[name="kind"][value="not"]'],
    stare: ['[data-stare]'],
    break: ['[name="what"][value="break"]'],
    leave: ['[name="kind"][value="left"]'],
    undo: ['[data-undo]'],
};

/** @param {HTMLElement} root */
export function mountFreeKeys(root) {
    /** @param {string} action @returns {HTMLElement | null} */
    const button = (action) =>
        (BUTTONS[action] ?? []).map((one) => /** @type {HTMLElement | null} */ (root.querySelector(one))).find((one) => one) ?? null;
    listen((action) => {
        const pressed = button(action);
        if (pressed && !pressed.hidden) pressed.click();
    });
    for (const [key, action] of Object.entries(keyMap())) {
        const named = button(action);
        if (!named || named.getAttribute('aria-keyshortcuts')) continue;
        named.setAttribute('aria-keyshortcuts', key);
        const shown = document.createElement('kbd');
        shown.className = 'free-key';
        shown.setAttribute('aria-hidden', 'true');
        shown.textContent = key;
        named.append(' ', shown);
    }
}
