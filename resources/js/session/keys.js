import { say } from '../words.js';

/** Actions that a key may be given to, with the key they come with. */
export const ACTIONS = /** @type {const} */ ([
    ['band-0', '0'],
    ['band-1', '1'],
    ['band-2', '2'],
    ['band-3', '3'],
    ['band-4', '4'],
    ['outcome-returned', 'r'],
    ['outcome-watched', 'w'],
    ['outcome-prompted', 'p'],
    ['outcome-not_returned', 'n'],
    ['mark', 'm'],
    ['undo', 'u'],
    ['break', 'b'],
    ['go', 'e'],
    ['nearer', 'ArrowDown'],
    ['farther', 'ArrowUp'],
    ['leave', 'l'],
    ['seen', 'c'],
    ['countdown', 't'],
    ['stare', 's'],
    ['batch', 'g'],
    ['voice', 'v'],
    ['keys', '?'],
    ['good', 'a'],
    ['doubt', 'd'],
    ['froze', 'f'],
    ['offer', 'o'],
    ['hold', 'h'],
    ['play', 'y'],
    ['toss', 'x'],
]);

const KEPT = 'wheatear-keys';

/** @returns {Record<string, string>} key by action, as this user assigned them; what cannot be read is forgotten */
function assigned() {
    try {
        return JSON.parse(localStorage.getItem(KEPT) ?? '{}');
    } catch {
        return {};
    }
}

/** @returns {Record<string, string>} action by key */
export function keyMap() {
    return merged(assigned());
}

/** @param {Record<string, string>} own key by action @returns {Record<string, string>} action by key; an own key wins over a default */
export function merged(own) {
    /** @type {Record<string, string>} */
    const map = {};
    for (const [action, key] of ACTIONS) if (!(action in own)) map[key] = action;
    for (const [action, key] of Object.entries(own)) map[key] = action;
    return map;
}

/** @param {string} action @param {string} key */
export function assign(action, key) {
    const own = assigned();
    for (const other of Object.keys(own)) if (own[other] === key) delete own[other];
    own[action] = key;
    localStorage.setItem(KEPT, JSON.stringify(own));
}

/**
 * Presses become actions; typing in a field stays typing.
 * @param {(action: string) => void} act
 */
export function listen(act) {
    let map = keyMap();
    document.addEventListener('keydown', (event) => {
        const { target } = event;
        if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
        if (
            target instanceof HTMLTextAreaElement ||
            target instanceof HTMLSelectElement ||
            (target instanceof HTMLInputElement && !['radio', 'checkbox'].includes(target.type))
        )
            return;
        // arrows move among radio buttons
        if (target instanceof HTMLInputElement && target.type === 'radio' && event.key.startsWith('Arrow')) return;
        const open = document.querySelector('dialog[open]');
        const action = map[event.key];
        if (!action || open) return;
        event.preventDefault();
        act(action);
    });
    return {
        reload: () => {
            map = keyMap();
        },
    };
}

/**
 * A dialog with a button for each action; the next press after it becomes its key.
 * @param {HTMLDialogElement} dialog
 * @param {() => void} changed
 * @returns {() => void} opens it; its rows are written only then, since few ever look at it
 */
export function mountKeys(dialog, changed) {
    const rows = dialog.querySelector('[data-keys-rows]');
    const fill = () => {
        const keyOf = Object.fromEntries(Object.entries(keyMap()).map(([key, action]) => [action, key]));
        rows?.replaceChildren(
            ...ACTIONS.map(([action]) => {
                const words = say(`keys.${action}`);
                const key = keyOf[action] ?? say('key_none');
                const row = document.createElement('tr');
                const name = document.createElement('th');
                name.scope = 'row';
                name.textContent = words;
                const cell = document.createElement('td');
                const button = document.createElement('button');
                button.type = 'button';
                button.className = 'btn btn-outline-primary';
                button.textContent = key;
                button.setAttribute('aria-label', say('key_change', { action: words, key }));
                button.addEventListener('click', () => {
                    button.textContent = say('key_press');
                    dialog.addEventListener(
                        'keydown',
                        (event) => {
                            event.preventDefault();
                            event.stopPropagation();
                            if (event.key !== 'Escape') assign(action, event.key);
                            changed();
                            fill();
                        },
                        { once: true, capture: true },
                    );
                });
                cell.append(button);
                row.append(name, cell);
                return row;
            }),
        );
    };
    dialog.querySelector('[data-keys-close]')?.addEventListener('click', () => dialog.close());
    return () => {
        fill();
        dialog.showModal();
    };
}
