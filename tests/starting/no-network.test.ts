/**
 * A yard without a network, in the browser, with the line to the application cut: the day's plan with its card, two checks and an
 * inspection; back online each is there once. The same with answers lost on the way, and with the server killed while it is sent to.
 */
import { chmodSync, mkdtempSync } from 'node:fs';
import path from 'node:path';
import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fetchThere } from '../support/fetch-there';
import { launch } from '../support/browser';
import { clear, freePort, Running, until } from '../support/running';
import { Wire } from '../support/wire';

const place = mkdtempSync('/var/tmp/vast-cleat-yard-');
const data = path.join(place, 'data');
let app: Running;
let port: number;
let wire: Wire;
let browser: Browser;
let page: Page;
let planId: string;
let gearId: string;

type Answer = { status: number; json: Record<string, unknown> };
const api = (method: string, address: string, body?: unknown): Promise<Answer> =>
  page.evaluate(fetchThere, method, `/api/v1${address}`, body, {}) as Promise<Answer>;
const goto = (address: string): Promise<unknown> =>
  page.goto(`http://127.0.0.1:${wire.port}${address}`, { waitUntil: 'domcontentloaded' });
const says = (words: string): Promise<unknown> =>
  page.waitForFunction((w) => document.body.innerText.includes(w), {}, words);
/** Waits until the page's handlers are attached, and presses what says this. */
async function press(words: string): Promise<void> {
  const found = await page.waitForFunction(
    (w) =>
      [...document.querySelectorAll<HTMLElement>('main button, main a, [role=dialog] button')].find(
        (e) =>
          e.innerText.startsWith(w) && Object.keys(e).some((k) => k.startsWith('__reactProps')),
      ),
    {},
    words,
  );
  await (found as unknown as { click: () => Promise<void> }).click();
}
/** So many records wait on the device; where some do, the page says so. A page that is just being left is asked again. */
const waiting = (n: number): Promise<boolean> =>
  until(() =>
    page
      .evaluate((many) => {
        const kept = JSON.parse(window.localStorage.getItem('outbox') ?? '[]') as unknown[];
        const said = document.querySelector(`[data-outbox="${many}"]`) !== null;
        return kept.length === many && (many === 0 || said);
      }, n)
      .catch(() => false),
  );

beforeAll(async () => {
  chmodSync(place, 0o755);
  port = await freePort();
  app = await Running.start(data, port);
  wire = await Wire.to(port);
  browser = await launch();
  page = await (await browser.createBrowserContext()).newPage();
  page.setDefaultTimeout(200_000);
  await page.evaluateOnNewDocument('window.__name = (f) => f');
  await goto('/');
  const people = await api('POST', '/session', {
    name: 'ilse.varrow',
    password: 'pell-marsh-fair',
  });
  expect(people.status).toBe(200);
  const found = await api('GET', '/plans?search=carousel');
  planId = (found.json['plans'] as { id: string }[])[0]!.id;
  const plan = await api('GET', `/plans/${planId}`);
  const elements = (
    plan.json['document'] as { lines: { elements: { gearId?: string | null }[] }[] }
  ).lines.flatMap((l) => l.elements);
  gearId = elements.find((e) => e.gearId)!.gearId!;
  await api('POST', '/cautions', { version: 1 });
  // The day begins where there is a network: the device keeps what the day needs.
  await goto('/today');
  await page.waitForFunction(() => {
    const [kept, wanted] = (document.documentElement.dataset['kept'] ?? '0/1').split('/');
    return Number(kept) === Number(wanted);
  });
});
afterAll(async () => {
  await browser.close();
  wire.close();
  app.child.kill('SIGTERM');
  await app.ended;
  clear(data);
});

const began = new Date().toISOString();
/** Checks that were made since this began: fewer than a page has. */
const checksOf = async (): Promise<{ at: string }[]> =>
  ((await api('GET', `/plans/${planId}/checks`)).json['checks'] as { at: string }[]).filter(
    (c) => c.at > began,
  );
const inspections = async (): Promise<number> =>
  (
    (await api('GET', `/gear/${gearId}/history`)).json['history'] as { body: { kind: string } }[]
  ).filter((e) => e.body.kind === 'inspected').length;

/** One check of all lines, made on the page as it is kept. */
async function check(words: string, waits: number): Promise<void> {
  await goto(`/loads/${planId}/check`);
  await press(words);
  await waiting(waits);
}

/** An inspection where everything is sound, from beginning to end. */
async function inspect(waits: number): Promise<void> {
  await goto(`/locker/${gearId}/inspect`);
  const heading = (): Promise<string> => page.$eval('main h2', (e) => e.textContent);
  while ((await page.$('[data-outcome]')) === null) {
    const before = await heading();
    await press('Clear');
    await page.waitForFunction(
      (was) =>
        document.querySelector('[data-outcome]') !== null ||
        document.querySelector('main h2')?.textContent !== was,
      {},
      before,
    );
  }
  await press('Confirm and record');
  await waiting(waits);
}

describe('without a network', () => {
  it('the card, two checks and an inspection; back online each is there once', async () => {
    const [checks, inspected] = [(await checksOf()).length, await inspections()];
    wire.cut();
    await goto(`/loads/${planId}`);
    await says('No network.');
    await page.waitForSelector('[data-verdict]');
    const card = await page.evaluate(async (id) => {
      const response = await fetch(`/api/v1/plans/${id}/card.pdf?paper=a4`);
      return [response.status, (await response.text()).slice(0, 5)];
    }, planId);
    expect(card).toEqual([200, '%PDF-']);
    await check('All 3 tight', 1);
    await check('All 3 tight', 2);
    await inspect(3);
    wire.mend();
    await waiting(0);
    expect((await checksOf()).length).toBe(checks + 2);
    expect(await inspections()).toBe(inspected + 1);
  });
  it('what was done and whose answer was lost is done once', async () => {
    const checks = (await checksOf()).length;
    await goto(`/loads/${planId}/check`);
    await page.waitForSelector('main button');
    wire.deafen();
    await press('All 3 tight');
    await waiting(1);
    wire.mend();
    await waiting(0);
    expect((await checksOf()).length).toBe(checks + 1);
  });
  it('the server is killed while it is sent to: what waits is sent to the next one, once', async () => {
    const checks = (await checksOf()).length;
    wire.cut();
    await check('All 3 tight', 1);
    await check('All 3 tight', 2);
    // In the moment of sending.
    const { application } = app;
    const sent = page.waitForRequest((r) => r.method() === 'POST' && r.url().endsWith('/checks'));
    wire.mend();
    await sent;
    process.kill(application, 'SIGKILL');
    await app.ended;
    app = await Running.start(data, port);
    await waiting(0);
    await until(async () => (await checksOf()).length >= checks + 2);
    expect((await checksOf()).length).toBe(checks + 2);
  });
  it('whoever signs out leaves no page behind', async () => {
    await goto('/crew');
    await page.waitForFunction(() =>
      Object.keys(document.querySelector('main button') ?? {}).some((k) =>
        k.startsWith('__reactProps'),
      ),
    );
    await page.evaluate(() =>
      [...document.querySelectorAll<HTMLButtonElement>('main button')]
        .find((b) => b.innerText === 'Sign out')!
        .click(),
    );
    await page.waitForFunction(() => window.location.pathname === '/');
    expect(
      await page.evaluate(async () => (await caches.open('pages')).keys().then((k) => k.length)),
    ).toBe(0);
  });
});
