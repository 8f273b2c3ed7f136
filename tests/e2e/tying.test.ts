import { gzipSync } from 'node:zlib';
import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violations } from '../support/axe';
import { BASE, frames, launch, Person } from '../support/browser';
import { giveVoice } from '../support/voice';
import { countPictures } from '../support/stage';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

async function at(path: string, options: Parameters<typeof Person.at>[1] = {}): Promise<Person> {
  const p = await Person.at(browser, options);
  await p.stepInAs('Ilse Varrow', path);
  return p;
}
/** The step shown large, from the words below the picture. */
const stepShown = (page: Page): Promise<string> =>
  page.$eval('li [aria-current=step] b', (e) => e.textContent ?? '');
const drawing = (page: Page): Promise<string> =>
  page.$eval('svg[data-knot-picture]', (e) => e.innerHTML);
const untilStep = (page: Page, n: number): Promise<unknown> =>
  page.waitForFunction(
    (s) => document.querySelector('li [aria-current=step] b')?.textContent === String(s),
    {},
    n,
  );
const busyStep = (page: Page): Promise<string | null> =>
  page.$eval('[data-hands-busy]', (e) => e.getAttribute('data-hands-busy'));
const untilBusy = (page: Page, n: number): Promise<unknown> =>
  page.waitForFunction(
    (s) =>
      document.querySelector('[data-hands-busy]')?.getAttribute('data-hands-busy') === String(s),
    {},
    n,
  );

describe('a tying run', () => {
  it('by keyboard: through the steps, drawn up, from the other side, left-handed, checks ticked', async () => {
    const p = await at('/knots/bowline');
    const { page } = p;
    const first = await drawing(page);
    await page.keyboard.press('ArrowRight');
    await untilStep(page, 2);
    expect(await drawing(page)).not.toBe(first);
    for (const n of [3, 4, 5]) {
      await page.keyboard.press('ArrowRight');
      await untilStep(page, n);
    }
    // The last step is the knot drawn up: the rope moves and comes to rest shorter than it was.
    const stands = (at: string): Promise<unknown> =>
      page.waitForFunction(
        (v) =>
          document.querySelector('input[type=range]')?.getAttribute('value') === v &&
          document.querySelector('[data-moving=false]') !== null,
        {},
        at,
      );
    await stands('1');
    await page.keyboard.press('ArrowLeft');
    await untilStep(page, 4);
    await page.focus('input[type=range]');
    await page.keyboard.press('End');
    await untilStep(page, 5);
    await stands('1');
    const tight = await drawing(page);
    await page.keyboard.press('Home');
    await stands('0');
    expect(await drawing(page)).not.toBe(tight);
    await page.evaluate(() =>
      [...document.querySelectorAll('button')].find((b) => b.textContent === 'facing me')!.focus(),
    );
    const before = await drawing(page);
    await page.keyboard.press('Enter');
    await page.waitForFunction(
      (t) => document.querySelector('svg[data-knot-picture]')!.innerHTML !== t,
      {},
      before,
    );
    await page.keyboard.press('Tab');
    expect(await page.evaluate(() => document.activeElement?.textContent)).toBe('left-handed');
    await page.keyboard.press('Space');
    await page.waitForFunction(
      () => document.activeElement?.getAttribute('aria-pressed') === 'true',
    );
    const checks = await page.$$('section[aria-label="Look, then pull"] input[type=checkbox]');
    for (const check of checks) {
      await check.focus();
      await page.keyboard.press('Space');
    }
    expect(await p.text('section[aria-label="Look, then pull"]')).toContain('All looked at');
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('by touch at phone size: nothing is wider than the screen, steps by tapping, a wrong form beside the right one', async () => {
    const p = await at('/knots/reef', { phone: true });
    const { page } = p;
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      390,
    );
    const box = await (await page.$('svg[data-knot-picture]'))!.boundingBox();
    expect(box!.height).toBeGreaterThan(240);
    // Picture and the words of the step are seen without scrolling.
    const words = await page.$$eval('p[role=status]', (list) =>
      list.map((e) => e.getBoundingClientRect().bottom),
    );
    expect(Math.min(...words)).toBeLessThan(844 - 68);
    const tap = async (label: string): Promise<void> => {
      await (await page.waitForSelector(`::-p-aria([name="${label}"][role="button"])`))!.tap();
    };
    await tap('Next step');
    await untilStep(page, 2);
    await tap('Next step');
    await untilStep(page, 3);
    await tap('thief');
    await page.waitForFunction(() =>
      document
        .querySelector('section[aria-label="Right and wrong"] figure:nth-of-type(2) svg')
        ?.getAttribute('aria-label')
        ?.includes('thief'),
    );
    expect(await violations(page)).toEqual([]);
    await p.leave();
  });

  it('hands-busy by the timer alone, by any key, by a tap anywhere; held; and back to the stage where one was', async () => {
    const p = await Person.at(browser, { phone: true });
    const { page } = p;
    // The page's own beat, given by hand: nothing here waits for a clock.
    await page.evaluateOnNewDocument(() => {
      const beating = new Map<number, () => void>();
      let made = 0;
      Object.assign(window, {
        beats: (n: number) => {
          for (let i = 0; i < n; i++) for (const beat of [...beating.values()]) beat();
        },
        setInterval: (beat: () => void) => {
          made += 1;
          beating.set(made, beat);
          return made;
        },
        clearInterval: (id: number) => beating.delete(id),
      });
    });
    const beats = async (n: number): Promise<void> => {
      await frames(page, 2);
      await page.evaluate((k) => (window as unknown as { beats: (n: number) => void }).beats(k), n);
      await frames(page, 2);
    };
    await p.stepInAs('Ilse Varrow', '/knots/bowline');
    await p.clickText('Hands-busy mode');
    await page.waitForSelector('[data-hands-busy="1"]');
    expect(await violations(page)).toEqual([]);
    for (let i = 0; i < 3; i++) await p.clickText(`${[6, 9, 14][i]} s a step`);
    await page.waitForFunction(() =>
      [...document.querySelectorAll('button')].some((b) =>
        b.getAttribute('aria-label')?.startsWith('3 s a step'),
      ),
    );
    // Ten beats a second: the thirtieth is due.
    await beats(29);
    expect(await busyStep(page)).toBe('1');
    await beats(1);
    await untilBusy(page, 2);
    await beats(30);
    await untilBusy(page, 3);
    await p.clickText('Hold on');
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await beats(100);
    expect(await busyStep(page)).toBe('3');
    await (await page.$('[data-tap]'))!.tap();
    await untilBusy(page, 4);
    await page.focus('[data-hands-busy]');
    await page.keyboard.press('k');
    await untilBusy(page, 5);
    expect(await p.text('[data-hands-busy]')).toContain('From the start again');
    await page.keyboard.press('Backspace');
    await untilBusy(page, 4);
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => !document.querySelector('[data-hands-busy]'));
    expect(await stepShown(page)).toBe('4');
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('steps are read aloud where the browser has a voice, and the screen is asked to stay awake', async () => {
    const p = await Person.at(browser);
    await giveVoice(p);
    await p.page.evaluateOnNewDocument(() => {
      Object.assign(window, { locks: 0 });
      Object.defineProperty(navigator, 'wakeLock', {
        value: {
          request: async () => {
            (window as unknown as { locks: number }).locks += 1;
            return { release: async () => {}, addEventListener: () => {} };
          },
        },
      });
    });
    await p.stepInAs('Ilse Varrow', '/knots/clove-hitch');
    await p.page.keyboard.press('h');
    await p.page.waitForSelector('[data-hands-busy]');
    await p.page.waitForFunction(() => (window as unknown as { said: string[] }).said.length > 0);
    expect(
      await p.page.evaluate(() => (window as unknown as { said: string[] }).said.at(-1)),
    ).toMatch(/^1\. Take the end over the pole/);
    expect(
      await p.page.evaluate(() => (window as unknown as { locks: number }).locks),
    ).toBeGreaterThan(0);
    expect(await p.text('[data-hands-busy]')).toContain('screen stays on');
    await p.clickText('Reading aloud. Stop');
    await p.page.keyboard.press('ArrowRight');
    await untilBusy(p.page, 2);
    expect(
      await p.page.evaluate(() => (window as unknown as { said: string[] }).said.at(-1)),
    ).toMatch(/^1\./);
    await p.leave();
  });

  it('what is said and read aloud turns with the view: left is right, and over is under, for who faces the tier', async () => {
    const p = await Person.at(browser);
    await giveVoice(p);
    await p.stepInAs('Ilse Varrow', '/knots/half-hitch');
    const second = (): Promise<string> => p.text('[aria-label="Steps"] li:nth-child(2)');
    expect(await second()).toMatch(/Cross it over the standing part\.\s+To the left\./);
    await p.clickText('left-handed');
    expect(await second()).toMatch(/Cross it over the standing part\.\s+To the right\./);
    await p.clickText('facing me');
    expect(await second()).toMatch(/Cross it under the standing part\.\s+To the left\./);
    await p.clickText('left-handed');
    await p.page.keyboard.press('ArrowRight');
    await p.page.keyboard.press('h');
    await p.page.waitForFunction(() =>
      (window as unknown as { said: string[] }).said.includes(
        '2. Cross it under the standing part. To the right.',
      ),
    );
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('who wants no motion gets the drawn-up knot at once, without a worker', async () => {
    const p = await Person.at(browser);
    await p.page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }]);
    await p.stepInAs('Ilse Varrow', '/knots/bowline');
    const workers = p.page.workers().length;
    await p.page.focus('input[type=range]');
    await p.page.keyboard.press('End');
    await untilStep(p.page, 5);
    const once = await drawing(p.page);
    await frames(p.page, 20);
    expect(await drawing(p.page)).toBe(once);
    expect(p.page.workers().length).toBe(workers);
    await p.leave();
  });
});

describe('what the stage needs', () => {
  it('the stage needs at most 250 kB of script before it works, none of it the model in space', async () => {
    const p = await at('/knots/bowline');
    const scripts = await p.page.evaluate(async () => {
      const html = await (await fetch(location.href)).text();
      return [...new DOMParser().parseFromString(html, 'text/html').querySelectorAll('script[src]')]
        .filter((s) => !s.hasAttribute('nomodule'))
        .map((s) => s.getAttribute('src')!);
    });
    const files = await Promise.all(
      scripts.map(async (s) => Buffer.from(await (await fetch(new URL(s, BASE))).arrayBuffer())),
    );
    expect(files.length).toBeGreaterThan(5);
    const kB = files.reduce((sum, f) => sum + gzipSync(f).length, 0) / 1000;
    expect(kB).toBeLessThanOrEqual(250);
    expect(files.some((f) => f.includes('WebGLRenderer'))).toBe(false);
    await p.leave();
  });

  it('the first step stands in the page as it comes, before any script runs', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Ilse Varrow');
    const paths = await p.page.evaluate(
      async () =>
        new DOMParser()
          .parseFromString(await (await fetch('/knots/alpine-butterfly')).text(), 'text/html')
          .querySelectorAll('svg[data-knot-picture] path').length,
    );
    expect(paths).toBeGreaterThan(3);
    await p.leave();
  });

  it('a form of 200 nodes and more is drawn up picture by picture, away from the page', async () => {
    const p = await Person.at(browser);
    await countPictures(p.page);
    await p.stepInAs('Ilse Varrow', '/knots/bowline');
    await p.page.focus('input[type=range]');
    await p.page.keyboard.press('End');
    await p.page.waitForFunction(() => (window as unknown as { times: number[] }).times.length > 8);
    expect(
      await p.page.evaluate(() => (window as unknown as { nodes: number }).nodes),
    ).toBeGreaterThanOrEqual(200);
    await p.leave();
  });
});
