// Keeps pages of sessions and the application's own files, so that an open session survives a reload without a network.
const PAGES = 'wheatear-pages';
// pages of homes that need no sign-in: they stay when somebody else signs out on this device
const HOMES = 'wheatear-homes';
const FILES = 'wheatear-files-1';

const worker = /** @type {ServiceWorkerGlobalScope} */ (/** @type {unknown} */ (self));

worker.addEventListener('install', () => void worker.skipWaiting());
worker.addEventListener('activate', (event) => event.waitUntil(worker.clients.claim()));

worker.addEventListener('fetch', (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (request.method !== 'GET' || url.origin !== location.origin) return;
    if (request.mode === 'navigate' && /^\/((free-)?sessions\/\d+|dogs\/\d+\/home)$/.test(url.pathname))
        event.respondWith(page(request, PAGES));
    else if (request.mode === 'navigate' && /^\/home\/[^/]+$/.test(url.pathname)) event.respondWith(page(request, HOMES));
    else if (url.pathname.startsWith('/build/') || url.pathname.startsWith('/sounds/') || url.pathname === '/favicon.svg')
        event.respondWith(file(request));
});

/**
 * The page from the server; the kept one when there is no answer, or none worth showing.
 *
 * @param {Request} request
 * @param {string} name of the cache it is kept in
 */
async function page(request, name) {
    const cache = await caches.open(name);
    try {
        const answer = await fetch(request);
        if (answer.ok && !answer.redirected) await cache.put(request.url, answer.clone());
        // closed for good
        if (answer.status === 410) await cache.delete(request.url, { ignoreSearch: true });
        return answer.status >= 500 ? ((await cache.match(request.url)) ?? answer) : answer;
    } catch (problem) {
        const kept =
            (await cache.match(request.url)) ?? (name === HOMES ? await cache.match(request.url, { ignoreSearch: true }) : undefined);
        if (kept) return kept;
        throw problem;
    }
}

/**
 * Built files carry their content's hash in their name, and a recording never changes: a kept one is always right.
 *
 * @param {Request} request
 */
async function file(request) {
    const cache = await caches.open(FILES);
    const kept = await cache.match(request);
    if (kept) return kept;
    const answer = await fetch(request);
    if (answer.ok) {
        await cache.put(request, answer.clone());
        if (new URL(request.url).pathname.startsWith('/build/')) void dropOldBuilds(cache);
    }
    return answer;
}

/**
 * A built file that came anew belongs to another build: the files of older ones are let go of, once no kept page needs them.
 *
 * @param {Cache} cache
 */
async function dropOldBuilds(cache) {
    const answer = await fetch('/build/manifest.json', { cache: 'no-store' });
    if (!answer.ok) return;
    const built = await answer.text();
    const name = (/** @type {Request} */ kept) => new URL(kept.url).pathname.replace(/^\/build\//, '');
    // fonts are named in the styles only, and change with nothing
    const old = (await cache.keys()).filter((kept) => /\/build\/.*\.(js|css)$/.test(kept.url) && !built.includes(name(kept)));
    for (const pages of [await caches.open(PAGES), await caches.open(HOMES)])
        for (const kept of await pages.keys()) {
            const html = (await (await pages.match(kept))?.text()) ?? '';
            if (old.some((file) => html.includes(name(file)))) return;
        }
    for (const file of old) await cache.delete(file);
}
