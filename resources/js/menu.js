/** A menu closes when something else is wanted: a tap elsewhere, or Escape. @param {HTMLDetailsElement} menu */
export function mountMenu(menu) {
    document.addEventListener('click', (event) => {
        if (event.target instanceof Node && !menu.contains(event.target)) menu.open = false;
    });
    menu.addEventListener('keydown', (event) => {
        if (event.key !== 'Escape' || !menu.open) return;
        menu.open = false;
        menu.querySelector('summary')?.focus();
    });
}
