import fc from 'fast-check';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readGearTable } from '@/core/exchange/gear-csv/read';
import { writeGearTable } from '@/core/exchange/gear-csv/write';
import { startSchema } from '@/core/gear/schema';
import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { exportCsv, exportLocker } from '@/server/gear-export';
import type { ImportReport } from '@/server/gear-import/import';
import { endThreads } from '@/server/jobs/pool';
import { openSession, SESSION_COOKIE } from '@/server/session';
import { crewWith, freshDatabase } from '../support/database';
import { rope } from '../support/gear';
import { handlerOf } from '../support/handlers';

type Type = 'text/csv' | 'application/json';
type Answer = ImportReport & { issues?: { code: string; path: (string | number)[] }[] };
let db: Awaited<ReturnType<typeof freshDatabase>>;

/** A crew, and its import and export. */
async function crew(name: string) {
  const { crewId, memberId } = await crewWith(db.pool, name);
  const cookie = `${SESSION_COOKIE}=${await openSession(pool(), memberId, new Date())}`;
  const handler = await handlerOf(API.importGear);
  return {
    send: async (keep: string, body: string, type: Type = 'text/csv') => {
      const request = new Request(`http://localhost/api/v1/gear/import?keep=${keep}`, {
        method: 'POST',
        body,
        headers: { cookie, 'content-type': type },
      });
      const response = await handler(request, { params: Promise.resolve({}) });
      return { status: response.status, json: (await response.json()) as Answer };
    },
    text: async (type: Type): Promise<string> => {
      const parts: string[] = [];
      const all = type === 'text/csv' ? exportCsv : exportLocker;
      for await (const part of all(pool(), crewId)) parts.push(part);
      return parts.join('');
    },
    count: async (): Promise<number> =>
      Number(
        (await pool().query('SELECT count(*) FROM gear WHERE crew_id = $1', [crewId])).rows[0]
          .count,
      ),
  };
}
type Crew = Awaited<ReturnType<typeof crew>>;

const START = startSchema.parse({ condition: 'worn', lastInspectedOn: '2026-02-03' });
const rows = (n: number) =>
  Array.from({ length: n }, (_, i) => ({
    gear: rope({ code: `R-${i + 1}`, notes: i % 7 === 0 ? 'a "long",\nsplice' : '' }),
    start: { ...START, remainingM: 1 + (i % 29), suspect: i % 11 === 0 },
  }));
const table = (n: number, order?: (a: string, b: string) => number): string => {
  const all = rows(n);
  if (order) all.sort((a, b) => order(a.gear.code, b.gear.code));
  return Papa.unparse(writeGearTable(all) as string[][], { newline: '\r\n' });
};
const locker = (items: unknown[], around: Record<string, unknown> = {}): string =>
  JSON.stringify({ format: 'vast-cleat/locker', version: 1, items, ...around });
const item = (code: string, extra: Record<string, unknown> = {}) => ({
  gear: rope({ code }),
  ...extra,
});

beforeAll(async () => {
  process.env['VAST_CLEAT_LIMITER'] = 'off';
  db = await freshDatabase();
  // The handlers’ own pool, and that of the thread, go to the same place.
  process.env['DATABASE_URL'] = db.url;
});
afterAll(async () => {
  await endThreads();
  await pool().end();
  await db.close();
});

describe('a locker of 20,001 things', () => {
  it('comes out and goes in again the same, as a table and as a locker', async () => {
    const from = await crew('From');
    const first = await from.send('all', table(20_001));
    expect([first.status, first.json.kept]).toEqual([200, 20_001]);
    const csv = await from.text('text/csv');
    expect(csv.trimEnd()).toBe(table(20_001, (a, b) => (a < b ? -1 : 1)));
    const to = await crew('To');
    const report = (await to.send('all', await from.text('application/json'), 'application/json'))
      .json;
    expect([report.kept, report.bad, report.errors]).toEqual([20_001, 0, []]);
    expect(await to.text('text/csv')).toBe(csv);
  });
  it('too many rows are too many', async () => {
    const to = await crew('Many');
    const answer = await to.send('nothing', `tag\n${'A\n'.repeat(200_001)}`);
    expect([answer.status, answer.json.issues![0]!.code]).toEqual([422, 'table-too-long']);
  });
});

describe('a file that is read piece by piece', () => {
  it('is read as it is when it is read whole', async () => {
    const text = table(4000).replaceAll('polyester', (m, at: number) =>
      at % 13 === 0 ? 'spaghetti' : m,
    );
    expect(text.length).toBeGreaterThan(1 << 18);
    const whole = readGearTable(Papa.parse<string[]>(text).data);
    if (!whole.ok) throw new Error('refused');
    const report = (await (await crew('Pieces')).send('nothing', `\uFEFF${text}`)).json;
    expect([report.good, report.errors.map(({ row, code }) => ({ row, code }))]).toEqual([
      whole.value.good.length,
      whole.value.errors.map(({ row, code }) => ({ row, code })),
    ]);
  });
  it('one bad row at its end, and nothing of it is kept', async () => {
    const to = await crew('All');
    const answer = await to.send('all', `${table(1200)}\r\n"R-1"`);
    expect([answer.status, answer.json.issues![0]!.code]).toEqual([422, 'import-has-errors']);
    expect(await to.count()).toBe(0);
    const good = (await to.send('good', `${table(1200)}\r\n"R-1"`)).json;
    expect([good.kept, good.bad, good.errors[0]!.row]).toEqual([1200, 1, 1202]);
  });
  it('a tag twice is found however far apart', async () => {
    const items = [...rows(1100), item('R-3')];
    const report = (await (await crew('Twins')).send('nothing', locker(items), 'application/json'))
      .json;
    expect(report.errors.map((e) => [e.row, e.code])).toEqual([[1101, 'code-twice']]);
  });
  it.each([
    ['in the middle', 300],
    ['near the end', 29_990],
  ])('a quote that opens %s and never closes keeps what stands before it', async (_, at) => {
    const lines = Array.from({ length: 30_000 }, (_, i) => `Q-${i},manila,12,3`);
    lines[at] = `"${lines[at]}`;
    const text = ['tag,material,size (mm),length (m)', ...lines].join('\n');
    const report = (await (await crew(`Quote ${at}`)).send('nothing', text)).json;
    expect([report.good, report.errors.map((e) => [e.row, e.code])]).toEqual([
      at,
      [[at + 2, 'csv-broken']],
    ]);
  });
  it('a column that says something only at the end is named, and a misspelt one stops everything', async () => {
    const head = 'tag,material,size (mm),length (m)';
    const body = (n: number) => Array.from({ length: n }, (_, i) => `C-${i},manila,12,3`);
    const text = (header: string): string =>
      [`${head},${header}`, ...body(16_000), 'C-X,manila,12,3,x'].join('\n');
    const to = await crew('Columns');
    const unknown = (await to.send('nothing', text('colour'))).json;
    expect([unknown.good, unknown.errors.map((e) => e.code)]).toEqual([16_001, ['column-unknown']]);
    const misspelt = (await to.send('nothing', text('Conditon'))).json;
    expect([misspelt.good, misspelt.errors.map((e) => e.code)]).toEqual([0, ['column-unknown']]);
  });
});

describe('a locker as JSON', () => {
  let to: Crew;
  beforeAll(async () => {
    to = await crew('Json');
  });
  const send = (text: string, keep = 'all') => to.send(keep, text, 'application/json');
  it('in any order of its names', async () => {
    const text = JSON.stringify({
      items: [item('ORDER-1')],
      version: 1,
      format: 'vast-cleat/locker',
    });
    expect((await send(text)).json.kept).toBe(1);
    expect((await send(`\uFEFF${text.replace('ORDER-1', 'ORDER-2')}`)).json.kept).toBe(1);
  });
  it.each([
    ['of a later version', locker([item('V-1')], { version: 2 }), 'document-too-new', ['version']],
    ['with a name nobody knows', locker([item('V-2')], { itemz: [] }), 'unknown-key', ['itemz']],
    ['that is something else', '{"format":"x","version":1}', 'invalid-value', ['format']],
    ['that is a list', '[]', 'invalid-type', []],
    ['that breaks off', locker([item('V-3')]).slice(0, -3), 'file-not-json', []],
    ['with something behind it', `${locker([])} x`, 'file-not-json', []],
    ['that is empty', '', 'file-not-json', []],
  ])('%s is refused, and nothing of it kept', async (_, text, code, path) => {
    const before = await to.count();
    const { status, json } = await send(text, 'good');
    expect([status, json.issues![0]!.code, json.issues![0]!.path]).toEqual([422, code, path]);
    expect(await to.count()).toBe(before);
  });
  it('what is wrong with a thing stands at its row, and the others are kept', async () => {
    const report = (
      await send(
        locker([
          item('W-1'),
          item('W-2', { colour: 'red' }),
          item('W-3', { start: { lastInspectedOn: '2999-01-01' } }),
          JSON.parse('{"gear":{"code":"\\ud800"}}') as unknown,
          item('W-1'),
          item('W-4', { start: { suspect: true } }),
        ]),
        'good',
      )
    ).json;
    expect(report.errors.map((e) => [e.row, e.column, e.code])).toEqual([
      [2, 'colour', 'unknown-key'],
      [3, 'start.lastInspectedOn', 'day-out-of-range'],
      [4, '', 'text-not-storable'],
      [5, 'code', 'code-twice'],
    ]);
    expect(report.kept).toBe(2);
  });
});

describe('what is no such file', () => {
  it('says so', async () => {
    const to = await crew('Other');
    expect((await to.send('some', 'tag\nA\n')).status).toBe(422);
    expect((await to.send('all', 'x', 'image/png' as Type)).status).toBe(415);
  });
  it('damaged in any way it is refused or told row by row, and never breaks anything', async () => {
    const to = await crew('Damage');
    const sound: [string, Type][] = [
      [table(30), 'text/csv'],
      [locker(rows(30)), 'application/json'],
    ];
    const damage = fc.record({
      of: fc.constantFrom(...sound),
      at: fc.double({ min: 0, max: 1, noNaN: true }),
      cut: fc.integer({ min: 0, max: 40 }),
      put: fc.oneof(
        fc.string({ unit: 'binary' }),
        fc.constantFrom('"', '\u0000', '{', ']', ',', '\r', '\\ud800', '-1', 'null'),
      ),
    });
    await fc.assert(
      fc.asyncProperty(damage, async ({ of: [text, type], at, cut, put }) => {
        const i = Math.floor(at * text.length);
        const { status } = await to.send(
          'nothing',
          text.slice(0, i) + put + text.slice(i + cut),
          type,
        );
        expect([200, 422]).toContain(status);
      }),
      { numRuns: 300 },
    );
    expect(await to.count()).toBe(0);
  });
});
