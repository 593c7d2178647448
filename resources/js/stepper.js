/**
 * The next distance one press nearer or farther: a tenth of it, in steps a person can judge.
 * @param {number} value
 * @param {-1 | 1} direction
 * @returns {number} at least 0.5
 */
export function stepped(value, direction) {
    const size = value >= 40 ? 5 : value >= 10 ? 1 : 0.5;
    const next = direction > 0 ? Math.floor(value / size + 1e-9) * size + size : Math.ceil(value / size - 1e-9) * size - size;
    return Math.max(0.5, Math.round(next * 10) / 10);
}

/** @param {Element} root element with one input and buttons marked data-step="-1" or "1" */
export function mountStepper(root) {
    const input = root.querySelector('input');
    if (!input) return;
    for (const button of root.querySelectorAll('button[data-step]')) {
        button.removeAttribute('hidden');
        button.addEventListener('click', () => {
            input.value = String(stepped(Number(input.value) || 0.5, button.getAttribute('data-step') === '1' ? 1 : -1));
            input.dispatchEvent(new Event('change', { bubbles: true }));
        });
    }
}
