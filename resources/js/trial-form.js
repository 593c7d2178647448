const RETRY_SECONDS = [1, 2, 4, 8, 15, 30];

/**
 * How long to wait before the next try.
 * @param {number} tries made so far, from 1
 * @returns {number} seconds
 */
export function retryDelay(tries) {
    return RETRY_SECONDS[Math.min(tries, RETRY_SECONDS.length) - 1] ?? 1;
}

/**
 * Whether sending again may help: no answer, or a server that is down or busy. Anything else is an answer.
 * @param {number} status of the response, 0 for none
 */
export function mayRetry(status) {
    return status === 0 || status === 429 || status >= 500;
}

/**
 * Gives each trial an identifier and a time of this device, and sends it again until it is answered. The form stays as
 * it is meanwhile, so nothing typed is lost; the server takes the same identifier only once.
 * @param {Element} element
 * @param {{trigger: (element: Element, event: string) => void}} htmx
 */
export function mountTrialForm(element, htmx) {
    if (!(element instanceof HTMLFormElement)) return;
    const form = element;
    const status = form.querySelector('[data-send-status]');
    let tries = 0;
    /** @type {ReturnType<typeof setTimeout> | undefined} */
    let timer;

    setField(form, 'uuid', crypto.randomUUID());
    form.addEventListener('htmx:configRequest', (event) => {
        const { parameters } = /** @type {CustomEvent} */ (event).detail;
        // the time of the first try: a retry is still the same trial
        if (!fieldValue(form, 'device_at')) setField(form, 'device_at', String(Date.now()));
        parameters.set?.('device_at', fieldValue(form, 'device_at'));
        parameters.set?.('sent_at', String(Date.now()));
        parameters.set?.('uuid', fieldValue(form, 'uuid'));
    });
    // an edit after a failed try makes it another trial
    form.addEventListener('change', () => {
        clearTimeout(timer);
        if (tries > 0 && status) status.textContent = 'Not saved yet. Press "Log trial".';
    });
    form.addEventListener('htmx:afterRequest', (event) => {
        const { xhr, successful } = /** @type {CustomEvent} */ (event).detail;
        if (successful || !mayRetry(xhr?.status ?? 0)) {
            if (!successful && status && xhr.status !== 422) status.textContent = `Not saved (${xhr.status}). ${explain(xhr.status)}`;
            return;
        }
        tries += 1;
        const seconds = retryDelay(tries);
        if (status) status.textContent = `Not saved yet: no connection to the server. Trying again in ${seconds} s; leave this page open.`;
        timer = setTimeout(() => htmx.trigger(form, 'submit'), seconds * 1000);
    });
}

/** @param {number} status */
function explain(status) {
    if (status === 401 || status === 419) return 'Sign in again in another tab, then press "Log trial" here.';
    if (status === 409) return 'This trial is already logged with other content. Reload the page.';
    return 'Reload the page and try again.';
}

/** @param {HTMLFormElement} form @param {string} name @returns {string} */
function fieldValue(form, name) {
    const field = form.elements.namedItem(name);
    return field instanceof HTMLInputElement ? field.value : '';
}

/** @param {HTMLFormElement} form @param {string} name @param {string} value */
function setField(form, name, value) {
    const field = form.elements.namedItem(name);
    if (field instanceof HTMLInputElement) field.value = value;
}
