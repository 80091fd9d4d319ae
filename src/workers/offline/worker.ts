/// <reference lib="webworker" />
import { CacheFirst, ExpirationPlugin, NetworkFirst, Serwist } from 'serwist';
import { isTooOld, pageWithoutConnection, TWO_WEEKS_S, withKeptAt } from './kept-pages';
import { ASSET_LIST, CACHES, isAssetList, isKept, type KeepMessage } from './names';

/**
 * The service worker: the application opens without a connection, with the desk and the cases that were read last.
 * Whatever the server answers comes first; what is kept is shown only when it does not answer, and says so.
 */

declare const self: ServiceWorkerGlobalScope;

/** After this long without an answer a kept page is better than none. */
const PATIENCE_S = 10;
const MOST_PAGES = 60;

const withHtml = (html: string, of?: Response): Response => {
  const headers = new Headers(of?.headers ?? { 'content-type': 'text/html; charset=utf-8' });
  for (const name of ['content-encoding', 'content-length']) headers.delete(name);
  return new Response(html, { status: 200, headers });
};

/** A page of the shop, not a redirect to signing in and not a refusal. */
const mayBeKept = (response: Response): boolean =>
  response.status === 200 &&
  !response.redirected &&
  (response.headers.get('content-type') ?? '').startsWith('text/html');

async function keptPages(): Promise<{ path: string; html: string }[]> {
  const cache = await caches.open(CACHES.pages);
  const pages = [];
  for (const request of [...(await cache.keys())].reverse()) {
    const html = await (await cache.match(request))?.text();
    if (html !== undefined) pages.push({ path: new URL(request.url).pathname, html });
  }
  return pages;
}

const pages = new NetworkFirst({
  cacheName: CACHES.pages,
  networkTimeoutSeconds: PATIENCE_S,
  matchOptions: { ignoreVary: true, ignoreSearch: true },
  plugins: [
    {
      cacheWillUpdate: async ({ request, response }) => {
        // With a search behind it, it is another page.
        const { pathname, search } = new URL(request.url);
        return isKept(pathname) && search === '' && mayBeKept(response) ? response : null;
      },
      cacheDidUpdate: () => throwOldAway(),
      cachedResponseWillBeUsed: async ({ cachedResponse }) => {
        const drawn = cachedResponse?.headers.get('date') ?? '';
        return cachedResponse && !isTooOld(drawn, Date.now())
          ? withHtml(withKeptAt(await cachedResponse.text(), drawn), cachedResponse)
          : undefined;
      },
      handlerDidError: async () => withHtml(pageWithoutConnection(await keptPages())),
    },
  ],
});

const serwist = new Serwist({
  skipWaiting: true,
  clientsClaim: true,
  runtimeCaching: [
    {
      // Named by their content: what is kept is what the server has.
      matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/_next/static/'),
      handler: new CacheFirst({
        cacheName: CACHES.assets,
        plugins: [new ExpirationPlugin({ maxEntries: 500, maxAgeSeconds: 4 * TWO_WEEKS_S })],
      }),
    },
    {
      matcher: ({ url, sameOrigin, request }) =>
        sameOrigin && request.destination === 'image' && url.pathname.startsWith('/api/files/'),
      handler: new CacheFirst({
        cacheName: CACHES.pictures,
        plugins: [new ExpirationPlugin({ maxEntries: 150, maxAgeSeconds: TWO_WEEKS_S })],
      }),
    },
    { matcher: ({ request, sameOrigin }) => sameOrigin && request.mode === 'navigate', handler: pages },
  ],
});
serwist.addEventListeners();

self.addEventListener('message', (event) => {
  const { keep, assets } = (event.data ?? {}) as Partial<KeepMessage>;
  if (typeof keep === 'string' && isKept(keep)) event.waitUntil(keepPage(keep, assets ?? []));
});

/** Pages beyond those read last, and those that the server drew long ago, whichever way they came to be kept. */
async function throwOldAway(): Promise<void> {
  const cache = await caches.open(CACHES.pages);
  const requests = await cache.keys();
  for (const [i, request] of requests.entries()) {
    const drawn = (await cache.match(request))?.headers.get('date') ?? '';
    if (i < requests.length - MOST_PAGES || isTooOld(drawn, Date.now())) await cache.delete(request);
  }
}

/** Keeps a page that was reached without loading it whole, as it is now. */
async function keepPage(path: string, assets: readonly string[]): Promise<void> {
  const cache = await caches.open(CACHES.pages);
  try {
    const response = await fetch(path, { redirect: 'manual', headers: { accept: 'text/html' } });
    // Gone, or no longer for whoever is signed in.
    if (!mayBeKept(response)) return void (await cache.delete(path));
    // The last read stands last.
    await cache.delete(path);
    await cache.put(path, response);
    await throwOldAway();
  } catch {
    return; // No connection: what is kept stays.
  }
  await keepAssets(assets);
  const listed = await listedAssets();
  await keepAssets(listed);
  await throwOldAssetsAway(listed);
}

/** What an earlier build had and this one has not, once no page of that build is shown any more. */
async function throwOldAssetsAway(listed: readonly string[]): Promise<void> {
  if (listed.length === 0) return;
  const kept = await caches.open(CACHES.assets);
  for (const request of await kept.keys()) {
    const drawn = (await kept.match(request))?.headers.get('date') ?? '';
    if (!listed.includes(new URL(request.url).pathname) && isTooOld(drawn, Date.now()))
      await kept.delete(request);
  }
}

/** One after the other, so that nobody at work waits for them. */
async function keepAssets(urls: readonly string[]): Promise<void> {
  const kept = await caches.open(CACHES.assets);
  for (const url of urls) if (!(await kept.match(url))) await kept.add(url).catch(() => undefined);
}

/** All that the build has: a press may load what no page has shown yet. */
async function listedAssets(): Promise<string[]> {
  try {
    const list: unknown = await (await fetch(ASSET_LIST, { cache: 'no-cache' })).json();
    return isAssetList(list) ? list : [];
  } catch {
    return []; // No connection, or a server that lists nothing: what was shown is kept.
  }
}
