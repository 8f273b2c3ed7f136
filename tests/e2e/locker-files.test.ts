import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import type { Browser, ElementHandle } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { foundCrew, importFile, request } from '../support/api';
import { BASE, launch, Person } from '../support/browser';

let browser: Browser;
beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

interface Report {
  rows: number;
  good: number;
  bad: number;
  kept: number;
  errors: { row: number; column: string; code: string; message: string }[];
}
const reportOf = (json: unknown): Report => json as Report;

/** 5,000 rows in an order of columns of its own, 300 of them bad in six ways at known places. */
function bigTable(): { csv: string; bad: Map<number, [column: string, code: string]> } {
  const bad = new Map<number, [string, string]>();
  const rows = Array.from({ length: 5000 }, (_, i) => {
    const row = {
      'Length (m)': String(5 + (i % 60)),
      'Ø (mm)': String(6 + (i % 10)),
      fibre: ['polyester', 'Manila', 'nylon three-strand'][i % 3]!,
      'Where it is': `bay ${i % 40}, "${i}"`,
      'Breaking load (kN)': String(5 + (i % 20)),
      tag: `BIG-${i}`,
      Bought: '2025-03-01',
    };
    if (i % 16 === 5 && bad.size < 300) {
      const ways: [keyof typeof row, string, string][] = [
        ['Length (m)', '12,5', 'decimal-comma'],
        ['Ø (mm)', '900', 'out-of-range'],
        ['fibre', 'spaghetti', 'word-unknown'],
        ['Breaking load (kN)', 'strong', 'not-a-number'],
        ['tag', 'a b', 'code-unusable'],
        ['Bought', '1.3.2025', 'not-a-day'],
      ];
      const [column, value, code] = ways[bad.size % ways.length]!;
      row[column] = value;
      bad.set(i + 2, [column, code]);
    }
    return row;
  });
  return { csv: Papa.unparse(rows), bad };
}

describe('a table of 5,000 rows with 300 bad ones', () => {
  it('is looked at first; every error has its row and column; nothing is lost either way', async () => {
    const cookie = await foundCrew('Table');
    const { csv, bad } = bigTable();
    expect(bad.size).toBe(300);
    const send = (keep: string) => importFile(cookie, keep, csv);
    const count = async (): Promise<number> =>
      (await request('GET', '/gear/export.csv', { cookie })).text.trim().split('\r\n').length - 1;
    const looked = reportOf((await send('nothing')).json);
    expect([looked.rows, looked.good, looked.bad, looked.kept]).toEqual([5000, 4700, 300, 0]);
    expect(looked.errors.map((e) => [e.row, e.column, e.code])).toEqual(
      [...bad].map(([row, [column, code]]) => [row, column, code]),
    );
    expect(looked.errors.every((e) => e.message.length > 10)).toBe(true);
    expect(await count()).toBe(0);
    const all = await send('all');
    expect([all.status, (all.json['issues'] as unknown as { code: string }[])[0]!.code]).toEqual([
      422,
      'import-has-errors',
    ]);
    expect(await count()).toBe(0);
    expect(reportOf((await send('good')).json).kept).toBe(4700);
    expect(await count()).toBe(4700);
    // Again: every tag is taken, and what is there is not written over.
    const again = reportOf((await send('good')).json);
    expect([
      again.good,
      again.kept,
      again.errors.filter((e) => e.code === 'code-taken').length,
    ]).toEqual([
      0,
      0,
      Math.min(4700, 2000 - again.errors.filter((e) => e.code !== 'code-taken').length),
    ]);
  });
  it('export and import again are the same table, and nothing in it runs in a spreadsheet', async () => {
    const [from, to] = [await foundCrew('From'), await foundCrew('To')];
    const evil = '=HYPERLINK("http://evil.example","click")';
    const things = [
      {
        gear: {
          format: 'vast-cleat/gear',
          version: 1,
          code: 'X-1',
          name: evil,
          notes: '+1\n-2, "quoted"',
          place: '@home',
          lengthM: '100 ft',
          pricePerM: 1.4,
          item: {
            kind: 'rope',
            material: 'manila',
            diameterM: '3/8 in',
            mbsN: '1,350 lbf',
            historyKnown: false,
          },
        },
        start: { condition: 'worn', remainingM: '61 ft', lastInspectedOn: '2026-02-03' },
      },
      {
        gear: {
          format: 'vast-cleat/gear',
          version: 1,
          code: 'X-2',
          item: { kind: 'hardware', form: 'shackle', markedWllN: '20 kN', marking: "'=2t" },
        },
        start: { retired: true, condition: 'damaged' },
      },
    ];
    for (const body of things)
      expect((await request('POST', '/gear', { body, cookie: from })).status).toBe(201);
    const { text } = await request('GET', '/gear/export.csv', { cookie: from });
    for (const cell of Papa.parse<string[]>(text.trim()).data.flat())
      expect(cell).not.toMatch(/^[=+\-@\t\r]/);
    expect(text).toContain("'=HYPERLINK(");
    expect(reportOf((await importFile(to, 'all', text)).json).kept).toBe(2);
    expect((await request('GET', '/gear/export.csv', { cookie: to })).text).toBe(text);
    const locker = JSON.parse(
      (await request('GET', '/gear/export.json', { cookie: from })).text,
    ) as { items: { history: { body: { kind: string } }[] }[] };
    expect(locker.items.map((i) => i.history.map((h) => h.body.kind))).toEqual([
      ['entered'],
      ['entered'],
    ]);
    const third = await foundCrew('Third');
    expect(
      reportOf((await importFile(third, 'all', JSON.stringify(locker), 'application/json')).json)
        .kept,
    ).toBe(2);
    expect((await request('GET', '/gear/export.csv', { cookie: third })).text).toBe(text);
  });
  it('a quote that never closes keeps only what stands before it', async () => {
    const cookie = await foundCrew('Quote');
    const csv =
      'tag,material,size (mm),length (m)\nQ-1,manila,12,3\nQ-2,"manila,12,3\nQ-3,manila,12,3\n';
    const looked = reportOf((await importFile(cookie, 'nothing', csv)).json);
    expect(looked.good).toBe(1);
    expect(looked.errors.some((e) => e.code === 'csv-broken')).toBe(true);
  });
  it('in the interface: preview, errors, only the good rows by choice', async () => {
    const p = await Person.at(browser);
    await p.stepInAs('Sunniva Dale');
    const folder = mkdtempSync(path.join(tmpdir(), 'table-'));
    const stamp = Date.now() % 1e6;
    const file = path.join(folder, 'ropes.csv');
    writeFileSync(
      file,
      `colour;tag;material;size (mm);length (m)\nred;UI-${stamp}-1;manila;12;30\nblue;UI-${stamp}-2;spaghetti;12;30\nblue;UI-${stamp}-3;nylon;12;30\n`,
    );
    await p.goto('/locker/import');
    await ((await p.page.$('input[type=file]')) as ElementHandle<HTMLInputElement>).uploadFile(
      file,
    );
    await p.page.waitForSelector('[data-bad]');
    expect(await p.page.$eval('[data-good]', (e) => e.textContent)).toBe('2');
    expect(await p.text('section[aria-label=Errors]')).toMatch(
      /3\s+material\s+“spaghetti” is not known here/,
    );
    expect(await p.text('section[aria-label=Columns]')).toContain('colour: left out');
    await p.clickText('Keep only the 2 good rows');
    await p.page.waitForFunction(() =>
      [...document.querySelectorAll('[role=status]')].some((e) =>
        e.textContent!.includes('2 things are in the locker now'),
      ),
    );
    expect((await p.api('GET', `/tags/UI-${stamp}-3`)).status).toBe(200);
    expect((await p.api('GET', `/tags/UI-${stamp}-2`)).status).toBe(404);
    rmSync(folder, { recursive: true });
    await p.leave();
  });
});

describe('the calendar of inspections', () => {
  it('is read by an independent parser, a whole day an entry, by its token alone, until it is ended', async () => {
    const cookie = await foundCrew('Calendar');
    const rope = (code: string, inspected: string) => ({
      gear: {
        format: 'vast-cleat/gear',
        version: 1,
        code,
        lengthM: 10,
        item: { kind: 'rope', material: 'manila', diameterM: '12 mm' },
      },
      start: { condition: 'good', lastInspectedOn: inspected },
    });
    const day = (ago: number): string =>
      new Date(Date.now() - ago * 86_400_000).toISOString().slice(0, 10);
    const soon = day(30);
    for (const [code, on] of [
      ['K-1', soon],
      ['K-2', soon],
      ['K-3', soon],
      ['K-4', soon],
      ['K-5', day(500)],
    ] as const)
      await request('POST', '/gear', { body: rope(code, on), cookie });
    const made = await request('POST', '/calendar', { cookie });
    const address = made.json['path'] as unknown as string;
    const fetched = await fetch(`${BASE}${address}`);
    expect(fetched.headers.get('content-type')).toContain('text/calendar');
    const text = await fetched.text();
    expect(text.split('\r\n').every((l) => Buffer.byteLength(l) <= 75)).toBe(true);
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown as string);
    expect(calendar.getFirstPropertyValue('version')).toBe('2.0');
    const events = calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
    expect(events).toHaveLength(2);
    const [overdue, next] = events;
    expect(overdue!.summary).toBe('Overdue: inspect K-5');
    expect(next!.summary).toBe('Inspect K-1, K-2, K-3 and 1 more');
    expect(next!.description.split('\n')).toEqual(['K-1', 'K-2', 'K-3', 'K-4']);
    const due = new Date(`${soon}T00:00:00Z`);
    due.setUTCMonth(due.getUTCMonth() + 6);
    // The end of a longer month falls on the last day of the shorter one.
    expect(Math.abs(Date.parse(next!.startDate.toString()) - due.getTime())).toBeLessThanOrEqual(
      3 * 86_400_000,
    );
    expect([next!.startDate.isDate, next!.duration.toSeconds()]).toEqual([true, 86_400]);
    expect(new Set(events.map((e) => e.uid)).size).toBe(2);
    expect((await fetch(`${BASE}/api/v1/calendar/guessed`)).status).toBe(404);
    const second = (await request('POST', '/calendar', { cookie })).json[
      'path'
    ] as unknown as string;
    expect((await fetch(`${BASE}${address}`)).status).toBe(404);
    await request('DELETE', '/calendar', { cookie });
    expect((await fetch(`${BASE}${second}`)).status).toBe(404);
  });
});
