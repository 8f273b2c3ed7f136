import type { Browser } from 'puppeteer-core';
import { Person } from './browser';

const already = new WeakMap<Browser, Person>();

/** Ilse Varrow at a place of the tension bench. Without options it is the same window every time, opened anew at the place. */
export async function atBench(
  browser: Browser,
  path = '/bench',
  options?: Parameters<typeof Person.at>[1],
): Promise<Person> {
  const known = options === undefined ? already.get(browser) : undefined;
  const p = known ?? (await Person.at(browser, options));
  if (options === undefined) already.set(browser, p);
  await (known ? p.goto(path) : p.stepInAs('Ilse Varrow', path));
  await p.page.waitForSelector('[data-bench], h1');
  return p;
}
/** The three figures as text. */
export const figures = (p: Person): Promise<string> =>
  p.page.$eval('section[aria-label="Counted, hauling, kept"]', (e) =>
    (e as HTMLElement).innerText.replaceAll('\u00a0', ' '),
  );
/** What the drawing says of itself. */
export const said = (p: Person): Promise<string> =>
  p.page.$eval('[data-pull-stage]', (e) => e.getAttribute('aria-label')!.replaceAll('\u00a0', ' '));
/** Waits until something of that kind says a text. */
export const until = (p: Person, selector: string, text: string): Promise<unknown> =>
  p.page.waitForFunction(
    (s, t) =>
      [...document.querySelectorAll(s)].some((e) =>
        `${e.getAttribute('aria-label') ?? ''} ${(e as HTMLElement).innerText ?? ''}`
          .replaceAll('\u00a0', ' ')
          .includes(t),
      ),
    {},
    selector,
    text,
  );
export const untilFigures = (p: Person, text: string): Promise<unknown> =>
  until(p, 'section[aria-label="Counted, hauling, kept"]', text);
/** Clicks something clear of the bars that stay at the edges. */
export async function press(p: Person, selector: string): Promise<void> {
  await p.page.$eval(selector, (e) => e.scrollIntoView({ block: 'center' }));
  await p.page.click(selector);
}
export const handPull = (p: Person): Promise<number> =>
  said(p).then((s) => Number(/your hand ([\d.,]+) N/.exec(s)![1]!.replace(',', '')));
export const handCentre = (p: Person): Promise<{ x: number; y: number }> =>
  p.page.$eval('[data-hand] circle', (e) => {
    const r = e.getBoundingClientRect();
    return { x: r.left + r.width / 2, y: r.top + r.height / 2 };
  });

export const strength = {
  school: 'design-factor',
  designFactor: 5,
  knotSchool: 'lowest',
  handLimitN: 400,
  dynamicAllowance: 1.5,
} as const;
