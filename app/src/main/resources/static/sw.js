// @ts-check
/// <reference lib="webworker" />
// What a cook needs at the stove is there after a reload even when the network or the server is not: the hob, pots, plans, the bench, as
// they were last seen, and they say of when. What pages are made of is kept beside them. Everything is asked of the server first; whoever
// signs out, or in, leaves nothing here for the next.
const CACHE = 'gradior-pots-1';
const PAGE = /^\/$|^\/pot\/\d+$|^\/plan\/clock$|^\/plan\/\d+$|^\/bench(\/[a-z]+)?$|^\/care$/;
/** What the bench answers as one types. */
const ANSWER = /^\/bench\/[a-z]+\/answer$/;
const PART = /^\/(css|js|fonts|icons|webjars)\/|^\/icon\.svg$/;
/** Where somebody becomes somebody else, or goes to another kitchen. */
const PASSES = /^\/(join|account\/kitchens|setup|demo)(\/|$)/;
const MOST_PAGES = 60;
const worker = /** @type {ServiceWorkerGlobalScope} */ (/** @type {unknown} */ (self));
/** Of which moment the pages are that were last answered from what is kept, by their addresses. */
const keptOf = new Map();
/** Grows as somebody comes or goes: an answer that was on its way is nobody's any more. */
let turn = 0;

worker.addEventListener('install', () => worker.skipWaiting());
worker.addEventListener('activate', (event) => event.waitUntil(worker.clients.claim()));

async function forget() {
  turn += 1;
  keptOf.clear();
  await caches.delete(CACHE);
}

worker.addEventListener('message', (event) => {
  const asks = event.data?.asks;
  if (typeof asks === 'string' && keptOf.has(asks)) {
    event.source?.postMessage({ kept: keptOf.get(asks), of: asks });
  }
});

worker.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  const passes = event.request.method === 'POST' && PASSES.test(url.pathname);
  if (url.pathname === '/login' || url.pathname === '/logout' || passes) {
    event.waitUntil(forget()); // whoever comes next sees nothing of this kitchen
  }
  const page = event.request.mode === 'navigate' && PAGE.test(url.pathname);
  const kept = page || PART.test(url.pathname) || ANSWER.test(url.pathname);
  if (event.request.method === 'GET' && url.origin === worker.location.origin && kept) {
    event.respondWith(answer(event.request, page));
  }
});

/**
 * @param {Request} request
 * @param {boolean} page
 */
async function answer(request, page) {
  const mine = turn;
  const cache = await caches.open(CACHE);
  try {
    const fresh = await fetch(request);
    if (fresh.ok && !fresh.redirected && mine === turn) {
      await cache.put(request.url, fresh.clone());
      keptOf.delete(request.url);
      if (page) {
        await few(cache);
      }
    } else if (page && fresh.redirected && fresh.url.includes('/login')) {
      await forget(); // nobody is signed in any more
    } else if (page && fresh.redirected) {
      await cache.delete(request.url); // the batch is over
    }
    return page && fresh.status >= 500 ? (await old(cache, request)) ?? fresh : fresh;
  } catch (fault) {
    const kept = await old(cache, request);
    if (kept) {
      return kept;
    }
    throw fault;
  }
}

/**
 * What is kept of a page, and its moment for whoever asks.
 * @param {Cache} cache
 * @param {Request} request
 */
async function old(cache, request) {
  const kept = await cache.match(request.url);
  if (kept) {
    keptOf.set(request.url, Date.parse(kept.headers.get('Date') ?? '') || Date.now());
  }
  return kept;
}

/**
 * The pages seen longest ago go.
 * @param {Cache} cache
 */
async function few(cache) {
  const pages = (await cache.keys()).filter((request) => !PART.test(new URL(request.url).pathname));
  await Promise.all(pages.slice(0, Math.max(0, pages.length - MOST_PAGES)).map((request) => cache.delete(request)));
}
