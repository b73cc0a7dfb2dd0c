// Pages that were opened stay readable without the net. The net comes first; what it says is kept; a device that is let in no
// more keeps nothing.
const KEPT = 'glow';
const MOST = 80;

const isPage = (request) => request.mode === 'navigate';
const isKept = (request) =>
  request.method === 'GET' &&
  !request.headers.has('HX-Request') &&
  (isPage(request) || /^\/assets\/|\/build\/picture\//.test(new URL(request.url).pathname));

const keep = async (request, answer) => {
  const cache = await caches.open(KEPT);
  await cache.put(request, answer);
  const all = await cache.keys();
  await Promise.all(all.slice(0, Math.max(0, all.length - MOST)).map((old) => cache.delete(old)));
};

const answered = async (event) => {
  try {
    const answer = await fetch(event.request);
    if (answer.status === 401) await caches.delete(KEPT);
    else if (answer.status === 200 && answer.type === 'basic') event.waitUntil(keep(event.request, answer.clone()));
    return answer;
  } catch (gone) {
    const cache = await caches.open(KEPT);
    const old = (await cache.match(event.request)) ?? (await cache.match(event.request, { ignoreSearch: true }));
    if (old) return old;
    throw gone;
  }
};

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (e) => e.waitUntil(self.clients.claim()));
self.addEventListener('fetch', (e) => {
  if (isKept(e.request)) e.respondWith(answered(e));
});
