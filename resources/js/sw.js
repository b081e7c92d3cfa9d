// Stands between the floor's pages and the shop: shows what was seen last where the shop does not answer, and keeps
// what is touched meanwhile. Delivering it is the page's business, which can show what came of it.
import { add } from './kept.js';

const CACHE = 'floor-1';
const PATIENCE_MS = 5000;
const AWAY = [502, 503, 504];

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

/** The shop's answer, or an error when it does not come in time. */
async function ask(request) {
    // A page that is navigated to cannot be asked for with a signal of one's own.
    const late = new Promise((_, refuse) => setTimeout(() => refuse(new Error('late')), PATIENCE_MS));
    const answer = await Promise.race([fetch(request), late]);
    if (AWAY.includes(answer.status)) throw new Error('away');
    return answer;
}

async function page(request) {
    const cache = await caches.open(CACHE);
    try {
        const answer = await ask(request);
        if (answer.ok && !answer.redirected) await cache.put(new URL(request.url).pathname, answer.clone());
        return answer;
    } catch {
        return (await cache.match(new URL(request.url).pathname)) ?? Response.error();
    }
}

/** Named by what is in it: what was seen once is the same still. */
async function asset(request) {
    const cache = await caches.open(CACHE);
    const seen = await cache.match(request);
    if (seen) return seen;
    const answer = await fetch(request);
    if (answer.ok) await cache.put(request, answer.clone());
    return answer;
}

async function touch(request, path) {
    const copy = request.clone();
    try {
        return await ask(request);
    } catch {
        const fields = [...(await copy.formData())].filter(([name]) => name !== '_token');
        await add(path, fields);
        return Response.redirect(path.replace(/\/events$/, ''), 303);
    }
}

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const { origin, pathname, searchParams } = new URL(request.url);
    if (origin !== self.location.origin) return;
    if (request.method === 'POST' && /^\/floor\/[^/]+\/events$/.test(pathname) && request.mode === 'navigate') {
        event.respondWith(touch(request, pathname));
    } else if (request.method === 'GET' && request.mode === 'navigate' && pathname.startsWith('/floor')) {
        event.respondWith(page(request));
    } else if (
        request.method === 'GET' &&
        (searchParams.has('v') || pathname.startsWith('/build/fonts/') || pathname === '/icon.svg')
    ) {
        event.respondWith(asset(request));
    }
});
