/** What pages and the worker that keeps them for times without a network call the same. */

/** Where the worker is served, made when the application is built. */
export const OFFLINE_WORKER = '/offline-worker.js';
/** The cache that pages are kept in. They are of one person: whoever signs out, or comes after, empties it. */
export const PAGES_CACHE = 'pages';
/** So many pages are kept, for so long. */
export const MOST_PAGES = 120;
export const PAGES_SECONDS = 7 * 24 * 3600;
/** What is shown where a page is not kept. */
export const NO_PAGE = '/no-network.html';
