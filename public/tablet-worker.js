// The page of the tablet at a line, kept on the tablet: it opens without a network too, and goes on with what was
// pressed there. The network is asked first; what it answers is kept anew.
const KEPT = 'tablet-1';
const PAGE = '/tablet';

const isKept = (url) => url.origin === location.origin && (url.pathname === PAGE || url.pathname.startsWith('/build/'));

const keep = async (request, response) => {
    const kept = await caches.open(KEPT);
    if (response.ok && !response.redirected) {
        await kept.put(request, response.clone());
    } else if (response.status === 403) {
        await kept.delete(request);
    }

    return response;
};

self.addEventListener('install', (event) => event.waitUntil(self.skipWaiting()));
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

/** What is kept of it; without that, what the network said. */
const found = async (request, otherwise) => (await caches.match(request, { ignoreVary: true })) ?? otherwise();

self.addEventListener('fetch', (event) => {
    const { request } = event;
    if (request.method !== 'GET' || !isKept(new URL(request.url))) {
        return;
    }
    event.respondWith(
        fetch(request).then(
            // A server that starts anew is as good as none.
            (response) => (response.status >= 500 ? found(request, () => response) : keep(request, response)),
            (gone) =>
                found(request, () => {
                    throw gone;
                }),
        ),
    );
});

// What the page was made of before the worker was there.
self.addEventListener('message', (event) => {
    const all = event.data.map(async (address) => {
        const url = new URL(address, location.origin);
        if (isKept(url) && !(await caches.match(url.href))) {
            await keep(url.href, await fetch(url.href));
        }
    });
    event.waitUntil(Promise.all(all));
});
