/**
 * A made-up element kind and a made-up rule set are put into a copy of the source: their files, their index lines, their
 * words. Nothing else has to be touched for it to compile, and the whole plan reckons with them.
 */
import { execFileSync, spawnSync } from 'node:child_process';
import {
  cpSync,
  mkdtempSync,
  readFileSync,
  realpathSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));

const CAPSTAN = `
import { makePlace } from '../place';
import { entered, settle } from '../tension-parts';
import { hardwareGear } from './gear-fits';
import type { ElementKind } from './kind';
import { ratedCapacity } from './marked';

/** Its turns multiply the hand by this. */
const RATIO = 10;

export const capstanKind: ElementKind<'capstan'> = {
  kind: 'capstan',
  role: 'hardware',
  beginning: { rating: { state: 'unrated' }, handForceN: 100, tag: '', gearId: null },
  fastens: true,
  adjustable: () => true,
  gear: hardwareGear((form) => form === 'connector'),
  hand: {
    pullN: ({ handForceN }) => handForceN,
    pulled: (element, handForceN) => ({ ...element, handForceN }),
  },
  tension(t, { handForceN }, _elements, { settling }) {
    const hauled = entered(t, 'capstan', 'T', RATIO * handForceN, 'N');
    const ratio = entered(t, 'ratio', 'R', RATIO, 'ratio');
    return { system: 'capstan', counted: null, ratio, hauled, kept: hauled, pretension: settle(t, hauled, settling) };
  },
  places: (t, element, _at, context) => [
    makePlace(t, 'fitting', 'capstan', ratedCapacity(t, 'capstan', element.rating, context), 'unrated-fitting'),
  ],
};
`;

const CAPSTAN_SCHEMA = `
export const capstanSchema = z.object({
  id,
  kind: z.literal('capstan'),
  rating: ratingSchema,
  handForceN: quantity('force', { least: 1, most: 5000 }).default(100),
  tag: z.string().trim().max(40).default(''),
  gearId,
});
`;

const FARM_LANE = `
import { traced } from '../../working/working';
import { RULE_SET_TITLES } from '../rule-set-ids';
import { tallyRow } from '../verdict';
import type { RuleSet } from './rule-set';
import { requirement } from './shared';

/** Asks for two adjustable lines, and that twice gravity is stood forward. */
export const farmLane: RuleSet = {
  id: 'farm-lane',
  ...RULE_SET_TITLES['farm-lane'],
  unmarkedByUsTable: false,
  mat: 'unmarked-mat',
  countsPretension: true,
  statics: {
    boxes: [{ id: 'lane', clause: 'lane', strength: 'working', requiredG: { forward: 2, rearward: 0.1, left: 0.1, right: 0.1 } }],
    downPart: null,
    ruleStandsWithoutTension: false,
  },
  basis: ({ school, designFactor }) => ({ school, designFactor, markedOrTableOnly: false }),
  assess({ tieDowns }) {
    const count = tieDowns.filter((td) => td.adjustable).length;
    const provided = traced.given({ label: 'adjustable lines', symbol: 'n', value: count, unit: 'count', source: 'counted', confidence: 'computed' });
    return {
      rows: [tallyRow({ code: 'tie-down-count', direction: 'all', clause: 'lane', required: requirement('adjustable lines', 'n', 2, 'count', 'made up'), provided }, count)],
      findings: [],
    };
  },
};
`;

/** What a driver would meet: the document read, the line judged, the locker asked, the rule applied, the advice given. */
const SCENARIO = `
import { readFileSync } from 'node:fs';
import { newElement } from '@/core/line/compose';
import { assess } from '@/core/securement/assess';
import { helpfulChanges } from '@/core/securement/advice/one-change';
import { parsePlan } from '@/core/securement/plan';
import { tieDownOf } from '@/core/securement/rule-input';
import { RULE_SETS } from '@/core/securement/rules';
import { wordKind } from '@/wording/figures';

const { plan } = JSON.parse(readFileSync(process.argv[2], 'utf8'));
const gearId = '0190b5a0-0000-7000-8000-000000000001';
for (const line of plan.lines)
  line.elements = line.elements.flatMap((e) =>
    e.kind === 'truckers'
      ? [{ id: 'cap', kind: 'capstan', rating: { state: 'rated', wllN: '2 kN' }, handForceN: 90, gearId }]
      : e.kind === 'lock' ? [] : [e],
  );
for (const anchor of plan.deck.anchors) anchor.rating = { state: 'rated', wllN: '8 kN' };
plan.ruleSet = 'farm-lane';
const read = parsePlan(plan);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const thing = (condition) => new Map([[gearId, {
  gear: { code: 'CAP-1', item: { kind: 'hardware', form: 'connector', markedWllN: 2000 } },
  state: { state: 'in-service', condition, suspect: false }, due: null, removed: false,
}]]);
const good = assess(read.value, thing('good'));
const [facts] = good.lines;
process.stdout.write(JSON.stringify({
  system: facts.tension.system,
  hauledN: facts.tension.hauled.value,
  wllN: facts.capacity.wll.value,
  weakest: facts.capacity.places[facts.capacity.governing[0]].name,
  gaps: facts.gaps,
  adjustable: tieDownOf(facts).adjustable,
  knots: tieDownOf(facts).knotIds,
  rows: good.rows.map((r) => [r.required.value, r.provided.value, r.verdict]),
  statics: good.statics.map((r) => r.direction),
  gear: [thing('good'), thing('doubtful')].map((l) => assess(read.value, l).findings.filter((f) => f.code === 'gear-worse').length),
  advice: helpfulChanges(read.value, thing('good')).filter((c) => c.code === 'pull-harder').map((c) => c.values.fromN),
  fresh: newElement('capstan', [{ id: 'capstan1' }]).id,
  offered: RULE_SETS.map((r) => r.name),
  word: wordKind('capstan'),
}));
`;

/** One line put before another, or into it. */
type Line = readonly [file: string, before: string, line: string];
const INDEX_LINES: readonly Line[] = [
  [
    'src/core/line/elements/index.ts',
    '/** Every element kind.',
    "import { capstanKind } from './capstan';\n",
  ],
  ['src/core/line/elements/index.ts', '  fitting: fittingKind,\n', '  capstan: capstanKind,\n'],
  ['src/core/line/schema.ts', 'export const elementSchema =', CAPSTAN_SCHEMA],
  ['src/core/line/schema.ts', '  fittingSchema,\n', '  capstanSchema,\n'],
  [
    'src/core/securement/rules/index.ts',
    'const BY_ID',
    "import { farmLane } from './farm-lane';\n",
  ],
  ['src/core/securement/rules/index.ts', "  'eu-road': euRoad,\n", "  'farm-lane': farmLane,\n"],
  ['src/core/securement/rule-set-ids.ts', "  'us-light',\n", "  'farm-lane',\n"],
];
const WORDS: readonly Line[] = [
  [
    'src/core/securement/rule-set-ids.ts',
    "  'us-cmv': ",
    "  'farm-lane': { name: 'Farm lane', edition: 'made up', scope: 'Made up.' },\n",
  ],
  ['src/wording/figures.ts', "  fitting: 'hook", "  capstan: 'capstan',\n"],
];

const tree = realpathSync(mkdtempSync(path.join(tmpdir(), 'vast-cleat-made-up-')));
const at = (file: string): string => path.join(tree, file);

function put([file, before, line]: Line): void {
  const text = readFileSync(at(file), 'utf8');
  expect(text.split(before), `${before} in ${file}`).toHaveLength(2);
  writeFileSync(
    at(file),
    text.replace(before, () => line + before),
  );
}

/** What the compiler objects to in the copy, its tests left out, as file: message. */
function objections(): string[] {
  const tsc = path.join(ROOT, 'node_modules/typescript-7/bin/tsc');
  const run = spawnSync(process.execPath, [tsc, '--noEmit', '--pretty', 'false'], { cwd: tree });
  const said = run.stdout.toString();
  expect(run.status === 0, said).toBe(said === '');
  // What belongs to the line before is indented.
  return said.split('\n').filter((line) => /^\S/.test(line));
}

beforeAll(() => {
  cpSync(path.join(ROOT, 'src'), at('src'), { recursive: true });
  const config = JSON.parse(readFileSync(path.join(ROOT, 'tsconfig.json'), 'utf8')) as object;
  const own = { include: ['src'], exclude: ['src/**/*.test.ts', 'src/**/*.test.tsx'] };
  writeFileSync(at('tsconfig.json'), JSON.stringify({ ...config, ...own }));
  cpSync(path.join(ROOT, 'package.json'), at('package.json'));
  symlinkSync(path.join(ROOT, 'node_modules'), at('node_modules'));
  writeFileSync(at('src/core/line/elements/capstan.ts'), CAPSTAN);
  writeFileSync(at('src/core/securement/rules/farm-lane.ts'), FARM_LANE);
  writeFileSync(at('scenario.mts'), SCENARIO);
  INDEX_LINES.forEach(put);
});
afterAll(() => rmSync(tree, { recursive: true, force: true }));

describe('a made-up element kind and a made-up rule set', () => {
  it('without words they do not compile, and the compiler says where the words are missing', () => {
    const files = objections().map((o) => o.split('(')[0]);
    expect([...new Set(files)].sort()).toEqual([
      'src/core/securement/rule-set-ids.ts',
      'src/wording/figures.ts',
    ]);
  }, 240_000);
  it('with them nothing else is asked for, and a plan reckons with both', () => {
    WORDS.forEach(put);
    expect(objections()).toEqual([]);
    const crate = path.join(ROOT, 'demo/plans/carousel-crate.json');
    const tsx = path.join(ROOT, 'node_modules/tsx/dist/cli.mjs');
    const said: unknown = JSON.parse(
      execFileSync(process.execPath, [tsx, at('scenario.mts'), crate], { cwd: tree }).toString(),
    );
    expect(said).toMatchObject({
      system: 'capstan',
      hauledN: 900,
      wllN: 2000,
      weakest: 'capstan',
      gaps: [],
      adjustable: true,
      knots: ['att'],
      rows: [[2, 3, 'holds']],
      fresh: 'capstan2',
      gear: [0, 3],
      word: 'capstan',
    });
    expect((said as { advice: number[] }).advice).toEqual([90]);
    expect((said as { offered: string[] }).offered).toContain('Farm lane');
    expect((said as { statics: string[] }).statics).toContain('forward');
  }, 240_000);
});
