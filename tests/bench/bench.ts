import { readFileSync } from 'node:fs';
import type { Plan } from '@/core/securement/plan';
import { allForms } from '@/core/knot/catalogue';
import { pictureOf } from '@/core/knot/drawing/picture';
import { DrawingUp } from '@/core/knot/shape/drawing-up';
import type { ShippedForm } from '@/core/knot/shape/frames';
import { closed } from '@/core/knot/topology/closure';
import { jonesInA } from '@/core/knot/topology/jones';
import { planarCode } from '@/core/knot/topology/planar-code';
import { viewsOf } from '@/core/knot/topology/views';
import KNOWN from '@/core/knot/trace/known.json';
import { against, nameOfSketch, withTurned } from '@/core/knot/trace/name';
import type { Sketch } from '@/core/knot/trace/sketch';
import { helpfulChanges } from '@/core/securement/advice/one-change';
import { CutSearch } from '@/core/cutting/search';
import { pool } from '@/db/pool';
import { ALL_GEAR, gearPage, type GearQuery, ropesForLength } from '@/db/queries/gear-list';
import { planPage } from '@/db/queries/plans';
import { foundCrew, request } from '../support/api';
import { fileOf } from '../../scripts/knots/forms';
import { demoDocument, demoLocker, demoPlan, judge } from '../support/demo';
import { formOf, randomOf } from '../support/knots';
import { sketches } from '../support/tracings';
import { benchBlocking } from './blocking';
import { benchDragging } from './dragging';
import { benchDrills } from './drills';
import { benchDraws } from './draws';
import { benchDrive } from './drive';
import { benchEnough } from './enough';
import { benchHold, benchTyping } from './hold';
import { benchLog } from './log';
import { benchNews } from './news';
import { benchOnTheWay } from './on-the-way';
import { benchPages, benchPulling, benchStage, benchTension, overweight } from './pages';
import { print, percentile, spread, timed } from './report';

/** Figures of the README. Prints a line each; decides nothing. */

const LIST_PLANS = 50_000;

/** The crate with eight lines: as large as plans get in a yard. */
function eightLines(): Plan {
  const plan = demoPlan('carousel-crate');
  return {
    ...plan,
    lines: Array.from({ length: 8 }, (_, i) => ({ ...plan.lines[i % 3]!, id: `l${i}` })),
  };
}

function benchCore(): void {
  const plan = eightLines();
  for (let i = 0; i < 200; i++) judge(plan);
  const began = performance.now();
  const runs = 500;
  for (let i = 0; i < runs; i++) judge(plan);
  print(
    'assess(), plan of 8 lines, traced',
    `${Math.round(((performance.now() - began) / runs) * 1000)} µs`,
  );
  const advice = performance.now();
  for (let i = 0; i < 10; i++) helpfulChanges(plan, new Map());
  print(
    'what would help most, plan of 8 lines (in a worker)',
    `${((performance.now() - advice) / 10).toFixed(0)} ms`,
  );
}

/** What a tracing is called, and against one form that was wanted: up to 16 crossings. */
function benchNaming(): void {
  const traced = [...sketches(120, 99)];
  const all = (run: (name: string, sketch: Sketch) => unknown): number[] =>
    traced.map(([{ name }, sketch]) => {
      const began = performance.now();
      run(name, sketch);
      return performance.now() - began;
    });
  const say = (times: number[]): string =>
    `p50 ${percentile(times, 0.5).toFixed(0)} ms, most ${Math.max(...times).toFixed(0)} ms`;
  print('naming a tracing (in a worker)', say(all((_, sketch) => nameOfSketch(KNOWN, sketch))));
  print(
    'the crossing that differs from a wanted form (in a worker)',
    say(all((name, sketch) => against(KNOWN, withTurned(sketch, 0), name))),
  );
}

/** Knots: the largest polynomial, and drawing up a form of usual size. */
function benchKnots(): void {
  const codes = allForms().flatMap(({ name }) =>
    viewsOf(formOf(name)).map((v) => ({
      name: `${name}, ${v.name}`,
      code: planarCode(closed(v.diagram, v.closure)),
    })),
  );
  const largest = codes.toSorted((a, b) => b.code.crossings.length - a.code.crossings.length)[0]!;
  const times = Array.from({ length: 7 }, () => {
    const began = performance.now();
    jonesInA(largest.code);
    return performance.now() - began;
  });
  print(
    `Jones polynomial, ${largest.code.crossings.length} crossings (${largest.name})`,
    `${percentile(times, 0.5).toFixed(1)} ms`,
  );
  const shipped = JSON.parse(readFileSync(fileOf('bowline/facing-away'), 'utf8')) as ShippedForm;
  const hand = new DrawingUp(shipped);
  const began = performance.now();
  let rounds = 0;
  while (!hand.toward(1, 10) && rounds < 40) rounds += 1;
  print(
    `drawing up, ${hand.body.at.length / 3} nodes`,
    `${((performance.now() - began) / (10 * Math.max(1, rounds))).toFixed(2)} ms an iteration`,
  );
  const drawing = Array.from({ length: 20 }, () => {
    const t = performance.now();
    pictureOf(hand.body);
    return performance.now() - t;
  });
  print('  one picture of it, as strokes', `${percentile(drawing, 0.5).toFixed(1)} ms`);
  benchNaming();
}

async function benchSaves(): Promise<void> {
  const cookie = await foundCrew('Bench');
  const document = demoDocument('carousel-crate');
  const created = await request('POST', '/plans', { body: document, cookie });
  const path = `/plans/${created.json['id'] as unknown as string}`;
  let version = 1;
  const save = (): Promise<unknown> =>
    request('PUT', path, { body: document, cookie, headers: { 'if-match': `"${version++}"` } });
  await timed(30, save);
  print('save round trip over HTTP', spread(await timed(300, save)));
}

/** So many at once: a statement may not take for ever. */
const PLANS_AT_ONCE = 5000;

/** Fills one crew with plans: only the list is measured, so they share a document. */
async function fillList(): Promise<string> {
  const { rows } = await pool().query<{ crew_id: string; id: string }>(
    `SELECT crew_id, id FROM member WHERE name = 'Lead of Bench' LIMIT 1`,
  );
  const { crew_id: crewId, id } = rows[0]!;
  for (let from = 1; from <= LIST_PLANS; from += PLANS_AT_ONCE)
    await pool().query(
      `INSERT INTO plan (id, crew_id, version, document, title, title_key, rule_set, verdict, judged_by, line_count, updated_at, updated_by)
       SELECT gen_random_uuid(), $1, 1, $3, 'Load ' || n || ' ' || md5(n::text), 'load ' || n || ' ' || md5(n::text), 'eu-road', 'holds', (SELECT judged_by FROM plan LIMIT 1), 3, now() - n * interval '1 minute', $2
       FROM generate_series($4::int, $5::int) AS n`,
      [crewId, id, demoDocument('apple-bins'), from, from + PLANS_AT_ONCE - 1],
    );
  await pool().query('ANALYZE plan');
  return crewId;
}

async function benchList(): Promise<void> {
  const crewId = await fillList();
  const page = async (query: Parameters<typeof planPage>[2]): Promise<number[]> => {
    await timed(20, () => planPage(pool(), crewId, query));
    return timed(200, () => planPage(pool(), crewId, query));
  };
  const deep = (
    await pool().query<{ k: string; id: string }>(
      `SELECT title_key AS k, id FROM plan WHERE crew_id = $1 ORDER BY title_key OFFSET 40000 LIMIT 1`,
      [crewId],
    )
  ).rows[0]!;
  print(
    `list page of ${LIST_PLANS.toLocaleString('en-US')} plans, first, last changed first`,
    spread(await page({ search: '', sort: 'changed', after: null })),
  );
  print(
    '  page after 40,000 by name',
    spread(await page({ search: '', sort: 'title', after: [deep.k, deep.id] })),
  );
  print(
    '  search for a rare word',
    spread(await page({ search: '4e732ced', sort: 'changed', after: null })),
  );
}

/** The locker of a large yard: filters, orders and pages. */
async function benchLocker(): Promise<void> {
  const { rows } = await pool().query<{ crew_id: string; id: string }>(
    `SELECT crew_id, id FROM member WHERE name = 'Lead of Bench' LIMIT 1`,
  );
  const { crew_id: crewId, id } = rows[0]!;
  const kept = demoLocker(new Date()).find((g) => g.gear.code === 'PE-12-1')!;
  await pool().query(
    `INSERT INTO gear (id, crew_id, version, document, standing, code, words, kind, type, size_m, remaining_m, price_per_m, state, entered_on, due_on, updated_at, updated_by)
    SELECT gen_random_uuid(), $1, 1, $3, $4, 'G-' || lpad(n::text, 6, '0'), 'g-' || n || ' ' || md5(n::text), 'rope', (ARRAY['polyester','manila','nylon','hmpe','kernmantle'])[1 + n % 5], 0.004 + (n % 20) * 0.001, (n * 7) % 200, n % 7,
      (ARRAY['in-service','in-service','in-service','set-aside','retired'])[1 + n % 5], '2026-01-01', DATE '2026-06-01' + n % 400, now(), $2 FROM generate_series(1, ${LIST_PLANS}) AS n`,
    [crewId, id, kept.gear, kept.state],
  );
  await pool().query('VACUUM ANALYZE gear');
  const today = new Date().toISOString().slice(0, 10);
  const states = ['in-service', 'set-aside'] as const;
  const page = async (part: Partial<GearQuery>): Promise<number[]> => {
    const query = { ...ALL_GEAR, states, today, ...part };
    await timed(20, () => gearPage(pool(), crewId, query));
    return timed(200, () => gearPage(pool(), crewId, query));
  };
  const someId = '0190b5a0-0000-7000-8000-000000000000';
  const name = LIST_PLANS.toLocaleString('en-US');
  print(`locker page of ${name} things, first`, spread(await page({})));
  print('  page after 40,000', spread(await page({ after: ['G-040000', someId] })));
  print(
    '  material, size, length left at least, overdue, together',
    spread(
      await page({
        type: 'manila',
        sizeFromM: 0.012,
        sizeToM: 0.012,
        leftFromM: 150,
        due: 'overdue',
      }),
    ),
  );
  print('  length left at least, of which there are few', spread(await page({ leftFromM: 199 })));
  print(
    '  a combination that does not exist',
    spread(await page({ type: 'hmpe', sizeFromM: 0.5, sizeToM: 0.5 })),
  );
  print('  next due first, within 30 days', spread(await page({ sort: 'due', due: 'soon' })));
  print('  search for a rare word', spread(await page({ search: '4e732ced' })));
  print('  ropes for a length', spread(await timed(200, () => ropesForLength(pool(), crewId, 40))));
}

/** 60 pieces from 12 hanks, half full to all but full. */
function benchCutting(): void {
  const random = randomOf(60);
  const times: number[] = [];
  for (let run = 0; run < 20; run++) {
    const hanks = Array.from({ length: 12 }, (_, i) => ({
      id: `h${i}`,
      lengthM: 20 + Math.round(random() * 200) / 10,
      pricePerM: 1 + (run % 2) * (i % 3),
    }));
    const total = hanks.reduce((sum, h) => sum + h.lengthM, 0) * (0.5 + 0.025 * run);
    const raw = Array.from({ length: 60 }, () => 1 + random() * 9);
    const scale = total / raw.reduce((a, b) => a + b, 0);
    const began = performance.now();
    const search = new CutSearch({
      hanks,
      pieces: raw.map((l, i) => ({ id: `p${i}`, lengthM: Math.round(l * scale * 100) / 100 })),
      keepM: 1,
    });
    let progress = search.run(0);
    while (!progress.done && performance.now() - began < 10_000) progress = search.run(5000);
    times.push(performance.now() - began);
    if (!progress.proven)
      print('  not proven within 10 s', `fill ${(0.5 + 0.025 * run).toFixed(3)}`);
  }
  print('cutting plan, 60 pieces from 12 hanks, until proven', spread(times));
}

benchCore();
await benchHold(print);
benchDrive();
await benchDraws();
benchEnough();
benchTension();
benchKnots();
await benchSaves();
const slow = await benchBlocking(print);
await benchList();
await benchLocker();
await benchDrills();
await benchLog();
await benchNews(process.env['OTHER_URL']!);
benchCutting();
await benchPages();
await benchPulling();
await benchStage();
await benchTyping(print);
await benchDragging(print);
await benchOnTheWay(print);
await pool().end();

if (overweight.length + slow.length > 0) {
  console.error([...overweight, ...slow].join('\n'));
  process.exitCode = 1;
}
