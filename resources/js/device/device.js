/** @returns {string} a UUID that names this browser from now on */
export function deviceId() {
    const known = localStorage.getItem('wheatear-device');
    if (known) return known;
    const made = crypto.randomUUID();
    localStorage.setItem('wheatear-device', made);
    return made;
}

/** The pages of open sessions answer without a network from now on. */
export function keepPagesForOffline() {
    if ('serviceWorker' in navigator) navigator.serviceWorker.register('/sw.js').catch(() => undefined);
    // asked for, not promised: a browser short of space clears other sites first
    navigator.storage?.persist?.().catch(() => undefined);
}

/** Forgets kept pages when somebody signs out; what waits to be sent stays. */
export function forgetPages() {
    return 'caches' in globalThis ? caches.delete('wheatear-pages') : Promise.resolve(false);
}
