/** Menus close when something else is wanted: a tap elsewhere, or Escape. @param {ParentNode} page */
export function mountMenus(page) {
    for (const menu of page.querySelectorAll('[data-menu]')) {
        if (!(menu instanceof HTMLDetailsElement)) continue;
        document.addEventListener('click', (event) => {
            if (event.target instanceof Node && !menu.contains(event.target)) menu.open = false;
        });
        menu.addEventListener('keydown', (event) => {
            if (event.key !== 'Escape' || !menu.open) return;
            menu.open = false;
            menu.querySelector('summary')?.focus();
        });
    }
}
