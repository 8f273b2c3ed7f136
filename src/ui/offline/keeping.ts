import { OFFLINE_WORKER, PAGES_CACHE } from '@/workers/offline/kept';

/** Whose pages are kept on this device. */
const OWNER = 'pages-of';
/** What was kept so lately is not fetched again. */
const FRESH_MS = 20 * 60_000;

/** Browsers keep nothing on pages that came without encryption from another machine. */
const canKeep = (): boolean => 'serviceWorker' in navigator && 'caches' in window;

/** Forgets every page that is kept here. */
export async function forgetPages(): Promise<void> {
  if (!canKeep()) return;
  await caches.delete(PAGES_CACHE);
}

/** Starts the worker that keeps the program; pages that somebody else left here are forgotten first. */
export async function keepProgram(memberId: string): Promise<void> {
  if (!canKeep()) return;
  if (window.localStorage.getItem(OWNER) !== memberId) {
    await forgetPages();
    window.localStorage.setItem(OWNER, memberId);
  }
  await navigator.serviceWorker.register(OFFLINE_WORKER);
  await navigator.serviceWorker.ready;
}

/** Fetches pages one after the other and keeps them, those that are not kept lately. @returns how many are kept */
export async function keepPages(addresses: readonly string[]): Promise<number> {
  if (!canKeep()) return 0;
  const pages = await caches.open(PAGES_CACHE);
  let kept = 0;
  for (const address of addresses) {
    const before = await pages.match(address, { ignoreVary: true });
    const at = Date.parse(before?.headers.get('date') ?? '');
    if (Date.now() - at < FRESH_MS) kept += 1;
    else if (await keepPage(pages, address)) kept += 1;
  }
  return kept;
}

async function keepPage(pages: Cache, address: string): Promise<boolean> {
  try {
    const response = await fetch(address, { headers: { accept: 'text/html' } });
    // Whoever is signed out meanwhile keeps nothing.
    if (!response.ok || response.redirected) return false;
    await pages.put(address, response);
    return true;
  } catch {
    return false;
  }
}
