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
