import type { z } from 'zod';
import type { Plan } from '@/core/securement/plan';
import { traced } from '@/core/working/working';
import { lineCapacity, UNLIMITED_N } from '@/core/line/line';
import { ropeNeeded } from '@/core/line/rope-needed';
import { lineTension } from '@/core/line/tension';
import { assess } from '@/core/securement/assess';
import { helpfulChanges } from '@/core/securement/advice/one-change';
import { placeUnits } from '@/core/securement/load/placed';
import { unitSchema } from '@/core/securement/load/schema';
import { lineShape } from '@/core/securement/route/shape';
import type { LockerWord } from '@/core/securement/locker-word';
import type { StaticsRow } from '@/core/securement/hold/opinion';
import { exactly, tieDownOf } from '@/core/securement/rule-input';
import { ruleSet } from '@/core/securement/rules';
import type {
  Article,
  Ranged,
  RuleInput,
  RuleSet,
  TieDown,
} from '@/core/securement/rules/rule-set';
import { deckSchema, type Line, lineSchema } from '@/core/securement/schema';
import { type TallyRow, type Verdict, worst } from '@/core/securement/verdict';
import { atMost, METRIC } from '@/core/units';
import { wordFinding } from '@/wording/findings';
import { wordChange } from '@/wording/changes';
import { wordMechanism } from '@/wording/mechanism';
import type { lineBody, rulesBody } from './schemas';

type Place = ReturnType<typeof lineCapacity<ReturnType<typeof traced.given>>>['places'][number];

const placeOut = (p: Place, governing: boolean) => ({
  elementId: p.elementId,
  part: p.part,
  name: p.name,
  capacityN: p.capacity.value,
  share: p.share.value,
  allowedLineTensionN: p.allowed.value,
  governs: governing,
  problem: p.problem,
  working: p.allowed,
});

/** The elements of one line: what each place allows, the WLL, and what governs. Unrounded newtons. */
export function computeLine(body: z.infer<typeof lineBody>) {
  const rules = body.ruleSet === null ? null : ruleSet(body.ruleSet);
  const basis = rules?.basis(body.strength) ?? { ...body.strength, markedOrTableOnly: false };
  const capacity = lineCapacity(traced, body.elements, {
    basis,
    knotSchool: body.strength.knotSchool,
    unmarkedByUsTable: rules?.unmarkedByUsTable ?? true,
    temporary: body.temporary,
    anchors: new Map(),
    anchorSharing: new Map(),
  });
  const tension = lineTension(traced, body.elements, { ...body, enteredPretensionN: null });
  return {
    wllN: capacity.wll.value,
    elements: capacity.places.map((p, i) => placeOut(p, capacity.governing.includes(i))),
    governing: capacity.governing.map((i) => ({
      elementId: capacity.places[i]!.elementId,
      part: capacity.places[i]!.part,
    })),
    tension: {
      system: tension.system,
      countedRatio: tension.counted,
      haulingRatio: tension.ratio?.value ?? null,
      hauledN: tension.hauled.value,
      keptN: tension.kept.value,
      pretensionN: tension.pretension.value,
      overTension:
        tension.hauled.value !== null &&
        capacity.wll.value !== null &&
        !atMost(tension.hauled.value, capacity.wll.value),
      working: tension.pretension,
    },
    working: capacity.wll,
  };
}

const rowOut = (r: TallyRow) => ({
  code: r.code,
  direction: r.direction,
  clause: r.clause,
  unit: r.unit,
  verdict: r.verdict,
  required: r.required.value,
  provided: r.provided.value,
  margin: r.margin,
  of: r.of ?? null,
  working: {
    required: r.required,
    provided: r.provided,
    ...(r.beside ? { beside: r.beside } : {}),
  },
});

const staticsOut = (r: StaticsRow) => ({
  box: r.box,
  strength: r.strength,
  direction: r.direction,
  clause: r.clause,
  verdict: r.verdict,
  ruleStands: r.ruleStands,
  requiredG: r.required.value,
  heldG: r.held.value,
  marginG: r.margin,
  mechanism: r.mechanism,
  moving: r.moving,
  mechanismInWords: wordMechanism(r),
  holding: r.holding,
  working: { required: r.required, held: r.held },
});

/** A plan document: what the rule and what statics say, findings in words, and what would help. `locker`: what it says of the plan's things. */
export function computeAssessment(plan: Plan, locker: LockerWord) {
  const a = assess(plan, locker);
  return {
    verdict: a.verdict,
    rows: a.rows.map(rowOut),
    statics: a.statics.map(staticsOut),
    findings: a.findings.map((f) => ({ ...f, message: wordFinding(f, METRIC) })),
    lines: a.lines.map(({ line, capacity, tension, shape, rope }) => ({
      id: line.id,
      name: line.name,
      wllN: capacity.wll.value,
      routeLengthM: shape.routeLengthM,
      ropeNeededM: rope.value,
      hauledN: tension.hauled.value,
      keptN: tension.kept.value,
      pretensionN: tension.pretension.value,
      elements: capacity.places.map((p, i) => placeOut(p, capacity.governing.includes(i))),
      governing: capacity.governing.map((i) => ({
        elementId: capacity.places[i]!.elementId,
        part: capacity.places[i]!.part,
      })),
      working: { wll: capacity.wll, pretension: tension.pretension, ropeNeeded: rope },
    })),
    helps: helpfulChanges(plan, locker, a).map((c) => ({
      code: c.code,
      values: c.values,
      verdict: c.verdict,
      cost: c.cost,
      message: wordChange(c, METRIC),
    })),
  };
}

function ranged(
  label: string,
  symbol: string,
  value: number | null,
  unit: 'N' | 'ratio',
  best: number,
): Ranged {
  const working = traced.given({
    label,
    symbol,
    value,
    unit,
    source: value === null ? 'not given' : 'given',
    confidence: 'entered',
  });
  return value === null ? { working, low: 0, high: best } : exactly(working);
}

function articleOf(body: z.infer<typeof rulesBody>['article']): Article {
  const board = (touching: boolean, capacityN: number | null) => ({
    touching,
    heightM: null,
    capacity: ranged('blocking', 'BC', touching ? capacityN : 0, 'N', UNLIMITED_N),
  });
  return {
    ...body,
    rows: 1,
    box: null,
    cgForwardM: null,
    cgLeftM: null,
    cgForwardWithinM: 0,
    cgLeftWithinM: 0,
    friction: ranged('friction', 'μ', body.mu, 'ratio', 1),
    blocking: {
      forward: board(body.blockedForward, body.blockingForwardN),
      rearward: board(false, 0),
      left: board(false, 0),
      right: board(false, 0),
    },
  };
}

/** Angles are given, so where the load stands does not matter. */
const ANY = { id: 'load', name: '', massKg: null, lengthM: 1, widthM: 1, heightM: 1 };
const ANY_LOAD = placeUnits([unitSchema.parse(ANY)]);
const EMPTY_DECK = deckSchema.parse({ name: '', lengthM: 1, widthM: 1 });

/** A tie-down given by its figures, through the same geometry as a line of a plan. */
function givenTieDown(t: z.infer<typeof rulesBody>['tieDowns'][number]): TieDown {
  const line: Line = lineSchema.parse({
    id: t.id,
    name: t.id,
    kind: t.kind,
    units: [ANY.id],
    elements: [],
    angle:
      t.alphaRad === null
        ? { by: 'anchors' }
        : {
            by: 'entered',
            alphaRad: t.alphaRad,
            betaRad: t.betaRad,
            restrains: t.restrains,
            leans: t.leans,
          },
  });
  const shape = lineShape(line, ANY_LOAD, EMPTY_DECK);
  const tension = lineTension(traced, [], {
    routeLengthM: null,
    settling: 0,
    enteredPretensionN: t.pretensionN,
  });
  const wll = ranged('WLL', 'WLL', t.wllN, 'N', UNLIMITED_N);
  const base = tieDownOf({
    line,
    shape,
    tension,
    rope: ropeNeeded(traced, [], null, tension.hauled),
    gaps: [],
    breaking: null,
    capacity: {
      places: [],
      governing: [],
      wll: wll.working,
      range: { lowN: t.wllN ?? 0, highN: t.wllN ?? UNLIMITED_N },
    },
  });
  return {
    // What it may carry is given, wherever it runs; what it presses or pulls is known with its angle only.
    ...base,
    wll,
    gear: t.gear,
    crosses: t.crosses,
    adjustable: t.adjustable,
    knotIds: t.knots ? [t.id] : [],
    sharpEdgeIds: t.unprotectedEdge ? [t.id] : [],
  };
}

/** An article and its tie-downs under one rule set: every comparison and every finding, with clause. */
export function computeRules(rules: RuleSet, body: z.infer<typeof rulesBody>) {
  const input: RuleInput = {
    article: articleOf(body.article),
    tieDowns: body.tieDowns.map(givenTieDown),
  };
  const { findings, rows } = rules.assess(input);
  const ofLines = input.tieDowns.flatMap(
    (td) => rules.rowsOfLine?.(td, body.dynamicAllowance) ?? [],
  );
  const outcome = { findings, rows: [...ofLines, ...rows] };
  const effects = outcome.findings.map((f) => f.effect).filter((e): e is Verdict => e !== 'notice');
  return {
    ruleSet: rules.id,
    edition: rules.edition,
    standing: rules.scope,
    verdict: worst([...outcome.rows.map((r) => r.verdict), ...effects]),
    findings: [
      ...outcome.findings.map((f) => ({ ...f, message: wordFinding(f, METRIC) })),
      ...outcome.rows.map((r) => ({ effect: r.verdict, ...rowOut(r) })),
    ],
  };
}
