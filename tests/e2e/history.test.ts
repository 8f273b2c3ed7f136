import type { Browser } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { pool } from '@/db/pool';
import { violations } from '../support/axe';
import { atOwnPlan, launch, Person } from '../support/browser';
import { riggingExample } from '@/server/api/examples';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

const historyOf = (p: Person): Promise<string> => p.text('ul[aria-label="Versions"]');

describe('the past of a plan', () => {
  it('says what changed and by whom; a version is named, and the way back leads to it', async () => {
    const p = await atOwnPlan(browser, 'water-tote', 'With a past');
    await p.section('Name and notes');
    await p.fill('Notes', 'mind the mast');
    await p.afterEdit();
    await p.clickText('History');
    await p.page.waitForSelector('li[data-version="2"]');
    await p.ready();
    expect(await historyOf(p)).toMatch(
      /Ilse Varrow, version 2[\s\S]*Notes: “mind the mast”, before empty\./,
    );
    expect(await historyOf(p)).toContain('The beginning.');
    await p.clickText('Name version 1');
    await p.fill('Name', 'as agreed with the yard');
    await p.clickText('Keep the name');
    await p.page.waitForFunction(() => !document.querySelector('[role=dialog]'));
    expect(await p.text('[data-version="1"]')).toContain('as agreed with the yard');
    expect(await violations(p.page)).toEqual([]);
    await p.clickText('Go back to it, version 1');
    await p.page.waitForSelector('[data-save]');
    await p.ready();
    const id = p.page.url().split('/').at(-1)!;
    const now = await p.api('GET', `/plans/${id}`);
    expect([now.json['version'], (now.json['document'] as { notes: string }).notes]).toEqual([
      3,
      '',
    ]);
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('a rigging that is taken out of the library', () => {
  it('comes back by undo, with its past', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Ilse Varrow', '/bench/library');
    const title = 'Taken out by mistake';
    const made = await p.api('POST', '/riggings', { ...riggingExample, title });
    await p.goto('/bench/library');
    await p.clickText(`Take ${title} out of the library`);
    await p.page.waitForFunction(() => /is taken out/.test(document.body.innerText));
    await p.clickText('Undo');
    await p.page.waitForFunction(
      (t) => [...document.querySelectorAll('ul a')].some((a) => a.textContent === t),
      {},
      title,
    );
    await p.goto(`/bench/${String(made.json['id'])}/history`);
    expect(await historyOf(p)).toContain('The beginning.');
    expect(p.errors).toEqual([]);
    await p.leave();
  });
});

describe('a plan of a later program', () => {
  it('says so in place of a blank, and comes out as it is kept', async () => {
    const p = await atOwnPlan(browser, 'water-tote', 'From the future');
    const id = p.page.url().split('/').at(-1)!;
    await pool().query(
      `UPDATE plan SET document = document || '{"version": 99, "units": []}' WHERE id = $1`,
      [id],
    );
    await p.goto(`/loads/${id}`);
    expect(await p.text('main')).toMatch(/cannot be read here[\s\S]*A later program wrote this/);
    const kept = await p.api('GET', `/plans/${id}/document`);
    expect(kept.json).toMatchObject({ version: 99, units: [], title: 'From the future' });
    const refused = await p.api('GET', `/plans/${id}`);
    expect([refused.status, refused.json['reason']]).toEqual([422, 'too-new']);
    await p.leave();
  });
});
