import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { RIGS } from '@/core/rigs/rigs';
import { violationsInThemes } from '../support/axe';
import { BASE, launch, Person } from '../support/browser';

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

/** What is wrong with a page for those who do not see it, once its links have led there: until then it may have no title. */
async function faultsOf(p: Person): Promise<string[]> {
  await p.ready();
  await p.page.waitForFunction(() => document.title !== '');
  return violationsInThemes(p.page);
}

const ANSWER = 'section[aria-label="What it is"]';
const untilAnswer = (p: Person, words: string): Promise<unknown> =>
  p.page.waitForFunction(
    (where, wanted) => document.querySelector(where)?.textContent?.includes(wanted),
    {},
    ANSWER,
    words,
  );

/** Draws on the sheet with the mouse; points in hundredths of its side from the left and from the top. */
async function draw(p: Person, points: readonly (readonly [number, number])[]): Promise<void> {
  const sheet = (await p.page.$('svg[aria-label^="Tracing"]'))!;
  const box = (await sheet.boundingBox())!;
  const move = (point: readonly [number, number], steps: number): Promise<void> =>
    p.page.mouse.move(box.x + (box.width * point[0]) / 100, box.y + (box.height * point[1]) / 100, {
      steps,
    });
  const [first, ...rest] = points;
  await move(first!, 1);
  await p.page.mouse.down();
  for (const point of rest) await move(point, 12);
  await p.page.mouse.up();
}

describe('what have I tied?', () => {
  it('by looks: two pictures lead to the granny, with the mistake named; one look back leads to the other answer', async () => {
    const p = await at('/knots/tied');
    await p.clickText('Two ends joined flat: reef, granny, thief');
    await p.page.waitForFunction(() => document.body.innerText.includes('Take one rope'));
    await p.clickText('One over the bight, the other under it.');
    await p.page.waitForFunction(() => document.body.innerText.includes('A mistake: granny'));
    expect(await faultsOf(p)).toEqual([]);
    await p.clickText('One look back');
    await p.clickText('Both on the same side of the bight, both over it or both under it.');
    await p.clickText('On the same side of the knot.');
    await p.page.waitForFunction(() =>
      document.body.innerText.includes('Reef (square) knot: plain'),
    );
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('by looks works without script', async () => {
    const p = await Person.at(browser);
    await p.page.setJavaScriptEnabled(false);
    await p.bringSession('Ilse Varrow');
    await p.page.goto(`${BASE}/knots/tied?set=flat-joins&at=1`);
    expect(await p.page.$eval('body', (b) => b.innerText)).toContain('A mistake: granny');
    // A form’s own page is read and printed without script as well: all its steps, checks and facts.
    await p.page.goto(`${BASE}/knots/bowline`);
    const text = await p.page.$eval('body', (b) => b.innerText);
    for (const words of ['Turn a small loop', 'Back down through the small loop', 'Not for:'])
      expect(text).toContain(words);
    await p.leave();
  });

  it('by tracing: a form laid down is named, one crossing turned over is told and pointed at, the other form is not', async () => {
    const p = await at('/knots/tied?by=tracing');
    await p.choose('Lay a form of ours down, to try it', 'Overhand knot: plain');
    await untilAnswer(p, 'Overhand knot');
    await p.choose('I meant to tie', 'Overhand knot: plain');
    await p.page.waitForFunction(() =>
      document.body.innerText.includes('This is the overhand knot'),
    );
    await p.page.click('button[aria-label^="Crossing 2:"]');
    await untilAnswer(p, 'It falls apart');
    await p.page.waitForSelector('button[aria-label^="Crossing 2:"][data-pointed]');
    expect(await p.text()).toContain('turn over');
    expect(await faultsOf(p)).toEqual([]);
    await p.choose('I meant to tie', 'Clove hitch: passed round');
    await p.page.waitForFunction(() => document.body.innerText.includes('is traced with'));
    expect(await p.text()).toContain('a pole');
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('by tracing: drawn with the mouse, a rope is a knot once its crossings lie right; a rope over a pole falls off', async () => {
    const p = await at('/knots/tied?by=tracing');
    // prettier-ignore
    await draw(p, [[4, 50], [30, 50], [55, 45], [70, 30], [60, 15], [45, 20], [42, 40], [45, 60], [55, 72], [70, 65], [66, 50], [60, 38], [80, 30], [97, 25]]);
    await untilAnswer(p, 'It falls apart');
    const crossings = await p.page.$$('button[aria-label^="Crossing"]');
    expect(crossings.length).toBe(3);
    await crossings[1]!.click();
    await untilAnswer(p, 'Overhand knot');
    await p.clickText('Take the last line away');
    await p.page.waitForFunction(() => !document.querySelector('button[aria-label^="Crossing"]'));
    // prettier-ignore
    await draw(p, [[4, 40], [60, 42], [80, 50], [60, 60], [4, 62]]);
    await p.clickText('Pole');
    await draw(p, [
      [45, 5],
      [46, 95],
    ]);
    await untilAnswer(p, 'It falls apart');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('which knot, what builds on what, rigs', () => {
  it('a situation is put together by links; what does not suit says why; a slick fibre is known', async () => {
    const p = await at('/knots/which?job=join');
    await p.clickText('the lines are of unequal thickness');
    await p.page.waitForFunction(
      () =>
        document.querySelectorAll('ol[aria-label="Knots that suit, best first"] > li').length === 1,
    );
    expect(await p.text('ol[aria-label="Knots that suit, best first"]')).toContain('double');
    expect(await p.text('ol[aria-label="Knots that are not for this"]')).toContain('Zeppelin');
    expect(await faultsOf(p)).toEqual([]);
    await p.goto('/knots/which?job=adjust&of=manila&mbs=20000');
    expect(await p.text()).toContain('The rope is stiff');
    expect((await p.text()).replaceAll('\u00a0', ' ')).toContain('kN');
    // What an address says wrongly is taken as usual.
    await p.goto('/knots/which?job=nonsense&c=wet,nonsense&of=straw&mbs=-4');
    expect(await p.text()).toContain('It gets wet');
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('the map shows what a knot builds on, with the step that makes it so', async () => {
    const p = await at('/knots/map?knot=constrictor');
    const text = await p.text('aside[aria-label="The knot looked at"]');
    expect(text).toContain('From Clove hitch');
    expect(text).toContain('Half hitch → Two half hitches → Clove hitch → Constrictor');
    await p.page.waitForSelector('svg[aria-label="Constrictor, step 5"]');
    expect(await faultsOf(p)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });

  it('each rig has its loads; half the sag is twice the tension, and every figure opens its working', async () => {
    const p = await at('/knots/rigs?rig=ridge&loadN=400&spanM=10&sagM=0.5&designFactor=5');
    const anchor = (): Promise<string> =>
      p.page.$eval('[aria-label^="On each anchor:"]', (e) => e.getAttribute('aria-label') ?? '');
    expect((await anchor()).replaceAll('\u00a0', ' ')).toContain('2.01 kN');
    await p.fill('Sag at the load', '0.25');
    await p.page.waitForFunction(
      () =>
        !document
          .querySelector('[aria-label^="On each anchor:"]')
          ?.getAttribute('aria-label')
          ?.includes('2.01'),
    );
    expect((await anchor()).replaceAll('\u00a0', ' ')).toMatch(/4(\.0\d)? kN/);
    await p.page.click('[aria-label^="On each anchor:"]');
    await p.page.waitForFunction(() => document.body.innerText.includes('equilibrium of the'));
    await p.page.keyboard.press('Escape');
    for (const { id, name } of RIGS) {
      await p.goto(`/knots/rigs?rig=${id}`);
      expect(await p.text('h2')).toBe(name);
    }
    expect(await faultsOf(p)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('a crew’s own words', () => {
  it('a name is found, a note is kept, and who saves second sees what was saved first', async () => {
    const p = await at('/knots/zeppelin');
    const q = await at('/knots/zeppelin');
    for (const who of [p, q]) await who.clickText('Add a name or a note');
    await p.fill('Names in your crew, with commas between', 'harbour bend, rosette');
    await p.clickText('Save');
    await p.page.waitForFunction(() => document.body.innerText.includes('harbour bend, rosette'));
    await q.fill('Note', 'Not in the thin blue line.');
    await q.clickText('Save');
    await q.page.waitForFunction(() => document.body.innerText.includes('saved first'));
    expect(await q.text()).toContain('harbour bend, rosette');
    await q.clickText('Save');
    await q.page.waitForFunction(
      () =>
        !document.querySelector('[role=alert]') &&
        document.body.innerText.includes('Not in the thin blue line.'),
    );
    await p.page.reload();
    await p.ready();
    expect(await p.text()).toContain('Not in the thin blue line.');
    await q.clickText('Change');
    await q.fill('Names in your crew, with commas between', 'harbour bend');
    await q.clickText('Save');
    await q.page.waitForFunction(() => document.body.innerText.includes('Called harbour bend'));
    await q.goto('/knots');
    await q.fill('Any name, or what it must do', 'harbour bend');
    await q.page.waitForFunction(
      () => document.querySelectorAll('ul[aria-label="Knots found"] > li').length === 1,
    );
    expect(await q.text('ul[aria-label="Knots found"]')).toContain('Zeppelin');
    await p.leave();
    await q.leave();
  });
});
