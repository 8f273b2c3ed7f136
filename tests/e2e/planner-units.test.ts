/** Several things on one deck, through the real planner: listed, changed, stacked, read from a table; each rule set once. */
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { RULE_SET_IDS, RULE_SET_TITLES } from '@/core/securement/rule-set-ids';
import { METRIC } from '@/core/units';
import { headline } from '@/wording/headline';
import { violationsInThemes } from '../support/axe';
import { atOwnPlan, BASE, launch, type Person } from '../support/browser';
import { demoPlan, judge } from '../support/demo';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const units = (p: Person): Promise<string[]> =>
  p.page.$$eval('[aria-label="Units of the load"] [role=option]', (rows) =>
    rows.map((r) => (r.textContent ?? '').replace(/\s+/g, ' ')),
  );
const kept = async (p: Person) => {
  await p.afterEdit();
  const { json } = await p.api('GET', p.page.url().replace(`${BASE}/loads`, '/plans'));
  return json['document'] as unknown as ReturnType<typeof demoPlan>;
};

describe('several units on one deck', () => {
  it('are listed with what they stand on; one is chosen, made heavier, and the verdict follows; axe finds nothing', async () => {
    const p = await atOwnPlan(browser, 'fair-flatbed', 'Units');
    expect(await p.verdict()).toBe('short');
    expect(await p.text('[data-verdict]')).toContain('bin 3 + bin 4');
    await p.section('Load');
    await p.page.waitForSelector('[aria-label="Units of the load"]');
    expect((await units(p)).slice(0, 2)).toEqual(['bin 1380 kgon flatbed', 'bin 2380 kgon bin 1']);
    await p.clickText('cable drum');
    await p.fill('Mass', '2000');
    await p.page.waitForFunction(() =>
      document.querySelector('[data-verdict]')?.textContent?.includes('cable drum'),
    );
    expect((await kept(p)).units.find((u) => u.id === 'drum')!.massKg).toBe(2000);
    expect(await violationsInThemes(p.page)).toEqual([]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('one more is stacked, moved to the deck, and taken out; what stood on it comes down', async () => {
    const p = await atOwnPlan(browser, 'apple-bins', 'Stacked');
    await p.section('Load');
    await p.clickText('Stack one on it');
    await p.page.waitForSelector('[aria-label="Units of the load"]');
    const [first, second] = (await kept(p)).units;
    expect(second!.on).toEqual({ kind: 'unit', unitId: first!.id });
    await p.choose('It stands on', 'the deck');
    expect((await kept(p)).units[1]!.on).toEqual({ kind: 'deck' });
    // Both in one place: said, whatever else is wrong with what nobody has tied.
    await p.untilVerdict('short');
    await p.page.waitForFunction(() => document.body.textContent?.includes('stand in each other'));
    await p.clickText(`Remove ${second!.name}`);
    await p.untilVerdict('holds');
    expect((await kept(p)).units).toHaveLength(1);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('are read from a table: looked at first, with what is wrong by row; undone in one step', async () => {
    const p = await atOwnPlan(browser, 'apple-bins', 'Read in');
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'units-')), 'units.csv');
    writeFileSync(
      file,
      'Name,Mass (kg),Length,Width,Height,From front,Stands on\nbin a,380,1.2,1,0.75,0.5,\nbin b,380,1.2,1,0.75,0.5,bin a\nbad,heavy,1,1,1,2,\n',
    );
    await p.section('Load');
    await p.clickText('From a table');
    const input = await p.page.waitForSelector('input[aria-label="Table of units"]');
    await (input as unknown as { uploadFile(f: string): Promise<void> }).uploadFile(file);
    await p.page.waitForSelector('[data-good="2"][data-bad="1"]');
    expect(await p.text('[role=dialog]')).toMatch(/4\s*Mass \(kg\)/);
    await p.clickText('Put in the 2 good rows');
    await p.page.waitForSelector('[aria-label="Units of the load"]');
    expect((await kept(p)).units.map((u) => [u.name, u.on.kind])).toEqual([
      ['bin a', 'deck'],
      ['bin b', 'unit'],
    ]);
    await p.clickText('Undo');
    expect((await kept(p)).units).toHaveLength(1);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('every rule set through the planner', () => {
  it('each says on the screen what is computed of the same plan, word and sentence', async () => {
    const p = await atOwnPlan(browser, 'apple-bins', 'Nine sets');
    const plan = demoPlan('apple-bins');
    for (const id of RULE_SET_IDS) {
      const computed = judge({ ...plan, ruleSet: id });
      await p.choose('Rules', RULE_SET_TITLES[id].name);
      await p.untilVerdict(computed.verdict);
      const sentence = headline(computed, METRIC);
      await p.page.waitForFunction(
        (words) => document.querySelector('[data-verdict]')?.textContent?.includes(words),
        {},
        sentence,
      );
    }
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('four of them disagree about one deck, side by side', async () => {
    const p = await atOwnPlan(browser, 'fair-flatbed', 'Four words at once');
    await p.clickText('The plan under every rule set');
    await p.page.waitForSelector('tr[data-set]');
    const words = await p.page.$$eval('tr[data-set]', (rows) =>
      rows.map((r) => r.getAttribute('data-verdict')!),
    );
    expect(new Set(words)).toEqual(new Set(['barred', 'short', 'cannot-say', 'holds']));
    await p.leave();
  });
});
