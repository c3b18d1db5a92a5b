// @ts-check
/// <reference lib="webworker" />
// A pot's page is there after a reload even when the network or the server is not: as it was last seen, and it says so. What the page
// is made of is kept beside it. Everything is asked of the server first; nothing else of the kitchen is kept here.
const CACHE = 'gradior-pots-1';
const POT = /^\/pot\/\d+$/;
const PART = /^\/(css|js|fonts|webjars)\/|^\/icon\.svg$/;
const worker = /** @type {ServiceWorkerGlobalScope} */ (/** @type {unknown} */ (self));

worker.addEventListener('install', () => worker.skipWaiting());
worker.addEventListener('activate', (event) => event.waitUntil(worker.clients.claim()));

worker.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  if (url.pathname === '/login' || url.pathname === '/logout') {
    event.waitUntil(caches.delete(CACHE)); // whoever comes next sees nothing of this kitchen
  }
  const pot = event.request.mode === 'navigate' && POT.test(url.pathname);
  if (event.request.method === 'GET' && url.origin === worker.location.origin && (pot || PART.test(url.pathname))) {
    event.respondWith(answer(event.request, pot));
  }
});

/**
 * @param {Request} request
 * @param {boolean} pot
 */
async function answer(request, pot) {
  const cache = await caches.open(CACHE);
  try {
    const fresh = await fetch(request);
    if (fresh.ok && !fresh.redirected) {
      await cache.put(request.url, fresh.clone());
    } else if (pot && fresh.redirected) {
      await caches.delete(CACHE); // the batch is over, or nobody is signed in any more
    }
    return pot && fresh.status >= 500 ? (await cache.match(request.url)) ?? fresh : fresh;
  } catch (fault) {
    const kept = await cache.match(request.url);
    if (kept) {
      return kept;
    }
    throw fault;
  }
}
