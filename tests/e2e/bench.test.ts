import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violations, violationsInThemes } from '../support/axe';
import {
  atBench as open,
  handCentre,
  handPull,
  press,
  figures,
  until,
  untilFigures,
} from '../support/tension-bench';
import { frames, launch, type Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());
const atBench = (path?: string, options?: Parameters<typeof open>[2]): Promise<Person> =>
  open(browser, path, options);

describe('the pull bench by mouse', () => {
  it('opens with the answer: 3 counted, 1.8 hauling, what is kept, the most the hand may pull', async () => {
    const p = await atBench();
    const text = await figures(p);
    expect(text).toMatch(/3\.00\s*: 1/);
    expect(text).toMatch(/1\.80\s*: 1/);
    expect(text).toContain(
      '“10 lb gives about 20 lb” wants a ring or connector in the loop: 1.85 to 2.07',
    );
    expect(await p.text('[data-bench-verdict]')).toMatch(/HOLDS[\s\S]*Do not pull more than/);
    expect(p.errors).toEqual([]);
  });
  it('the hand is dragged: farther is harder; sideways is sideways; one undo takes the whole pull back', async () => {
    const p = await atBench();
    const before = await handPull(p);
    const { x, y } = await handCentre(p);
    await p.page.mouse.move(x, y);
    await p.page.mouse.down();
    for (let i = 1; i <= 10; i++) await p.page.mouse.move(x, y + i * 12);
    await p.page.mouse.up();
    await p.page.waitForFunction(
      (n) =>
        Number(
          /your hand ([\d.,]+)/
            .exec(document.querySelector('[data-pull-stage]')!.getAttribute('aria-label')!)![1]!
            .replace(',', ''),
        ) >
        n + 150,
      {},
      before,
    );
    await p.clickText('Undo');
    await p.page.waitForFunction(
      (n) =>
        document
          .querySelector('[data-pull-stage]')!
          .getAttribute('aria-label')!
          .includes(`your hand ${n}`),
      {},
      before,
    );
    const from = await handCentre(p);
    await p.page.mouse.move(from.x, from.y);
    await p.page.mouse.down();
    await p.page.mouse.move(from.x + 150, from.y - 40, { steps: 8 });
    await p.page.mouse.move(from.x + 200, from.y - 60, { steps: 8 });
    await p.page.mouse.up();
    await p.page.waitForFunction(
      () =>
        document.querySelector<HTMLInputElement>(
          '[role=radiogroup][aria-label="Where you pull"] input:checked, [role=radiogroup] [data-selected] input',
        )?.value === 'sideways',
    );
    await untilFigures(p, '1.13');
  });
  it('tying off shows what is kept; another loop changes what the line may carry; parts and workings open', async () => {
    const p = await atBench();
    await p.clickText('Tie off');
    await until(p, '[data-pull-stage]', 'Tied off: your hand 0 N, loop to anchor 191 N');
    await p.clickText('Untie');
    const wll = await p.text('[data-bench-verdict]');
    await press(p, '[aria-label="Loop"] button:nth-of-type(4)');
    await p.page.waitForFunction(
      (w) => (document.querySelector('[data-bench-verdict]') as HTMLElement).innerText !== w,
      {},
      wll,
    );
    expect(await p.text('[data-bench-verdict]')).toContain('1.20');
    await p.clickText('What bears what');
    await p.page.waitForSelector('ul[aria-label="Limits"]');
    expect(
      (await p.text('ul[aria-label="Limits"]'))
        .split('\n')
        .filter((l) => /rope turn|alpine butterfly|bowline|ring/.test(l)).length,
    ).toBeGreaterThanOrEqual(5);
    await p.page.keyboard.press('Escape');
    await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    await press(p, 'section[aria-label="Counted, hauling, kept"] > div:nth-child(2) button');
    await p.page.waitForSelector('[role=dialog]');
    expect(await p.text('[role=dialog]')).toContain('H × R');
  });
  it('both doubles, named for what they are; a ring in the loop makes the “2:1” school true', async () => {
    const p = await atBench();
    await p.fill('Hand pull', '300 N');
    await untilFigures(p, '0.540 kN');
    await p.choose('What pulls', 'trucker’s, second loop');
    await untilFigures(p, '3.24');
    // The hand goes on pulling as it did, 3.24 × 300 N, and the bench is called for what it is.
    await untilFigures(p, '0.972 kN');
    await until(p, 'h1', 'Trucker’s, second loop');
    await p.choose('What pulls', 'trucker’s, loop reeved twice');
    await untilFigures(p, '2.04');
    await p.choose('What pulls', 'trucker’s hitch');
    await press(p, '[aria-label="In the loop"] button:nth-of-type(2)');
    await untilFigures(p, 'the “2:1” school, is true here');
  });
});

describe('the pull bench by keys', () => {
  it('p pulls while it is held, with Shift it eases, t ties off, w opens a working, newtons are typed, the slider steps', async () => {
    const p = await atBench();
    const { keyboard } = p.page;
    const start = await handPull(p);
    await keyboard.down('p');
    await p.page.waitForFunction(
      (n) =>
        Number(
          /your hand ([\d.,]+)/
            .exec(document.querySelector('[data-pull-stage]')!.getAttribute('aria-label')!)![1]!
            .replace(',', ''),
        ) >
        n + 80,
      {},
      start,
    );
    await keyboard.up('p');
    const top = await handPull(p);
    await frames(p.page, 20);
    expect(await handPull(p)).toBe(top);
    await keyboard.down('Shift');
    await keyboard.down('p');
    await p.page.waitForFunction(
      (n) =>
        Number(
          /your hand ([\d.,]+)/
            .exec(document.querySelector('[data-pull-stage]')!.getAttribute('aria-label')!)![1]!
            .replace(',', ''),
        ) <
        n - 60,
      {},
      top,
    );
    await keyboard.up('p');
    await keyboard.up('Shift');
    await keyboard.press('t');
    await until(p, '[data-pull-stage]', 'Tied off');
    await p.fill('Hand pull', '56.2 lbf');
    await until(p, '[data-pull-stage]', 'your hand 250 N');
    await p.page.focus(
      'input[type=range][aria-label^="Hand pull"], [aria-label^="Hand pull"] input[type=range]',
    );
    await keyboard.press('ArrowRight');
    await until(p, '[data-pull-stage]', 'your hand 260 N');
    await p.page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await keyboard.press('w');
    await p.page.waitForSelector('[role=dialog]');
    await keyboard.press('Escape');
    await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    await keyboard.press('?');
    await until(p, '[role=dialog]', 'pull, as long as it is held');
  });
  it('a route is built by choosing stops: 2 to 1, a turn and another end make 3 to 1; what cannot be worked out is said and nothing is lost', async () => {
    const p = await atBench('/bench?system=simple-2');
    await untilFigures(p, '1.90');
    await p.clickText('Add a turn');
    await until(p, '[role=alert]', 'goes from a place to the same place');
    await until(p, '[role=alert]', 'The figures still show the route before');
    await untilFigures(p, '1.90');
    await press(p, '[aria-label="Rope 1"] li:last-child button');
    await p.page.waitForSelector('[role=listbox]');
    await p.clickText('load');
    await untilFigures(p, '2.71');
    await p.clickText('Add a travelling pulley');
    await p.page.waitForFunction(
      () => document.querySelectorAll('[aria-label^="Rope "]').length >= 2,
    );
    await until(p, '[data-bench-verdict]', 'CANNOT SAY');
    // Every body of a tackle bears something: the one at the load and the one at the anchor too.
    for (const body of ['load', 'anchor', 'travelling pulley']) {
      expect(await p.text('[data-bench-verdict]')).toContain('CANNOT SAY');
      await p.fill(`Marked WLL, ${body}`, '8 kN');
    }
    await until(p, '[data-bench-verdict]', 'Do not pull more than 233 N: bowline gives first');
    await p.fill('Hand pull', '200 N');
    await until(p, '[data-bench-verdict]', 'HOLDS');
  });
});

describe('the pull bench on a phone', () => {
  it('the answer is in sight, nothing is wider than the screen, it is pulled by touch, axe finds nothing', async () => {
    const p = await atBench('/bench', { phone: true });
    expect(
      await p.page.$eval('[data-bench-verdict]', (e) => e.getBoundingClientRect().bottom),
    ).toBeLessThan(844);
    expect(await p.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      390,
    );
    await p.page.$eval('[data-hand]', (e) => e.scrollIntoView({ block: 'center' }));
    const before = await handPull(p);
    const { x, y } = await handCentre(p);
    const touch = await p.page.touchscreen.touchStart(x, y);
    for (let i = 1; i <= 8; i++) await touch.move(x, y + i * 12);
    await touch.end();
    await p.page.waitForFunction(
      (n) =>
        Number(
          /your hand ([\d.,]+)/
            .exec(document.querySelector('[data-pull-stage]')!.getAttribute('aria-label')!)![1]!
            .replace(',', ''),
        ) >
        n + 100,
      {},
      before,
    );
    expect(await violations(p.page)).toEqual([]);
    for (const path of ['/bench/compare', '/bench/spans', '/bench/wraps', '/bench/library']) {
      await p.goto(path);
      expect(
        await p.page.evaluate(() => document.documentElement.scrollWidth),
        path,
      ).toBeLessThanOrEqual(390);
    }
  });
});

describe('axe finds nothing on the bench in any theme', () => {
  it('bench, a tackle’s route, line, limits, meter, comparison, spans, wraps, library', async () => {
    const p = await atBench('/bench');
    const none = async (at: string): Promise<void> => {
      expect(await violationsInThemes(p.page), at).toEqual([]);
    };
    const dialog = async (button: string): Promise<void> => {
      await p.clickText(button);
      await p.page.waitForSelector('[role=dialog]');
      await none(button);
      await p.page.keyboard.press('Escape');
      await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    };
    await p.clickText('Round turn, no-end form, friction');
    await none('bench');
    for (const button of ['Change the line', 'What bears what', 'Read the meter', 'Use in a plan'])
      await dialog(button);
    for (const path of [
      '/bench?system=compound-9',
      '/bench/compare',
      '/bench/spans',
      '/bench/wraps',
      '/bench/library',
    ]) {
      await p.goto(path);
      await none(path);
    }
    expect(p.errors).toEqual([]);
  });
});

describe('side by side, spans, wraps', () => {
  it('four systems as a table and a chart; one is left out again', async () => {
    const p = await atBench('/bench/compare');
    await p.page.waitForSelector('[role=img][data-drawn] svg path');
    await p.clickText('Add it');
    await p.page.waitForFunction(() => document.querySelectorAll('thead th').length === 5);
    await until(p, 'button', 'Four at most');
    expect(await p.text('tbody')).toMatch(
      /while hauling\s+1\.80 : 1\s+3\.24 : 1\s+2\.71 : 1\s+7\.34 : 1/,
    );
    await p.fill('Hand pull', '500 N');
    await until(p, 'tbody', '0.900 kN');
    await p.clickText('Leave out simple 3 to 1');
    await p.page.waitForFunction(() => document.querySelectorAll('thead th').length === 4);
    expect(await p.page.$$eval('[role=img] svg path', (l) => l.length)).toBeGreaterThan(6);
    expect(p.errors).toEqual([]);
  });
  it('a drum-tight line with a small load is short; let it hang, and it holds; legs at 45° bear 1.414', async () => {
    const p = await atBench('/bench/spans');
    expect(await p.text('[data-span-verdict]')).toMatch(/SHORT[\s\S]*25\.7 times the load/);
    await p.fill('Sag at the load', '0.5 m');
    await p.page.waitForSelector('[data-span-verdict=holds]');
    await p.clickText('elastic: its length before');
    await p.fill('Length of the line before', '10.1 m');
    await p.page.waitForSelector('[data-span-verdict=holds]');
    await until(p, '[aria-label="Legs and slings"]', '1.41 times its share');
    const rope = '[aria-label="Rope of the span"]';
    await p.clickText('Change the rope');
    await p.choose('Material', 'nylon three-strand');
    await until(p, rope, 'nylon three-strand');
  });
  it('two turns on a post leave too much for a light hand; three do', async () => {
    const p = await atBench('/bench/wraps');
    await p.page.waitForSelector('[data-wraps=short]');
    await p.fill('How many turns', '3');
    await p.page.waitForSelector('[data-wraps=holds]');
    await p.choose('Wrapped as', 'prusik');
    await until(p, 'main', 'grip hitches slip before they break');
  });
});
