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

/**
 * Pages that were kept for somebody else are forgotten: a sign-in that expired, or was ended from elsewhere, has signed nobody out here.
 *
 * @param {number} user who is signed in now
 */
export async function forgetPagesOfOthers(user) {
    const before = localStorage.getItem('wheatear-kept-for');
    if (before === String(user)) return;
    localStorage.setItem('wheatear-kept-for', String(user));
    await forgetPages();
    // this one was kept on its way here
    if ('caches' in globalThis && /^\/(free-)?sessions\/\d+$/.test(location.pathname))
        await (await caches.open('wheatear-pages')).add(location.href).catch(() => undefined);
}
