import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Browser, ElementHandle } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoDocument } from '../support/demo';
import { atOwnPlan as openOwnPlan, BASE, launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const atOwnPlan = (demo: string, title: string, who?: string): Promise<Person> =>
  openOwnPlan(browser, demo, title, who);

describe('the list, files and paper', () => {
  it('finds, orders, deletes with undo, duplicates', async () => {
    const p = await atOwnPlan('bandstand-deck', 'Zebra crossing deck');
    await p.clickText('Duplicate');
    await p.page.waitForFunction(
      () => document.querySelector('h1')?.textContent === 'Zebra crossing deck (copy)',
    );
    await p.goto('/loads');
    await p.fill('Find a load', 'zebra');
    const titles = () =>
      p.page.$$eval('ul[aria-label="Plans"] a', (list) => list.map((a) => a.textContent));
    await p.page.waitForFunction(
      () => document.querySelectorAll('ul[aria-label="Plans"] a').length === 2,
    );
    expect(await titles()).toEqual(['Zebra crossing deck (copy)', 'Zebra crossing deck']);
    await p.choose('Order', 'by name');
    await p.page.waitForFunction(
      () =>
        document.querySelector('ul[aria-label="Plans"] a')?.textContent === 'Zebra crossing deck',
    );
    await p.clickText('Delete Zebra crossing deck (copy)');
    await p.page.waitForFunction(
      () => document.querySelectorAll('ul[aria-label="Plans"] a').length === 1,
    );
    await p.clickText('Undo');
    await p.page.waitForFunction(
      () => document.querySelectorAll('ul[aria-label="Plans"] a').length === 2,
    );
    await p.leave();
  });

  it('export and import are the identity; a bad file is refused, located, and nothing is stored', async () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'vast-cleat-files-'));
    const p = await atOwnPlan('pipe-bundle', 'Out and in');
    const session = await p.page.createCDPSession();
    await session.send('Page.setDownloadBehavior', { behavior: 'allow', downloadPath: folder });
    await p.clickText('Export');
    const file = path.join(folder, 'Out and in.json');
    await expect
      .poll(() => {
        try {
          return readFileSync(file, 'utf8').length;
        } catch {
          return 0;
        }
      })
      .toBeGreaterThan(100);
    const before = await p.api('GET', p.page.url().replace(`${BASE}/loads`, '/plans'));
    await p.goto('/loads');
    const input = (await p.page.$('input[type=file]')) as ElementHandle<HTMLInputElement>;
    await input.uploadFile(file);
    await p.page.waitForSelector('[data-verdict]');
    const after = await p.api('GET', p.page.url().replace(`${BASE}/loads`, '/plans'));
    expect(after.json['document']).toEqual(before.json['document']);
    expect(after.json['id']).not.toBe(before.json['id']);
    const bad = path.join(folder, 'bad.json');
    writeFileSync(
      bad,
      JSON.stringify({
        ...demoDocument('pipe-bundle'),
        cargo: { name: 'x', massKg: '700', lengthM: 1, widthM: 1, heightM: 1 },
      }),
    );
    await p.goto('/loads');
    await ((await p.page.$('input[type=file]')) as ElementHandle<HTMLInputElement>).uploadFile(bad);
    await p.page.waitForSelector('[role=alert]');
    expect(await p.text('[role=alert]')).toMatch(
      /bad\.json was not imported.*cargo › massKg: Add the unit/s,
    );
    rmSync(folder, { recursive: true });
    await p.leave();
  });

  it.each([
    ['A4', 1],
    ['Letter', 1],
  ] as const)(
    'the print sheet fits %s with verdict, lines, clauses and cautions',
    async (format, most) => {
      const p = await atOwnPlan('water-tote', `On ${format}`);
      await p.goto(`${p.page.url().replace(BASE, '')}/print`);
      const text = await p.text();
      for (const part of [
        'BARRED',
        'Over, front',
        '49 CFR 393.106(d)',
        'bowline',
        'Not for lifting people',
      ])
        expect(text).toContain(part);
      const pdf = Buffer.from(await p.page.pdf({ format, preferCSSPageSize: false })).toString(
        'latin1',
      );
      expect((pdf.match(/\/Type\s*\/Page[^s]/g) ?? []).length).toBeLessThanOrEqual(most);
      await p.leave();
    },
  );

  it('units change everywhere, and stay with the member', async () => {
    const p = await atOwnPlan('apple-bins', 'Units', 'Sunniva Dale');
    const kept = () =>
      p.page.waitForResponse((r) => r.request().method() === 'PUT' && r.url().endsWith('/me'));
    await Promise.all([kept(), p.clickText('Units: kN, kg, m. Change')]);
    await p.page.waitForFunction(() => /5,0[23]0\slb/.test(document.body.innerText));
    await p.page.reload();
    await p.ready();
    expect(await p.text('article[data-line="1"]')).toMatch(/4,490\slbf/);
    await Promise.all([kept(), p.clickText('Units: lbf, lb, ft. Change')]);
    await p.leave();
  });

  it.each([
    '/loads/0190a2b4-7000-7000-8000-000000000000',
    '/locker/0190a2b4-7000-7000-8000-000000000000',
    '/knots/nothing',
    '/nowhere',
  ])('%s: nothing here, and the way on', async (path) => {
    const p = await Person.at(browser);
    await p.stepInAs('Ilse Varrow');
    const answer = await p.page.goto(BASE + path);
    expect(answer?.status()).toBe(404);
    await p.page.waitForFunction(() => document.body.innerText.includes('Nothing here'));
    await p.page.waitForSelector('main a[href="/loads"]');
    expect(await p.text()).not.toContain('Something broke');
    await p.leave();
  });
});
