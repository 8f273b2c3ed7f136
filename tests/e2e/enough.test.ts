import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { computeEnough } from '@/server/api/enough';
import { API } from '@/server/api/endpoints';
import { request } from '../support/api';
import { violationsInThemes } from '../support/axe';
import { atOwnPlan, launch, type Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const SECTION = 'The cheapest that is enough';
const found = (p: Person): Promise<string> => p.text('[data-enough=found]');

describe('the cheapest that is enough', () => {
  it('is looked for in the plan, shown on the deck, taken line by line and whole, and HOLDS; axe finds nothing', async () => {
    const p = await atOwnPlan(browser, 'carousel-crate', 'Cheapest');
    await p.section(SECTION);
    await p.clickText('Look for it');
    await p.page.waitForSelector('[data-enough=found]');
    expect(await found(p)).toContain('HOLDS');
    expect(await found(p)).toContain('Nothing cheaper is enough');
    expect(await violationsInThemes(p.page)).toEqual([]);
    // On the deck it is drawn and judged, and the plan stays as it is.
    await p.clickText('Show it on the deck');
    await p.untilVerdict('holds');
    await p.clickText('Leave it');
    await p.page.waitForFunction(
      () => !document.querySelector('[data-verdict]')?.textContent?.includes('cheapest'),
    );
    // One of it, then the rest.
    await p.page.click('[data-enough] button[aria-label^="Take it"]');
    await p.page.waitForFunction(() =>
      document.querySelector('[data-enough]')?.textContent?.includes('taken'),
    );
    await p.clickText('Take the rest');
    await p.untilVerdict('holds');
    await p.untilKept();
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('says why where nothing there is to lay is enough', async () => {
    const p = await atOwnPlan(browser, 'fair-flatbed', 'Too much');
    await p.section(SECTION);
    await p.clickText('Look for it');
    await p.page.waitForSelector('[data-enough]');
    expect((await p.text('[data-enough]')).length).toBeGreaterThan(20);
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('is answered to programs as the core finds it', async () => {
    const { status, json } = await request('POST', '/enough', { body: API.enough.example });
    expect(status).toBe(200);
    const body = API.enough.body.parse(API.enough.example);
    expect(json).toEqual(JSON.parse(JSON.stringify(computeEnough(body))));
    expect(json).toMatchObject({ refused: [], found: { lines: 1 }, open: null });
  });
});
