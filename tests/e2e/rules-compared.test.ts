import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sideBySide } from '@/core/securement/side-by-side';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import { formatNumber, METRIC } from '@/core/units';
import { wordOpinion } from '@/wording/headline';
import { violationsInThemes } from '../support/axe';
import { request } from '../support/api';
import { atOwnPlan, launch, type Person } from '../support/browser';
import { demoDocument, demoPlan } from '../support/demo';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** Set and verdict of every row shown. */
const shown = (p: Person): Promise<[string, string][]> =>
  p.page.$$eval('tr[data-set]', (rows) =>
    rows.map((r): [string, string] => [
      r.getAttribute('data-set')!,
      r.getAttribute('data-verdict')!,
    ]),
  );

describe('one plan under every rule set', () => {
  it('is opened from the plan: each set with its word, what decides, and what would help; axe finds nothing', async () => {
    const p = await atOwnPlan(browser, 'apple-bins', 'Compared');
    await p.clickText('The plan under every rule set');
    await p.page.waitForSelector('tr[data-set]');
    expect(await shown(p)).toEqual(
      sideBySide(demoPlan('apple-bins'), new Map()).map((o) => [o.ruleSet, o.verdict]),
    );
    expect(await p.page.$eval('tr[aria-current]', (r) => r.getAttribute('data-set'))).toBe(
      demoPlan('apple-bins').ruleSet,
    );
    // The sentence and the percentage beside it are of one comparison.
    const [first] = sideBySide(demoPlan('apple-bins'), new Map()).filter(
      (o) => o.ruleSet === 'uk-road',
    );
    const row = await p.text('tr[data-set=uk-road]');
    expect(row).toContain(wordOpinion(first!, METRIC).words);
    expect(row).toContain(`${formatNumber(first!.margin! * 100, 'nearest', 2)} % to spare`);
    await p.page.waitForFunction(() => !document.querySelector('td[aria-busy=true]'));
    expect(await violationsInThemes(p.page)).toEqual([]);
    expect(
      await p.page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth),
    ).toBe(true);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('the programming interface says the same', async () => {
    const { status, json } = await request('POST', '/compare', {
      body: demoDocument('apple-bins'),
    });
    expect(status).toBe(200);
    const sets = json['sets'] as unknown as { ruleSet: string; verdict: string; message: string }[];
    expect(sets.map((s) => s.ruleSet)).toEqual([...RULE_SET_IDS]);
    expect(sets.every((s) => s.message.length > 10)).toBe(true);
  });
});
