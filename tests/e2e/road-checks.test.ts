/** Checks on the road through the real interface, on a phone, with a clock that the test moves. */
import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { violationsInThemes } from '../support/axe';
import { request } from '../support/api';
import { BASE, launch, Person } from '../support/browser';
import { demoDocument } from '../support/demo';
import { cookieOf } from '../support/world';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

/** Lets the pages to come live so many minutes later. */
const later = (p: Person, minutes: number): Promise<unknown> =>
  p.page.evaluateOnNewDocument((ms) => {
    const Real = Date;
    const moved = class extends Real {
      constructor(...given: [] | [string | number | Date]) {
        super(given.length === 0 ? Real.now() + ms : given[0]);
      }
      static override now(): number {
        return Real.now() + ms;
      }
    };
    (window as { Date: unknown }).Date = moved;
  }, minutes * 60_000);

async function atCheck(title: string, ruleSet: string, phone = true) {
  const body = { ...demoDocument('water-tote'), title, ruleSet };
  const { json } = await request('POST', '/plans', { body, cookie: await cookieOf('Ilse Varrow') });
  const id = String(json['id']);
  const p = await Person.at(browser, { phone });
  await p.stepInAs('Ilse Varrow', `/loads/${id}/check`);
  return { p, id };
}
const clock = (p: Person): Promise<string> => p.text('[role=status][data-road]');
const state = (p: Person, word: string): Promise<unknown> =>
  p.page.waitForSelector(`[role=status][data-road="${word}"]`);

describe('checks on the road', () => {
  it('one tap drives off; the clock runs on the page and the list and says when it is overdue; axe finds nothing', async () => {
    const { p, id } = await atCheck('Tote on the road', 'us-cmv');
    expect(await clock(p)).toBe('Check every line before driving.');
    await p.clickText('All 2 tight: drive off');
    await state(p, 'on-the-road');
    expect(await clock(p)).toMatch(
      /^Check due in (59 min|1 h 0 min), or at 80 km driven, or at a change of duty, whichever is first \(49 CFR 392\.9\(b\)\)\.$/,
    );
    expect(await violationsInThemes(p.page)).toEqual([]);
    await later(p, 65);
    await p.goto('/loads');
    expect(await p.text('ul[aria-label="Plans"]')).toMatch(/check overdue by [56] min/);
    await p.goto(`/loads/${id}`);
    await p.page.waitForSelector('[data-road="on-the-road"][data-late=true]');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('slack found twice on one line is said and offered as a change of the plan; a damaged one says stop', async () => {
    const { p, id } = await atCheck('Slack twice', 'eu-road');
    await p.clickText('All 2 tight: drive off');
    await state(p, 'on-the-road');
    const find = async (line: number, word: string): Promise<void> => {
      const row = `[data-check-line="${line}"]`;
      await p.page.waitForSelector(row);
      await p.page.evaluate(
        (at, w) =>
          [...document.querySelectorAll<HTMLElement>(`${at} button`)]
            .find((b) => b.textContent === w)!
            .click(),
        row,
        word,
      );
      await p.page.waitForSelector(`${row} button[aria-pressed=true]`);
    };
    const checks = async (): Promise<{ lines: { state: string; readingN: number | null }[] }[]> =>
      (await p.api('GET', `/plans/${id}/checks`)).json['checks'] as never;
    const recorded = async (count: number): Promise<void> => {
      await p.page.waitForFunction(
        (n) => document.querySelectorAll('[aria-label="Checks so far"] > li').length === n,
        {},
        count,
      );
      await p.ready();
    };
    await find(1, 'slack found');
    await p.fill('Meter on line 1', '0.4 kN');
    await p.clickText('Record; 1 not looked at');
    await recorded(2);
    expect((await checks())[0]!.lines).toEqual([
      { lineId: expect.any(String) as string, state: 'slack', readingN: 400 },
    ]);
    expect(await p.text('[data-found]')).toContain('found slack once');
    await find(1, 're-hauled');
    await find(2, 'damaged');
    await p.clickText('Record what was found');
    await recorded(3);
    const said = await p.text('main');
    expect(said).toContain('It was found slack 2 times of late.');
    expect(said).toContain('do not drive on with it');

    await p.goto(`/loads/${id}`);
    await p.page.waitForSelector('section[data-road]');
    await p.clickText('Count on less of');
    await p.afterEdit();
    const plan = (await p.api('GET', p.page.url().replace(`${BASE}/loads`, '/plans'))).json[
      'document'
    ] as { lines: { settling: number }[] };
    const before = demoDocument('water-tote') as typeof plan;
    expect(plan.lines[0]!.settling).toBeCloseTo((before.lines[0]!.settling ?? 0.2) + 0.2, 6);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('without an answer a check stays on the device and is sent by itself, with the time it was made', async () => {
    const { p, id } = await atCheck('No signal', 'eu-road');
    await p.page.setOfflineMode(true);
    await p.clickText('All 2 tight: drive off');
    await p.page.waitForFunction(() => document.body.innerText.includes('kept on this device'));
    await p.page.setOfflineMode(false);
    await state(p, 'on-the-road');
    const { json } = await p.api('GET', `/plans/${id}/checks`);
    expect(json['checks']).toHaveLength(1);
    await p.leave();
  });
});
