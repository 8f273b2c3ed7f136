/// <reference lib="webworker" />
import {
  CacheableResponsePlugin,
  ExpirationPlugin,
  NetworkFirst,
  type PrecacheEntry,
  Serwist,
  type SerwistGlobalConfig,
  type SerwistPlugin,
} from 'serwist';
import { MOST_PAGES, NO_PAGE, PAGES_CACHE, PAGES_SECONDS } from './kept';

/**
 * Keeps the program, and the pages somebody has looked at or will need today, for times without a network. What is recorded meanwhile
 * is kept by the page itself. Nothing that judges is kept beside a page: an old page says how old it is.
 */
declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[] | undefined;
  }
}
declare const self: ServiceWorkerGlobalScope;

/** A network that says nothing for so long is none: then what is kept is shown. */
const PATIENCE_S = 6;

/** Rooms of a crew, and the cards of plans; never the door, or an address with a secret in it. */
const KEPT =
  /^\/((today|loads|locker|bench|knots|drills|log)(\/|$)|api\/v1\/plans\/[^/]+\/card\.pdf$)/;
const isKept = ({ request, url }: { request: Request; url: URL }): boolean =>
  url.origin === self.location.origin &&
  (request.mode === 'navigate' || url.pathname.endsWith('.pdf')) &&
  KEPT.test(url.pathname);

/** A worker of the page reads what it is to do off its own address: it must not get that of the file that was kept. */
const withoutAddress: SerwistPlugin = {
  cachedResponseWillBeUsed: async ({ event, cachedResponse }) =>
    cachedResponse && (event as FetchEvent).request?.destination.endsWith('worker')
      ? new Response(cachedResponse.body, {
          status: cachedResponse.status,
          headers: cachedResponse.headers,
        })
      : (cachedResponse ?? null),
};

const serwist = new Serwist({
  precacheEntries: self.__SW_MANIFEST,
  precacheOptions: { plugins: [withoutAddress] },
  skipWaiting: true,
  clientsClaim: true,
  runtimeCaching: [
    {
      matcher: isKept,
      handler: new NetworkFirst({
        cacheName: PAGES_CACHE,
        networkTimeoutSeconds: PATIENCE_S,
        // What a page varies by is how it is asked for; here it is always asked for whole.
        matchOptions: { ignoreVary: true },
        plugins: [
          new CacheableResponsePlugin({ statuses: [200] }),
          new ExpirationPlugin({ maxEntries: MOST_PAGES, maxAgeSeconds: PAGES_SECONDS }),
          // The first page, where one was sent for want of a session, is not the page that was asked for.
          { cacheWillUpdate: async ({ response }) => (response.redirected ? null : response) },
        ],
      }),
    },
  ],
  fallbacks: {
    entries: [{ url: NO_PAGE, matcher: ({ request }) => request.mode === 'navigate' }],
  },
});
// Pages of an earlier build ask for parts that are gone. Before it works, or it would take what is kept from then on with them.
self.addEventListener('install', (event) => {
  event.waitUntil(self.caches.delete(PAGES_CACHE));
});
serwist.addEventListeners();
