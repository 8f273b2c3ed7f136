/** A course that ships is taken and changed by an instructor; people stand by it; two who change it at once are told. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violations, violationsInThemes } from '../support/axe';
import { launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const rungs = (p: Person): Promise<string[]> =>
  p.page.$$eval('ol[aria-label="In the order it is taught"] > li > span', (all) =>
    all.map((e) => e.textContent),
  );
const kept = (p: Person): Promise<unknown> =>
  p.page.waitForSelector('[data-save][data-pending=false]');

describe('a course', () => {
  it('is taken, put out of order and in order again by keys, taught by, and taken away and brought back', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Tomas Quill', '/drills/courses');
    expect(await violationsInThemes(p.page)).toEqual([]);
    await p.clickText('Take and change Farm');
    await p.page.waitForSelector('ol[aria-label="In the order it is taught"]');
    expect(await violationsInThemes(p.page)).toEqual([]);
    const before = await rungs(p);
    const at = before.findIndex((t) => t.startsWith('Trucker’s hitch'));
    const hitch = before[at]!;
    const timber = before.find((t) => t.startsWith('Timber hitch'))!;
    // To the front by keys, before what it builds on: the button stays under the finger.
    for (let i = at; i > 0; i--) {
      const button = `button[aria-label="${hitch} earlier"]:not([disabled])`;
      await (await p.page.waitForSelector(button))!.focus();
      await p.page.keyboard.press('Enter');
      await p.page.waitForFunction(
        (n, name) =>
          document.querySelectorAll('ol[aria-label="In the order it is taught"] > li > span')[n]
            ?.textContent === name,
        {},
        i - 1,
        hitch,
      );
    }
    await p.page.waitForFunction(() =>
      document.querySelector('[aria-label=Order]')?.textContent?.includes('which comes later'),
    );
    await p.clickText('Put in order');
    await p.page.waitForFunction(() => !document.querySelector('[aria-label=Order]'));
    await (await p.page.$(`button[aria-label="Teach ${timber} no longer"]`))!.click();
    await kept(p);
    const left = await rungs(p);
    expect(left).toHaveLength(before.length - 1);
    expect(await violations(p.page)).toEqual([]);
    await p.clickText('Who can do what of it');
    await p.page.waitForSelector('[aria-label="Skills by people"]');
    const taught = await p.page.$$eval('tbody td:first-child', (all) =>
      all.map((e) => e.textContent),
    );
    expect(taught).toEqual(left);
    await p.clickText('Courses: change or add');
    await (await p.page.waitForSelector(
      'button[aria-label="Keep Farm, our way no longer"]',
    ))!.click();
    await p.page.waitForFunction(
      () => document.querySelectorAll('ul[aria-label="Kept courses"] > li').length === 0,
    );
    await p.clickText('Undo');
    await p.page.waitForFunction(
      () => document.querySelectorAll('ul[aria-label="Kept courses"] > li').length === 1,
    );
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('is read, not changed, by who does not teach; one that is not there says so', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Joss Pemberly', '/drills/courses');
    expect(await p.text('main')).not.toContain('Take and change');
    const refused = await p.api('POST', '/courses', {
      format: 'vast-cleat/course',
      version: 1,
      title: 'Mine',
      skills: ['reef/plain'],
    });
    expect(refused.status).toBe(403);
    await p.goto('/drills/standing?course=0190b5a0-0000-7000-8000-000000000000');
    expect(await p.text('main')).not.toContain('Skills by people');
    await p.leave();
  });
});
