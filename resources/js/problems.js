/** @param {string} field as errors name it, "steps.0.do" @returns {string} as a form does, "steps[0][do]" */
export function inputName(field) {
    const [first, ...rest] = field.split('.');
    return [first, ...rest.map((part) => `[${part}]`)].join('');
}

/** Each problem leads to its field, wherever that is folded away; the first one has the focus. @param {ParentNode} page */
export function mountProblems(page) {
    let isFirst = true;
    for (const problem of /** @type {NodeListOf<HTMLElement>} */ (page.querySelectorAll('[data-problem]'))) {
        const name = CSS.escape(inputName(problem.dataset.problem ?? ''));
        const field = page.querySelector(`[name="${name}"]:not([type="hidden"]), [name="${name}[]"]:not([type="hidden"])`);
        if (!(field instanceof HTMLElement) || field.id === '') continue;
        const link = Object.assign(document.createElement('a'), { href: `#${field.id}`, textContent: problem.textContent ?? '' });
        const go = () => {
            for (let fold = field.closest('details'); fold; fold = fold.parentElement?.closest('details') ?? null) fold.open = true;
            field.focus();
        };
        link.addEventListener('click', (event) => {
            event.preventDefault();
            go();
        });
        problem.replaceChildren(link);
        if (isFirst) go();
        isFirst = false;
    }
}
