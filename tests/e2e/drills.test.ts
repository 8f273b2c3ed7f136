/** Reckoning by questions: typed, marked, the mistake named, the steps shown; by keys, by touch, in three themes. */
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
  await p.stepInAs('Ilse Varrow', path);
  return p;
};

/** The right figure in N, as the interface for programs says it. */
async function rightOf(p: Person, kind: string, number: number): Promise<number> {
  const { status, json } = await p.api('POST', '/drills/marks', {
    kind,
    number,
    typed: '1 N',
    unit: 'N',
  });
  expect(status).toBe(200);
  return Number(json['right']);
}

const typeIn = async (p: Person, text: string): Promise<void> => {
  const field = await p.page.waitForSelector('form input');
  await field!.focus();
  await p.page.keyboard.type(text);
  await p.page.keyboard.press('Enter');
};
const marked = (p: Person, mark: string): Promise<unknown> =>
  p.page.waitForSelector(`[role=status][data-mark=${mark}]`);

describe('drills', () => {
  it('by keys alone: a mistake is named and explained, the next question comes, the right answer is right', async () => {
    const p = await at('/drills?kind=turned-line&n=12');
    const right = await rightOf(p, 'turned-line', 12);
    const said = await p.text('section');
    // The tension of the line stands in the question; taken for what the ring bears it is one strand.
    const tension = /tight at ([\d.,]+)\s(\w+)/.exec(said)!;
    await typeIn(p, `${tension[1]} ${tension[2]}`);
    await marked(p, 'slip');
    expect(await p.text('[role=status]')).toContain('One strand was counted');
    expect(await p.page.$eval('[role=status]', (e) => e.getAttribute('data-slip'))).toBe(
      'one-strand',
    );
    await p.page.keyboard.press('Enter');
    await p.page.waitForFunction(() => !location.search.endsWith('n=12'));
    await p.goto('/drills?kind=turned-line&n=12');
    await typeIn(p, `${(right / 1000).toFixed(4)} kN`);
    await marked(p, 'right');
    expect(await p.text('[role=status]')).toContain('Right.');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('what cannot be read is said at the field, and the question stays', async () => {
    const p = await at('/drills?kind=hauling&n=5');
    await typeIn(p, 'about forty');
    await p.page.waitForFunction(() => document.querySelector('form input[aria-invalid=true]'));
    expect(await p.page.$('[role=status][data-mark]')).toBeNull();
    await p.leave();
  });
  it('nothing on the page tells the answer before it is given', async () => {
    const p = await at('/drills?kind=rope-line&n=77');
    const right = await rightOf(p, 'rope-line', 77);
    // As it is computed nowhere on the page; as it would be written, nowhere in the question.
    expect(await p.page.content()).not.toContain(String(right).slice(0, 8));
    const figures = await p.page.$eval(
      'section',
      (e) => e.outerHTML.match(/\d[\d.,]*/g) as string[] | null,
    );
    for (const unit of [1, 1000, 4.4482216152605])
      expect(figures).not.toContain(String(Number((right / unit).toPrecision(3))));
    await p.leave();
  });
  it('on a phone nothing is wider than the screen; axe finds nothing, before and after an answer', async () => {
    const p = await at('/drills?kind=loop-height&n=3', true);
    expect(await violations(p.page)).toEqual([]);
    await typeIn(p, '1 m');
    await p.page.waitForSelector('[role=status][data-mark]');
    expect(await p.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(
      390,
    );
    expect(await violationsInThemes(p.page)).toEqual([]);
    await p.leave();
  });
  it('a knot is named from its drawing: nothing tells it before; then what tells it is said', async () => {
    const p = await at('/drills/names?n=41');
    const { json } = await p.api('POST', '/drills/names/marks', { number: 41, pick: 'bowline' });
    const name = String(json['name']);
    const choices = (): Promise<string[]> =>
      p.page.$$eval('[role=group][aria-label="It is"] button', (all) =>
        all.map((e) => e.textContent),
      );
    expect(await choices()).toHaveLength(4);
    expect((await choices()).filter((c) => c === name)).toHaveLength(1);
    // In the page and in what it was sent the name stands once, among the four; its form stands nowhere.
    const html = await p.page.content();
    expect(html).not.toContain(`${String(json['entry'])}--${String(json['form'])}`);
    expect(html).not.toContain(`${String(json['entry'])}/${String(json['form'])}`);
    expect(await p.page.$eval('section svg', (e) => e.outerHTML)).not.toContain(name);
    expect(await violations(p.page)).toEqual([]);
    await p.clickText(name);
    await p.page.waitForSelector('[role=status][data-mark=right]');
    await p.page.keyboard.press('Enter');
    await p.page.waitForFunction(() => !location.search.endsWith('n=41'));
    await p.page.waitForSelector('[role=group][aria-label="It is"]');
    const other = Number(new URL(p.page.url()).searchParams.get('n'));
    const second = await p.api('POST', '/drills/names/marks', { number: other, pick: 'bowline' });
    const wrong = (await choices()).find((c) => c !== String(second.json['name']))!;
    await p.clickText(wrong);
    await p.page.waitForSelector('[role=status][data-mark=wrong]');
    expect(await p.text('[role=status]')).toContain(String(second.json['name']));
    expect(await violations(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});
