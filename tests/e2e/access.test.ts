import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { demoDocument } from '../support/demo';
import { violations, violationsInThemes } from '../support/axe';
import { BASE, launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

describe('axe finds nothing in any theme', () => {
  it('first page, list, planner with everything open, working, keys, print, crew', async () => {
    const p = await Person.at(browser);
    await p.goto('/');
    expect(await violationsInThemes(p.page), 'first page').toEqual([]);
    await p.stepInAs('Ilse Varrow', '/loads');
    expect(await violationsInThemes(p.page), 'list').toEqual([]);
    await p.openPlan('Carousel crate');
    for (const section of [
      'Load',
      'Friction and blocking',
      'Deck and anchors',
      'Rope strength',
      'Name and notes',
    ])
      await p.section(section);
    await p.clickText('bowline');
    expect(await violationsInThemes(p.page), 'planner').toEqual([]);
    await p.clickText('WLL of line 1');
    await p.page.waitForSelector('[role=dialog]');
    expect(await violationsInThemes(p.page), 'working').toEqual([]);
    await p.page.keyboard.press('Escape');
    await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    await p.clickText('Keys');
    await p.page.waitForSelector('[role=dialog]');
    expect(await violationsInThemes(p.page), 'keys').toEqual([]);
    await p.goto(`${p.page.url().replace(BASE, '')}/print`);
    expect(await violationsInThemes(p.page), 'print').toEqual([]);
    await p.goto('/crew');
    expect(await violationsInThemes(p.page), 'crew').toEqual([]);
    await p.leave();
  });
});

describe('on a phone', () => {
  it('axe finds nothing, nothing is wider than the screen, targets are large enough, the verdict is in sight', async () => {
    const p = await Person.at(browser, { phone: true });
    await p.stepInAs('Ilse Varrow', '/loads');
    for (const at of ['list', 'planner', 'crew']) {
      if (at === 'planner') await p.openPlan('Water tote');
      if (at === 'crew') await p.goto('/crew');
      expect(await violations(p.page), at).toEqual([]);
      expect(
        await p.page.evaluate(() => document.documentElement.scrollWidth),
        at,
      ).toBeLessThanOrEqual(390);
      const small = await p.page.$$eval(
        'button,a,input:not([type=checkbox]):not([type=file]),textarea',
        (list) =>
          list
            .filter((e) => {
              const r = e.getBoundingClientRect();
              return r.width > 0 && r.height > 0 && (r.width < 24 || r.height < 24);
            })
            .map((e) => e.outerHTML.slice(0, 120)),
      );
      // Links inside sentences are exempt (WCAG 2.5.8).
      expect(
        small.filter((html) => !html.startsWith('<a')),
        at,
      ).toEqual([]);
      if (at === 'planner')
        expect(
          await p.page.$eval('[data-verdict]', (e) => e.getBoundingClientRect().bottom),
        ).toBeLessThan(300);
    }
    await p.leave();
  });

  it('by touch: an element is picked and replaced', async () => {
    const p = await Person.at(browser, { phone: true });
    await p.stepInAs('Ilse Varrow');
    const { json } = await p.api('POST', '/plans', {
      ...demoDocument('carousel-crate'),
      title: 'By touch',
    });
    await p.goto(`/loads/${json['id'] as string}`);
    const bowline = await p.page.waitForSelector(
      '::-p-xpath(//article[@data-line="1"]//button[starts-with(normalize-space(.),"bowline")])',
    );
    await bowline!.tap();
    const better = await p.page.waitForSelector(
      '::-p-xpath(//button[contains(.,"fisherman’s (anchor) bend")])',
    );
    await better!.tap();
    await p.page.waitForFunction(() =>
      document
        .querySelector('article[data-line="1"] [data-working]')!
        .textContent!.startsWith('2.83'),
    );
    await p.leave();
  });
});

describe('by keyboard only', () => {
  it('the main job: step in, plan a load, mass, friction, a line, its working, the verdict, kept', async () => {
    const p = await Person.at(browser);
    const { page } = p;
    const focusedText = (): Promise<string> =>
      page.evaluate(() => {
        const e = document.activeElement as HTMLElement;
        if (e === document.body) return '';
        return `${e.getAttribute('aria-label') ?? ''} ${e.textContent ?? ''} ${(e.id && document.querySelector(`label[for="${CSS.escape(e.id)}"]`)?.textContent) || ''} ${(
          e.getAttribute('aria-labelledby') ?? ''
        )
          .split(' ')
          .map((id) => document.getElementById(id)?.textContent ?? '')
          .join(' ')}`;
      });
    const tabTo = async (text: string): Promise<void> => {
      for (let i = 0; i < 120; i++) {
        if ((await focusedText()).includes(text)) return;
        await page.keyboard.press('Tab');
      }
      throw new Error(`The keyboard does not reach “${text}”; it is at “${await focusedText()}”`);
    };
    await p.goto('/');
    await tabTo('Edda Thorne');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => location.pathname === '/today');
    await p.ready();
    if (await page.$('main[data-cautions=unread]')) {
      await page.waitForSelector('[role=dialog]');
      await tabTo('I have read this');
      await page.keyboard.press('Enter');
      await page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    }
    await tabTo('Plan a load');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => location.pathname === '/loads/new');
    await p.ready();
    await tabTo('Mass');
    await page.keyboard.type('310 kg');
    await tabTo('Begin');
    await page.keyboard.press('Enter');
    await page.waitForSelector('[data-verdict]');
    await p.ready();
    await tabTo('Friction and blocking');
    await page.keyboard.press('Enter');
    await tabTo('Stands on');
    await page.keyboard.press('Enter');
    await page.waitForSelector('[role=listbox]');
    await page.keyboard.type('anti-slip');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => !document.querySelector('[role=listbox]'));
    await tabTo('Put a line over the load');
    await page.keyboard.press('Enter');
    await page.waitForSelector('article[data-line="1"]');
    await page.keyboard.press('1');
    await page.waitForSelector('section[aria-label="Picked: anchor"]');
    await page.keyboard.press(']');
    await page.waitForSelector('section[aria-label="Picked: attachment knot"]');
    await tabTo('WLL of line 1');
    await page.keyboard.press('w');
    await page.waitForSelector('[role=dialog]');
    expect(await p.text('[role=dialog]')).toContain('WLL = min(');
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    await p.untilKept();
    const before = await page.$$('article[data-line]');
    await page.keyboard.down('Control');
    await page.keyboard.press('z');
    await page.keyboard.up('Control');
    await page.waitForFunction(
      (n) => document.querySelectorAll('article[data-line]').length === n - 1,
      {},
      before.length,
    );
    expect(['cannot-say', 'short']).toContain(await p.verdict());
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('focus is always visible', async () => {
    const p = await Person.at(browser);
    await p.goto('/');
    await p.page.keyboard.press('Tab');
    const outline = await p.page.evaluate(() => {
      const s = getComputedStyle(document.activeElement!);
      return [s.outlineStyle, parseFloat(s.outlineWidth)];
    });
    expect(outline[0]).not.toBe('none');
    expect(outline[1]).toBeGreaterThanOrEqual(2);
    await p.leave();
  });
});
