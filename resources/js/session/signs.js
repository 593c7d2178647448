/**
 * Signs that stand on the face of the screen: the same box as in the list, by one tap.
 * @param {HTMLElement} root
 * @returns {() => void} shows them as they are ticked
 */
export function mountFaceSigns(root) {
    const buttons = /** @type {HTMLElement[]} */ ([...root.querySelectorAll('[data-sign]')]);
    const boxOf = (/** @type {HTMLElement} */ button) =>
        /** @type {HTMLInputElement | null} */ (document.getElementById(`qs-${button.dataset.sign}`));
    const show = () => {
        for (const button of buttons) button.setAttribute('aria-pressed', String(boxOf(button)?.checked ?? false));
    };
    for (const button of buttons)
        button.addEventListener('click', () => {
            const box = boxOf(button);
            if (box) box.checked = !box.checked;
            show();
        });
    root.querySelector('[data-details]')?.addEventListener('change', show);
    return show;
}

/** Signs are found by typing too: of all that are listed, those whose words hold what was typed. @param {HTMLElement} root */
export function mountSignFinder(root) {
    const field = root.querySelector('[data-find-sign]');
    if (!(field instanceof HTMLInputElement)) return;
    field.addEventListener('input', () => {
        const typed = field.value.trim().toLocaleLowerCase();
        for (const label of /** @type {NodeListOf<HTMLElement>} */ (root.querySelectorAll('[data-all-signs] .sign-picks label')))
            label.hidden = !(label.textContent ?? '').toLocaleLowerCase().includes(typed);
    });
}
