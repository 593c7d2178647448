/**
 * Reorders the steps of the plan builder by keys and by drag. Every way ends in the same edit that the buttons send.
 *
 * @param {HTMLElement} board
 */
export function mountLadder(board) {
    /** @type {number | null} */
    let dragged = null;
    for (const row of /** @type {NodeListOf<HTMLElement>} */ (board.querySelectorAll('.step-row'))) {
        const index = Number(row.dataset.index);
        row.addEventListener('keydown', (event) => {
            if (event.target !== row) return;
            const verb = edit(event);
            const button = verb && row.querySelector(`[data-verb="${verb}"]`);
            if (!(button instanceof HTMLElement)) return;
            event.preventDefault();
            focusAfterwards = verb === 'up' ? index - 1 : verb === 'down' ? index + 1 : index;
            button.click();
        });
        const handle = /** @type {HTMLElement} */ (row.querySelector('.step-number'));
        handle.draggable = true;
        handle.addEventListener('dragstart', (event) => {
            dragged = index;
            event.dataTransfer?.setData('text/plain', String(index));
        });
        row.addEventListener('dragover', (event) => {
            if (dragged === null || dragged === index) return;
            event.preventDefault();
            row.classList.add('drop-here');
        });
        row.addEventListener('dragleave', () => row.classList.remove('drop-here'));
        row.addEventListener('drop', (event) => {
            event.preventDefault();
            if (dragged !== null && dragged !== index) send(row, `move:${dragged}:${index}`);
            dragged = null;
        });
    }
    if (focusAfterwards !== null) {
        /** @type {HTMLElement | null} */ (board.querySelector(`.step-row[data-index="${focusAfterwards}"]`))?.focus();
    } else if (pressed) {
        const row = `.step-row[data-index="${movedTo(pressed.value)}"]`;
        const again = pressed.id ? `#${CSS.escape(pressed.id)}` : `[name="edit"][value="${CSS.escape(moved(pressed.value))}"]`;
        /** @type {HTMLElement | null} */ (board.querySelector(again) ?? board.querySelector(row))?.focus();
    }
    focusAfterwards = pressed = null;
    board.querySelector('#ladder-form')?.addEventListener('submit', (event) => {
        const by = /** @type {SubmitEvent} */ (event).submitter;
        pressed = by instanceof HTMLButtonElement ? { id: by.id, value: by.value } : null;
    });
    board.querySelector('#ladder-keep')?.addEventListener('submit', () => (isKeeping = true));
    removeEventListener('beforeunload', warn);
    // there is something to keep: leaving without it is asked about
    if (board.querySelector('[form="ladder-keep"]')) addEventListener('beforeunload', warn);
    // Enter in a field of the open step changes that step, not the first button of the form
    board.querySelector('.step-editor')?.addEventListener('keydown', (event) => {
        if (!(event instanceof KeyboardEvent) || event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return;
        event.preventDefault();
        /** @type {HTMLElement | null} */ (board.querySelector('[data-apply]'))?.click();
    });
}

/** @type {number | null} the row that was moved by keys keeps the focus */
let focusAfterwards = null;

/** @type {{id: string, value: string} | null} the button that was pressed keeps it too, once all is drawn anew */
let pressed = null;

let isKeeping = false;

/** @param {BeforeUnloadEvent} event */
function warn(event) {
    if (!isKeeping) event.preventDefault();
}

/** The step that an edit of a step leads to. @param {string} value "up:3" @returns {number} */
export function movedTo(value) {
    const [verb, index] = value.split(':');
    return Number(index) + ({ up: -1, down: 1 }[verb ?? ''] ?? 0);
}

/** The same edit, of the same step where it stands now. @param {string} value "up:3" @returns {string} "up:2" */
export function moved(value) {
    return value.includes(':') ? [value.split(':')[0], movedTo(value), ...value.split(':').slice(2)].join(':') : value;
}

/** @param {KeyboardEvent} event @returns {string | null} the verb of a button */
export function edit({ key, altKey, ctrlKey, metaKey }) {
    if (ctrlKey || metaKey) return null;
    if (altKey) return { ArrowUp: 'up', ArrowDown: 'down' }[key] ?? null;
    return { Enter: 'open', s: 'split', c: 'copy', Delete: 'skip' }[key] ?? null;
}

/** @param {HTMLElement} row @param {string} verb */
function send(row, verb) {
    const button = Object.assign(document.createElement('button'), { name: 'edit', value: verb, hidden: true });
    row.append(button);
    button.click();
}
