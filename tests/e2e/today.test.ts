/** The first room: what is due hangs on one rope; a load is hung on it and leads to its plan; on a phone the bar has a place for more. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violations, violationsInThemes } from '../support/axe';
import { launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const tags = (p: Person, part: string): Promise<string[]> =>
  p.page.$$eval(`section[aria-label="${part}"] li`, (all) =>
    all.map((li) => li.innerText.replace(/\s+/g, ' ')),
  );

describe('today', () => {
  it('a load is hung on the rope at its hour, leads to its plan, and is taken off again', async () => {
    const p = await Person.at(browser, { keeps: true });
    await p.stepInAs('Ilse Varrow', '/today');
    expect(await p.text('[aria-label=Now]')).toMatch(/\d\d:\d\d/);
    expect((await tags(p, 'Within a day')).some((t) => t.includes('Carousel crate'))).toBe(true);
    expect(await violationsInThemes(p.page)).toEqual([]);
    const load = await p.text('section[aria-label="A load goes out"] button[aria-haspopup]');
    const title = load.replace('▾', '').trim();
    const past = await p.page.evaluate(() => {
      const d = new Date(Date.now() - 2 * 3_600_000);
      return new Date(d.getTime() - d.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
    });
    await p.page.$eval(
      'input[type=datetime-local]',
      (e, value) => {
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
        set.call(e, value);
        e.dispatchEvent(new Event('input', { bubbles: true }));
      },
      past,
    );
    await p.clickText('Hang it on the rope');
    await p.page.waitForFunction(
      (t) =>
        document
          .querySelector('section[aria-label="Should be done already"]')
          ?.textContent?.includes(`${t}`),
      {},
      title,
    );
    expect(await violations(p.page)).toEqual([]);
    await p.clickText('It stays: it does not go out');
    await p.page.waitForFunction(
      (t) =>
        !document
          .querySelector('section[aria-label="Should be done already"]')
          ?.textContent?.includes(`Goes out${t}`) &&
        ![...document.querySelectorAll('section[aria-label="Should be done already"] li')].some(
          (li) => li.textContent.startsWith('Goes out') && li.textContent.includes(t),
        ),
      {},
      title,
    );
    await (await p.page.waitForSelector(
      'section[aria-label="Within a day"] a[href^="/loads/"]',
    ))!.click();
    await p.page.waitForSelector('[data-verdict]');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('on a phone: five rooms in the bar, the others behind one place of it; who only learns hangs nothing up', async () => {
    const p = await Person.at(browser, { phone: true, theme: 'night' });
    await p.stepInAs('Joss Pemberly', '/today');
    expect(await p.page.$('section[aria-label="A load goes out"]')).toBeNull();
    expect(await p.text('main')).toContain('new');
    expect(await violations(p.page)).toEqual([]);
    await p.clickText('More');
    await p.page.waitForSelector('nav button[aria-expanded=true]');
    expect(await violations(p.page)).toEqual([]);
    await p.clickText('Drills');
    await p.page.waitForFunction(() => location.pathname === '/drills');
    await p.page.waitForSelector('nav button[aria-expanded=false]');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});
