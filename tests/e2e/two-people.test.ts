import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoDocument } from '../support/demo';
import { atOwnPlan as openOwnPlan, BASE, launch, Person } from '../support/browser';

let browser: Browser;

beforeAll(async () => {
  browser = await launch();
});

afterAll(() => browser.close());

const atOwnPlan = (demo: string, title: string): Promise<Person> =>
  openOwnPlan(browser, demo, title);

describe('two people at one plan', () => {
  it('the second to save is shown both versions; nothing is lost either way', async () => {
    const first = await atOwnPlan('apple-bins', 'Shared bins');
    const second = await Person.at(browser);
    await second.stepInAs('Tomas Quill', first.page.url().replace(BASE, ''));
    await first.section('Name and notes');
    await second.section('Name and notes');
    // Both without knowing of the other: one of them is in the tunnel.
    await second.page.waitForSelector('textarea');
    await second.page.setOfflineMode(true);
    await first.fill('Notes', 'mats checked by Ilse');
    await first.afterEdit();
    await second.fill('Notes', 'headboard checked by Tomas');
    await second.page.setOfflineMode(false);
    await second.page.waitForSelector('[role=dialog]');
    const both = await second.text('[role=dialog]');
    expect(both).toContain('Ilse Varrow saved this plan first');
    expect(both).toContain('mats checked by Ilse');
    expect(both).toContain('headboard checked by Tomas');
    expect(await second.page.$$('[role=dialog] svg[aria-label^="The deck of"]')).toHaveLength(2);
    await second.clickText('Take theirs');
    await second.untilKept();
    expect(await second.page.$eval('textarea', (t) => t.value)).toBe('mats checked by Ilse');
    await second.clickText('Undo');
    expect(await second.page.$eval('textarea', (t) => t.value)).toBe('headboard checked by Tomas');
    await second.afterEdit();
    await first.page.waitForFunction(
      () => document.querySelector('textarea')?.value === 'headboard checked by Tomas',
    );
    await first.page.setOfflineMode(true);
    await first.fill('Notes', 'mats checked twice');
    await second.fill('Notes', 'headboard checked twice');
    await second.afterEdit();
    await first.page.setOfflineMode(false);
    await first.page.waitForSelector('[role=dialog]');
    await first.clickText('Keep mine');
    await first.untilKept();
    const kept = await first.api('GET', first.page.url().replace(`${BASE}/loads`, '/plans'));
    expect(kept.json['document']).toMatchObject({ notes: 'mats checked twice' });
    const away = 'Failed to load resource: net::ERR_INTERNET_DISCONNECTED';
    expect([...first.errors, ...second.errors].filter((e) => e !== away)).toEqual([]);
    await first.leave();
    await second.leave();
  });

  it('without an answer from the server the text stays and is sent again by itself', async () => {
    const p = await atOwnPlan('apple-bins', 'Offline');
    await p.section('Name and notes');
    await p.page.waitForSelector('textarea');
    await p.page.setOfflineMode(true);
    await p.fill('Notes', 'typed in the tunnel');
    await p.page.waitForFunction(() =>
      /not kept/.test(document.querySelector('[data-save]')!.textContent!),
    );
    expect(await p.text()).toContain('No answer from the server');
    await p.page.setOfflineMode(false);
    await p.untilKept();
    expect(
      (await p.api('GET', p.page.url().replace(`${BASE}/loads`, '/plans'))).json['document'],
    ).toMatchObject({ notes: 'typed in the tunnel' });
    await p.leave();
  });

  it('what judges a plan cannot be fetched: the served verdict stands, says that it is old, and follows by itself later', async () => {
    const own = await atOwnPlan('apple-bins', 'Without a judge');
    const path = own.page.url().replace(BASE, '');
    await own.leave();
    // Somebody who has nothing of it yet.
    const p = await Person.at(browser);
    await p.page.setRequestInterception(true);
    let away = true;
    const judges = async (url: string): Promise<boolean> =>
      (await (await fetch(url)).text()).includes('not known, counted as');
    p.page.on('request', (request) => {
      void (async () => {
        const script = request.resourceType() === 'script';
        await (script && away && (await judges(request.url()))
          ? request.abort()
          : request.continue());
      })();
    });
    await p.bringSession('Ilse Varrow');
    await p.page.goto(BASE + path, { waitUntil: 'domcontentloaded' });
    await p.page.waitForFunction(() => document.body.innerText.includes('could not be fetched'));
    expect(await p.verdict()).toBe('holds');
    await p.page.waitForSelector('[data-verdict=holds][aria-busy=false]');
    // The rules are changed: what stands there is not of this plan any more, and shows it.
    await p.choose('Rules', 'US commercial road');
    await p.page.waitForSelector('[data-verdict=holds][aria-busy=true]');
    away = false;
    await p.page.waitForFunction(() => !document.body.innerText.includes('could not be fetched'));
    await p.page.waitForSelector('[data-verdict][aria-busy=false]');
    expect(p.errors.filter((e) => !/ERR_FAILED|ChunkLoadError/.test(e))).toEqual([]);
    await p.context.close();
  });

  it('settings of the crew: the older page is shown what was saved first, and nothing is lost either way', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Ilse Varrow', '/crew');
    const factor = async () =>
      ((await p.api('GET', '/crew')).json['strength'] as { designFactor: number }).designFactor;
    await p.fill('Design factor N', '7');
    await p.page.waitForFunction(() => document.body.innerText.includes('Kept. New plans'));
    expect(await factor()).toBe(7);
    const { version, strength } = (await p.api('GET', '/crew')).json as {
      version: number;
      strength: object;
    };
    const elsewhere = { strength: { ...strength, designFactor: 12 } };
    const match = { 'if-match': `"${version}"` };
    expect((await p.api('PUT', '/crew', elsewhere, match)).status).toBe(200);
    await p.fill('Every so many months', '9');
    await p.page.waitForSelector('[role=dialog]');
    const both = await p.text('[role=dialog]');
    expect(both).toContain('Design factor: 7');
    expect(both).toContain('Design factor: 12');
    await p.clickText('Take theirs');
    await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    expect(await factor()).toBe(12);
    await p.fill('Every so many months', '9');
    await p.page.waitForFunction(() => document.body.innerText.includes('What is due moves'));
    expect((await p.api('GET', '/crew')).json).toMatchObject({
      strength: { designFactor: 12 },
      intervals: { normalMonths: 9 },
    });
    await p.leave();
  });

  it('a trainee reads and does not change', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Joss Pemberly');
    await p.openPlan('Apple bins');
    expect(await p.verdict()).toBe('holds');
    expect(await p.text()).toContain('read only');
    expect(await p.page.$('fieldset:disabled')).not.toBeNull();
    expect(await p.text()).not.toContain('Put a line over the load');
    expect((await p.api('POST', '/plans', demoDocument('apple-bins'))).status).toBe(403);
    await p.leave();
  });
});
