// Keeps pages of sessions and the application's own files, so that an open session survives a reload without a network.
const PAGES = 'wheatear-pages';
const FILES = 'wheatear-files-1';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (request.method !== 'GET' || url.origin !== location.origin) return;
    if (request.mode === 'navigate' && /^\/sessions\/\d+$/.test(url.pathname)) event.respondWith(page(request));
    else if (url.pathname.startsWith('/build/') || url.pathname.startsWith('/sounds/') || url.pathname === '/favicon.svg')
        event.respondWith(file(request));
});

/** The page from the server; the kept one when there is no answer, or none worth showing. */
async function page(request) {
    const cache = await caches.open(PAGES);
    try {
        const answer = await fetch(request);
        if (answer.ok && !answer.redirected) await cache.put(request.url, answer.clone());
        return answer.status >= 500 ? ((await cache.match(request.url)) ?? answer) : answer;
    } catch (problem) {
        const kept = await cache.match(request.url);
        if (kept) return kept;
        throw problem;
    }
}

/** Built files carry their content's hash in their name, and a recording never changes: a kept one is always right. */
async function file(request) {
    const cache = await caches.open(FILES);
    const kept = await cache.match(request);
    if (kept) return kept;
    const answer = await fetch(request);
    if (answer.ok) await cache.put(request, answer.clone());
    return answer;
}
