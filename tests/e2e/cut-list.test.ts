import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { launch, Person } from '../support/browser';
import { chooseOnly, enter, fillAll } from '../support/locker';
import { until } from '../support/locker';

let browser: Browser;

beforeAll(async () => {
  browser = await launch();
});

afterAll(() => browser.close());

async function keeper(): Promise<Person> {
  const p = await Person.at(browser);
  await p.stepInAs('Sunniva Dale');
  return p;
}

describe('the cut list', () => {
  it('finds the plan in a worker, shows waste, never offers what is never cut, and records the cuts', async () => {
    const p = await keeper();
    const stamp = Date.now() % 1e6;
    const ids = await Promise.all(
      ['A', 'B'].map((x) =>
        enter(p, `CUT-${stamp}-${x}`, {
          lengthM: '100 ft',
          pricePerM: 0.01,
          item: { kind: 'rope', material: 'paracord', diameterM: '4 mm', mbsN: '550 lbf' },
        }),
      ),
    );
    await enter(p, `CUT-${stamp}-K`, { lengthM: '100 ft', neverCut: true });
    await p.goto('/locker/cuts');
    await until(p, 'ul[aria-label="Ropes that may be cut"] li', `CUT-${stamp}-K`);
    await chooseOnly(p, `CUT-${stamp}-`);
    await p.clickText('Find the plan');
    await p.page.waitForSelector(
      'section[aria-label="Cutting plan"][data-done=true][data-proven=true]',
    );
    await until(p, 'section[aria-label="Cutting plan"]', '9 of 9');
    await p.clickText('Record these cuts');
    await until(p, '[role=status]', 'Recorded on one rope');
    const left = await Promise.all(
      ids.map(
        async (id) =>
          ((await p.api('GET', `/gear/${id}`)).json as { standing: { remainingM: number } })
            .standing.remainingM,
      ),
    );
    expect(Math.min(...left)).toBeLessThan(5);
    expect(Math.max(...left)).toBeCloseTo(30.48, 6);
    await p.leave();
  });
  it('60 pieces from 12 hanks are planned and proven in the worker', async () => {
    const p = await keeper();
    const stamp = Date.now() % 1e6;
    for (let i = 0; i < 12; i++)
      await enter(p, `HANK-${stamp}-${i}`, { lengthM: 20 + ((i * 37) % 80) / 4 });
    await p.goto('/locker/cuts');
    await chooseOnly(p, `HANK-${stamp}-`);
    for (let i = 0; i < 2; i++) await p.clickText('Add a piece');
    await fillAll(p, 'Pieces', ['15', '15', '15', '15']);
    await fillAll(p, 'Finished length', ['7.35 m', '5.1 m', '4.27 m', '3.33 m']);
    await p.clickText('Find the plan');
    await p.page.waitForSelector(
      'section[aria-label="Cutting plan"][data-done=true][data-proven=true]',
    );
    await until(p, 'section[aria-label="Cutting plan"]', '60 of 60');
    await p.leave();
  });
  it('a long search shows its progress and can be stopped with what it has', async () => {
    const p = await keeper();
    const stamp = Date.now() % 1e6;
    for (let i = 0; i < 12; i++)
      await enter(p, `LONG-${stamp}-${i}`, {
        lengthM: 20 + ((i * 37) % 80) / 4,
        pricePerM: 0.011 + 0.001 * (i % 3),
      });
    await p.goto('/locker/cuts');
    await chooseOnly(p, `LONG-${stamp}-`);
    await p.clickText('Take utility cord off the list');
    const total = Array.from({ length: 12 }, (_, i) => 20 + ((i * 37) % 80) / 4).reduce(
      (a, b) => a + b,
      0,
    );
    await p.fill('Pieces', '60');
    await p.fill(
      'Finished length',
      `${(Math.floor((total * 0.99) / 60 / 0.25) * 0.25).toFixed(2)} m`,
    );
    await p.clickText('Find the plan');
    await p.page.waitForSelector('section[aria-label="Cutting plan"]');
    const stop = await p.page.$('::-p-xpath(//button[contains(., "Stop, take this")])');
    if (stop) await stop.click();
    await p.page.waitForSelector('section[aria-label="Cutting plan"][data-done=true]');
    await p.leave();
  });
  it('two ropes are joined when none is long enough, by a bend that is named', async () => {
    const p = await keeper();
    const stamp = Date.now() % 1e6;
    for (const x of ['A', 'B'])
      await enter(p, `JOIN-${stamp}-${x}`, {
        lengthM: 10,
        item: {
          kind: 'rope',
          material: 'polyester',
          diameterM: x === 'A' ? '12 mm' : '8 mm',
          mbsN: '10 kN',
        },
      });
    await p.goto('/locker/cuts');
    await chooseOnly(p, `JOIN-${stamp}-`);
    await p.fill('Finished length', '18 m');
    await p.page.waitForSelector('[data-join=double-sheet-bend]');
    await until(p, '[data-join]', 'sheet bend, double');
    await p.leave();
  });
});
