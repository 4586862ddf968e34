// Opens the bench's pages without a network: the last page as it was, its scripts, styles and fonts. The record itself is kept
// by the page in the browser's database; nothing is sent from here.
const pages = 'mozle-pages';
const assets = 'mozle-assets';
const mostAssets = 200;
const patienceMs = 8000;

const isPage = ({ pathname }) => pathname === '/bench' || pathname === '/bench/results';
const isAsset = ({ pathname }) => pathname.startsWith('/_next/static/') || pathname === '/icon.svg';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('message', (event) => {
  const asked = Array.isArray(event.data?.keep) ? event.data.keep : [];
  event.waitUntil(Promise.all(asked.map((address) => keepOne(new URL(address, self.location.origin)).catch(() => {}))));
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate' && isPage(url)) event.respondWith(page(request, url));
  else if (isAsset(url)) event.respondWith(asset(request));
});

async function keepOne(url) {
  if (url.origin !== self.location.origin) return;
  if (isPage(url)) await page(new Request(url, { credentials: 'same-origin' }), url);
  if (isAsset(url)) await asset(new Request(url));
}

/**
 * The page as the server has it now; without a network, with a server in trouble or one that does not answer, as it was last. A
 * redirect means signed out: it is not kept.
 */
async function page(request, url) {
  const cache = await caches.open(pages);
  const kept = await cache.match(url.pathname);
  const fresh = fetch(request).then(async (answer) => {
    if (answer.ok && !answer.redirected) await cache.put(url.pathname, answer.clone());
    // Signed out meanwhile, or the PIN was changed: what was kept is for nobody any longer.
    if (answer.redirected || answer.type === 'opaqueredirect') await cache.delete(url.pathname);
    return answer.status >= 500 && kept ? kept : answer;
  });
  if (!kept) return fresh;
  const late = new Promise((resolve) => setTimeout(resolve, patienceMs, kept));
  return Promise.race([fresh.catch(() => kept), late]);
}

/** Names of built files change with their content: what is there is right. */
async function asset(request) {
  const cache = await caches.open(assets);
  const kept = await cache.match(request);
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) {
    await cache.put(request, answer.clone());
    const keys = await cache.keys();
    await Promise.all(keys.slice(0, Math.max(0, keys.length - mostAssets)).map((key) => cache.delete(key)));
  }
  return answer;
}
