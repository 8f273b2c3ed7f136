import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Browser, ElementHandle } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { drivePlan, limitsBeside } from '@/core/securement/drive/plan-drive';
import { METRIC } from '@/core/units';
import { numberedLines, wordLimit, wordRun } from '@/wording/drive';
import { request } from '../support/api';
import { violationsInThemes } from '../support/axe';
import { atOwnPlan, launch, type Person } from '../support/browser';
import { demoDocument, demoPlan } from '../support/demo';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const driven = (p: Person, as = 'there') => p.page.waitForSelector(`[data-driven=${as}]`);
const crate = demoPlan('carousel-crate');
const names = numberedLines(crate);
/** Where the load is drawn, from above: corners of its faces. */
const drawnAt = (p: Person): Promise<string> =>
  p.page.$eval('[data-picture=plan]', (g) => g.innerHTML);

describe('the test drive', () => {
  it('is opened from the plan, says what the core says, and is looked at where one wants; axe finds nothing', async () => {
    const p = await atOwnPlan(browser, 'carousel-crate', 'Driven');
    await p.clickText('Take it for a test drive');
    await driven(p);
    const slow = drivePlan(crate, { kind: 'slow', towardRad: 0 });
    if (slow.refused !== null) throw new Error(slow.refused);
    expect(await p.text('main [role=status]')).toBe(wordRun(slow.run, true, names, METRIC));
    await p.page.waitForSelector('[data-limits=there] table');
    const limits = await p.text('[data-limits=there]');
    for (const l of limitsBeside(crate)!) expect(limits).toContain(wordLimit(l, names));
    // By the keyboard to its beginning: the load stands where it was put.
    const moved = await drawnAt(p);
    await p.page.focus('input[type=range]');
    await p.page.keyboard.press('Home');
    await p.page.waitForFunction(() =>
      document.querySelector('[data-now]')?.textContent?.includes('moved 0'),
    );
    expect(await drawnAt(p)).not.toBe(moved);
    // What happened leads to where it happened.
    await p.clickText('It has gone');
    await p.page.waitForFunction(
      () => !document.querySelector('[data-now]')?.textContent?.includes('moved 0'),
    );
    await p.clickText('Show where nobody stands');
    await p.page.waitForSelector('[data-zones] path[stroke]');
    expect(await violationsInThemes(p.page)).toEqual([]);
    expect(
      await p.page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth),
    ).toBe(true);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('goes along pieces and along a table of the crew’s own; a table that cannot be read drives nothing and says where', async () => {
    const p = await atOwnPlan(browser, 'carousel-crate', 'Driven on');
    await p.goto(`${new URL(p.page.url()).pathname}/drive`);
    await driven(p);
    await p.clickText('a drive');
    await driven(p);
    await p.clickText('+ emergency stop');
    await p.page.waitForFunction(() =>
      document.querySelector('main [role=status]')?.textContent?.includes('It does not stay on'),
    );
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'drive-')), 'drive.csv');
    const input = (await p.page.$('input[type=file]')) as ElementHandle<HTMLInputElement>;
    const send = async (text: string): Promise<void> => {
      writeFileSync(file, text);
      await input.uploadFile(file);
    };
    await send('time s,forward g\n0,0\n2,-0.1\n1,0\n');
    await p.page.waitForFunction(() =>
      document.querySelector('[role=alert]')?.textContent?.includes('after the one before'),
    );
    await send('time s,forward g\n0,0\n1,-0.1\n3,-0.1\n4,0\n');
    await p.page.waitForFunction(() => document.body.innerText.includes('drive.csv'));
    await driven(p);
    expect(await p.text('main [role=status]')).toContain('stays on');
    expect(await p.page.$('[role=alert]:not([aria-live])')).toBeNull();
    expect(p.errors).toEqual([]);
    await p.leave();
  });
  it('draws what is not sure when it is asked, and can be stopped', async () => {
    const p = await atOwnPlan(browser, 'carousel-crate', 'Doubted');
    await p.goto(`${new URL(p.page.url()).pathname}/drive`);
    await driven(p);
    await p.page.waitForSelector('[data-sure=none]');
    await p.clickText('Draw');
    await p.clickText('Stop');
    await p.page.waitForSelector('[data-sure=none]');
    await p.clickText('Draw');
    await p.page.waitForSelector('[data-sure=there]');
    expect(await p.text('[data-sure=there]')).toMatch(
      /forward: statics hold in (every|no case|[\d.]+)/,
    );
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('POST /drive and /uncertainty', () => {
  const plan = demoDocument('carousel-crate') as Record<string, unknown>;
  it('say the same as the page, and read plans of earlier versions', async () => {
    const { status, json } = await request('POST', '/drive', { body: { plan } });
    expect(status).toBe(200);
    const run = json['run'] as unknown as { gaveWayAtG: number; energy: { unclosedPart: number } };
    const slow = drivePlan(crate, { kind: 'slow', towardRad: 0 });
    expect(run.gaveWayAtG).toBe(slow.refused === null ? slow.run.gaveWayAtG : NaN);
    expect(run.energy.unclosedPart).toBeLessThan(1e-3);
    const sure = await request('POST', '/uncertainty', { body: { plan, draws: 500, seed: 7 } });
    expect(sure.status).toBe(200);
    const again = await request('POST', '/uncertainty', { body: { plan, draws: 500, seed: 7 } });
    expect(again.json).toEqual(sure.json);
  });
  it('refuse what is too much or unknown, with words', async () => {
    const much = await request('POST', '/uncertainty', { body: { plan, draws: 1e6 } });
    expect(much.status).toBe(422);
    const odd = await request('POST', '/drive', {
      body: { plan, drive: { kind: 'slow', fast: 1 } },
    });
    expect(odd.status).toBe(422);
    expect(JSON.stringify(odd.json)).toContain('fast');
    const backward = await request('POST', '/drive', {
      body: { plan, drive: { kind: 'course', course: [{ atS: 1 }, { atS: 0 }] } },
    });
    expect(JSON.stringify(backward.json)).toContain('must come after');
  });
});
