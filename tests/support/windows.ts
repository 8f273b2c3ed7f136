import type { Browser, BrowserContext, Page } from 'puppeteer-core';
import { BASE } from './api';

/**
 * Windows that people have left, with nothing in them but the program's files: to fetch and compile these anew for every person
 * takes longer than most tests.
 */
/** What a person may have kept, which is all but the program's files. */
const KEPT = ['cookies', 'local_storage', 'indexeddb', 'cache_storage', 'service_workers'].join();
const left = new WeakMap<Browser, BrowserContext[]>();

/** A window that nobody has been in, but for the program's files, and a page in it. */
export async function freshWindow(
  browser: Browser,
  keeps: boolean,
): Promise<[BrowserContext, Page]> {
  const used = keeps ? undefined : left.get(browser)?.pop();
  if (used === undefined) {
    const context = await browser.createBrowserContext();
    return [context, await context.newPage()];
  }
  const page = await used.newPage();
  const devtools = await page.createCDPSession();
  const { origin } = new URL(BASE);
  await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes: KEPT });
  await devtools.detach();
  return [used, page];
}

/** A person leaves it; pages that are still open in it close. */
export async function leaveWindow(context: BrowserContext): Promise<void> {
  await Promise.all((await context.pages()).map((page) => page.close()));
  const browser = context.browser();
  left.set(browser, [...(left.get(browser) ?? []), context]);
}
