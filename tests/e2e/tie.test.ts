/** With real rope: called over the whole screen, timed by any key or a tap, looked at honestly, kept. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violations, violationsInThemes } from '../support/axe';
import { launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const at = async (path: string, phone = false): Promise<Person> => {
  const p = await Person.at(browser, { phone });
  await p.stepInAs('Joss Pemberly', path);
  return p;
};
const stage = (p: Person, name: string): Promise<unknown> =>
  p.page.waitForSelector(`[role=dialog] [data-stage=${name}]`);
/** Ticks every point that was looked at. */
const allRight = async (p: Person): Promise<void> => {
  for (const point of await p.page.$$('[aria-label="What is right"] label')) await point.click();
};

describe('tying with real rope', () => {
  it('by keys alone: called, begun, done, looked at, kept; three clean times and the next condition comes', async () => {
    const p = await at('/drills/tie?skill=bowline/facing-away');
    expect(await violationsInThemes(p.page)).toEqual([]);
    for (let time = 1; time <= 3; time++) {
      await p.clickText('Call it');
      await stage(p, 'called');
      expect(await p.text('[role=dialog]')).toContain('on a bar, in calm');
      await p.page.keyboard.press('Space');
      await stage(p, 'tying');
      await p.page.keyboard.press('k');
      await stage(p, 'tied');
      if (time === 1) expect(await violations(p.page)).toEqual([]);
      await allRight(p);
      await p.clickText('Keep it: clean');
      await p.page.waitForFunction(
        (n) =>
          document.querySelector('[aria-label="Times by condition"] tbody tr')?.children[1]
            ?.textContent === String(n),
        {},
        time,
      );
    }
    await p.page.waitForFunction(() =>
      document.querySelector('section')?.textContent?.includes('Next for you: on the thing itself'),
    );
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('on a phone by touch, in the dark: as little light as can be; what was not right is a fumble; leaving keeps nothing', async () => {
    const p = await at('/drills/tie?skill=reef/plain', true);
    await p.choose('Tied', 'in the dark');
    await p.clickText('Call it');
    await stage(p, 'called');
    expect(await p.page.$eval('[data-stage]', (e) => e.getAttribute('data-theme'))).toBe('night');
    const { x, y } = await p.page.$eval('[data-stage] h2', (e) => {
      const r = e.getBoundingClientRect();
      return { x: r.x + 20, y: r.y + 20 };
    });
    await p.page.touchscreen.tap(x, y);
    await stage(p, 'tying');
    await p.page.touchscreen.tap(x, y);
    await stage(p, 'tied');
    expect(await violations(p.page)).toEqual([]);
    await p.clickText('Keep it: fumbled');
    await p.page.waitForFunction(
      () =>
        document.querySelector('[aria-label="Times by condition"] tbody tr')?.children[2]
          ?.textContent === '1',
    );
    await p.clickText('Call it');
    await stage(p, 'called');
    await p.clickText('Leave');
    await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    const { json } = await p.api('GET', '/drills/ties?skill=reef/plain');
    expect(json['by']).toMatchObject([{ under: 'dark', tied: 1, fumbled: 1, bestMs: null }]);
    expect(await p.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      390,
    );
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});
