/* The page in hand stays usable when the connection drops: the last page of the bench, of Cut and of Score, and what they are drawn
   with. Nothing else is kept, and with a connection nothing is taken from here. */

const KEPT = 'page-in-hand';

const isInHand = (url) => /\/projects\/\d+\/(bench|cut|score)$/.test(url.pathname);

const isBuilt = (url) => url.pathname.startsWith('/build/') || url.pathname === '/moon.svg';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

const marked = async (answer) => new Response(await answer.blob(), {
    status: answer.status,
    headers: { ...Object.fromEntries(answer.headers), 'X-Kept': 'yes' },
});

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    if (event.request.method !== 'GET' || url.origin !== self.location.origin || !(isInHand(url) || isBuilt(url))) {
        return;
    }
    event.respondWith((async () => {
        const cache = await caches.open(KEPT);
        try {
            const answer = await fetch(event.request);
            if (answer.ok && !answer.redirected) {
                if (isInHand(url)) {
                    // One page of each stage is enough.
                    const stage = url.pathname.split('/').pop();
                    await Promise.all((await cache.keys()).filter((each) => new URL(each.url).pathname.endsWith(`/${stage}`)).map((each) => cache.delete(each)));
                }
                await cache.put(event.request, answer.clone());
            }
            return answer;
        } catch (error) {
            const there = await cache.match(event.request, { ignoreVary: true })
                ?? (isInHand(url) ? await cache.match(event.request, { ignoreSearch: true, ignoreVary: true }) : undefined);
            if (there) {
                return marked(there);
            }
            throw error;
        }
    })());
});
