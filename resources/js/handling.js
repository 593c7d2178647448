/** Marks on the drawing which part's details are open: the address names it. The details themselves need no script. */
export function mountHandling() {
    const mark = () => {
        const id = decodeURIComponent(location.hash.slice(1));
        for (const link of document.querySelectorAll('[data-area]')) {
            if (link.getAttribute('data-area') === id) link.setAttribute('aria-current', 'true');
            else link.removeAttribute('aria-current');
        }
        document.getElementById(id)?.focus({ preventScroll: true });
    };
    if (!document.querySelector('[data-areas]')) return;
    addEventListener('hashchange', mark);
    mark();
}
