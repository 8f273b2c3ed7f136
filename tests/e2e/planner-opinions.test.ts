import { readFileSync } from 'node:fs';
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { atOwnPlan, BASE, launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** A plan of the reference cases, opened by a person of Haulage. */
async function atCase(name: string, title: string): Promise<Person> {
  const person = await Person.at(browser);
  await person.stepInAs('Ilse Varrow');
  const { plan } = JSON.parse(
    readFileSync(new URL(`../verdict/cases/${name}.json`, import.meta.url), 'utf8'),
  ) as { plan: Record<string, unknown> };
  const { json } = await person.api('POST', '/plans', { ...plan, title });
  await person.goto(`/loads/${json['id'] as string}`);
  return person;
}

describe('two opinions, one word', () => {
  it('“the rule is met, but nothing holds it forward” is read in the row, the headline, the map and the working', async () => {
    const p = await atCase('u26-us-cmv-everything-pulls-forward', 'Both straps forward');
    expect(await p.verdict()).toBe('short');
    expect(await p.text('[data-verdict]')).toContain(
      'The rule is met, but nothing holds it forward but friction',
    );
    expect(await p.text('tr[data-direction=forward]')).toMatch(
      /the rule is met, but nothing holds it forward but friction.*SHORT/s,
    );
    expect(await p.text('tr[data-direction=rearward]')).toMatch(/HOLDS/);
    const map = (): Promise<string> => p.page.$eval('[data-hold-map]', (e) => e.textContent!);
    await p.page.waitForSelector('[data-hold-map][aria-busy=false]');
    expect(await map()).toContain(
      'Within working loads, weakest forward: 0.200 g of 0.435 g; nothing holds it forward but friction',
    );
    await p.clickText('Forward, by statics: held');
    await p.page.waitForSelector('[role=dialog]');
    expect(await p.text('[role=dialog]')).toContain('the weight on its feet');
    await p.page.keyboard.press('Escape');
    // In step with typing: the map follows, and nobody has to press anything.
    await p.section('Friction and blocking');
    await p.fill('Friction μ', '0.3');
    await p.page.waitForFunction(() =>
      document.querySelector('[data-hold-map]')!.textContent!.includes('0.300 g of 0.435 g'),
    );
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('a line is put over the load at anchors that are there; where there are none it says so', async () => {
    const p = await atOwnPlan(browser, 'water-tote', 'Put over');
    for (const n of [1, 1]) {
      await p.clickText(`Line ${n}: settings, copy, remove`);
      await p.clickText('Remove');
    }
    await p.page.waitForFunction(
      () => document.querySelectorAll('article[data-line]').length === 0,
    );
    await p.choose('New line', 'webbing with a ratchet');
    await p.clickText('Put a line over the load');
    await p.page.waitForFunction(
      () => document.querySelectorAll('article[data-line]').length === 1,
    );
    await p.afterEdit();
    const stored = await p.api('GET', p.page.url().replace(`${BASE}/loads`, '/plans'));
    const { json } = await p.api('POST', '/assess', stored.json['document']);
    expect((json['findings'] as unknown as { code: string }[]).map((f) => f.code)).not.toContain(
      'over-beyond-load',
    );
    expect(
      (json['lines'] as unknown as { routeLengthM: number }[])[0]!.routeLengthM,
    ).toBeGreaterThan(3);
    await p.section('Load');
    await p.fill('Behind front edge', '5.9 m');
    await p.clickText('Put a line over the load');
    await p.page.waitForSelector('[role=alert]');
    expect(await p.text('[role=alert]')).toContain('No two anchors of this deck');
    expect(await p.page.$$('article[data-line]')).toHaveLength(1);
    await p.leave();
  });
  it('an end taken out is named where it is, and the plan no longer HOLDS', async () => {
    const p = await atOwnPlan(browser, 'apple-bins', 'End taken out');
    expect(await p.verdict()).toBe('holds');
    await p.clickText('ring L5');
    await p.clickText('Remove');
    await p.untilVerdict('cannot-say');
    expect(await p.text('[data-verdict]')).toContain('put an anchor at its first end');
    await p.leave();
  });
});
