import { UNLIMITED_N } from '../../line/line';
import { atLeast } from '../../units/constants';
import type { StaticsAsked, TieDown } from '../rules/rule-set';
import type { FindingCode } from '../codes';
import { cgOffM } from '../load/articles';
import { DIRECTIONS } from '../vocabulary';
import type { Finding } from '../verdict';
import { tensionThatIsEnough } from './enough';
import { isPlaced, isUnlike, type OffMiddle } from './load-model';
import { Statics, type StaticsRow } from './opinion';
import type { PartStatics } from './part-statics';
import type { StaticsBody, StaticsLoad } from './statics-load';

/** What statics say of a plan, beside its rule set. */
export interface StaticsOpinion {
  readonly rows: readonly StaticsRow[];
  readonly findings: readonly Finding[];
}

const notice = (code: FindingCode, values: Finding['values'] = {}, td?: TieDown): Finding => ({
  code,
  effect: 'notice',
  clause: '',
  ...(td ? { lineId: td.id } : {}),
  values: td ? { line: td.name, ...values } : values,
});

/** Lines whose kept tension drags the load, because their legs are unlike. */
function dragging(statics: Statics, rows: readonly StaticsRow[]): Finding[] {
  if (!rows.some((r) => r.mechanism?.kind === 'dragged')) return [];
  const lines = statics.load.tieDowns.filter(
    (td) => td.kind === 'over' && td.keptN !== null && isPlaced(td) && isUnlike(td),
  );
  return lines.map((td) => notice('tension-drags', { keptN: td.keptN }, td));
}

/** Names the tension that would be enough where only tensions keep statics from an answer. */
function enough(statics: Statics, rows: readonly StaticsRow[]): Finding[] {
  const open = statics.load.tieDowns.filter(
    (td) =>
      td.kind === 'over' && td.keptN === null && td.wll.working.value !== null && isPlaced(td),
  );
  const byRuleAlone = rows.filter((r) => r.ruleStands);
  if (byRuleAlone.length === 0) return [];
  if (open.length === 0)
    return [
      notice(
        byRuleAlone.some((r) => r.strength === 'working')
          ? 'statics-too-close'
          : 'breaking-not-known',
      ),
    ];
  const problems = statics.parts.flatMap((part) =>
    statics.asked.boxes.flatMap((box) => {
      const problem = part.problem(box, { end: 'tension-free', present: true, cone: 'inscribed' });
      return problem === null ? [] : [{ problem, box }];
    }),
  );
  const most = Math.min(UNLIMITED_N, ...open.map((td) => td.wll.working.value!));
  const tensionN = tensionThatIsEnough(problems, new Set(open.map((td) => td.id)), most);
  const values = { lines: open.map((td) => td.name).join('; '), count: open.length };
  return [
    tensionN === null
      ? notice('tension-needed', values)
      : notice('tension-enough', { ...values, tensionN }),
  ];
}

/** Off the middle by this part of length or width is not seen by eye. Common practice, no source. */
const UNSEEN_PART = 0.1;
const CORNERS = [
  [1, 1],
  [1, -1],
  [-1, 1],
  [-1, -1],
] as const;

/** Everything of a part whose weight nobody placed, a tenth off the middle toward one corner. */
function unseen({ part }: PartStatics, [sx, sy]: (typeof CORNERS)[number]): OffMiddle {
  return new Map(
    part.bodies
      .filter(
        ({ placed: { unit } }) =>
          (unit.cgForwardM === null || unit.cgLeftM === null) &&
          unit.cgForwardWithinM === 0 &&
          unit.cgLeftWithinM === 0,
      )
      .map(({ id, placed: { unit } }) => [
        id,
        {
          x: unit.cgForwardM === null ? sx * UNSEEN_PART * unit.lengthM : 0,
          y: unit.cgLeftM === null ? sy * UNSEEN_PART * unit.widthM : 0,
        },
      ]),
  );
}

/** The middle is taken where nobody says where the weight lies; worth a word where a tenth off it would turn the verdict. */
function* middleAssumed(
  statics: Statics,
  rows: readonly StaticsRow[],
): Generator<void, readonly Finding[]> {
  for (const part of statics.parts.filter((p) => unseen(p, CORNERS[0]).size > 0))
    for (const [i, asked] of statics.questions.entries()) {
      const { verdict, ruleStands } = rows[i]!;
      if (verdict !== 'holds' && !ruleStands) continue;
      for (const corner of CORNERS) {
        yield;
        const held = part.heldG(asked, ruleStands ? 'tension-free' : 'worst', unseen(part, corner));
        if (held === null || !atLeast(held, asked.requiredG)) return [notice('cg-middle-assumed')];
      }
    }
  return [];
}

const noFriction = ({ article }: StaticsBody): boolean => article.friction.working.value === null;

/** Lines that add nothing in any direction that is asked for. Of several parts only the worst is told: that says nothing of the others. */
function idle(statics: Statics, rows: readonly StaticsRow[]): Finding[] {
  if (statics.parts.length > 1) return [];
  // On a surface nobody knows an over-line presses to no purpose, at the worst: that is not the line's doing.
  if (statics.parts.some(({ part }) => part.bodies.some(noFriction))) return [];
  const level = rows.filter(
    (r) =>
      r.direction !== 'down' &&
      r.mechanism !== null &&
      r.mechanism.kind !== 'dragged' &&
      r.mechanism.kind !== 'stands',
  );
  if (level.length < rows.filter((r) => r.direction !== 'down').length) return [];
  const busy = new Set(level.flatMap((r) => r.holding.flatMap((h) => h.lineId ?? [])));
  return statics.load.tieDowns
    .filter(
      (td) =>
        isPlaced(td) &&
        !busy.has(td.id) &&
        (td.kind !== 'over' || td.keptN !== null) &&
        (td.wll.working.value ?? 0) > 0,
    )
    .map((td) => notice('line-does-nothing', {}, td));
}

/** How far a unit reaches beyond the deck, m. */
function overDeckM(
  { placed: { box } }: StaticsBody,
  deck: Pick<StaticsLoad['deck'], 'lengthM' | 'widthM'>,
): number {
  return Math.max(
    box.front,
    -deck.lengthM - box.rear,
    box.left - deck.widthM / 2,
    -deck.widthM / 2 - box.right,
  );
}

/** Whether the weight of a unit lies above what carries it, as far as it is known. */
function isCarried({ placed, feet }: StaticsBody): boolean {
  const off = cgOffM(placed);
  const [x, y] = [placed.middle.x + off.x, placed.middle.y + off.y];
  const [xs, ys] = [feet.map((p) => p.x), feet.map((p) => p.y)];
  const line = placed.unit.shape.kind === 'cylinder-lying' ? 1e-6 : 0;
  return (
    feet.length > 0 &&
    x < Math.max(...xs) + line &&
    x > Math.min(...xs) - line &&
    y < Math.max(...ys) + line &&
    y > Math.min(...ys) - line
  );
}

/** Where the load stands: what hangs over the deck, or over what it stands on, has nothing under it. */
function overhanging({ parts, deck, several }: StaticsLoad): Finding[] {
  return parts.flatMap((part) =>
    part.bodies.flatMap((body): Finding[] => {
      const unit: Finding['values'] = several ? { unit: body.name } : {};
      if (body.onId !== null)
        return isCarried(body)
          ? []
          : [{ ...notice('unit-not-carried', unit), effect: 'cannot-say' }];
      const overM = overDeckM(body, deck);
      if (overM <= 0.005) return [];
      return [
        isCarried(body)
          ? notice('load-overhangs', { overM, ...unit })
          : { ...notice('load-off-deck', { overM, ...unit }), effect: 'cannot-say' },
      ];
    }),
  );
}

/** A board nobody measured counts by its foot only: worth a word where its height would decide. */
function boards({ parts, deck }: StaticsLoad, rows: readonly StaticsRow[]): Finding[] {
  return DIRECTIONS.filter((d) => {
    const touching = parts.some((part) => part.bodies.some((b) => b.article.blocking[d].touching));
    return (
      touching &&
      deck.boards[d].heightM === null &&
      rows.some(
        (r) => r.direction === d && r.verdict === 'cannot-say' && r.mechanism?.kind === 'tips',
      )
    );
  }).map((direction) => notice('board-not-measured', { direction }));
}

/** More centres of gravity that may lie to either side than can be tried together. */
const tooUnsure = (statics: Statics): Finding[] =>
  statics.parts.some((p) => p.tooUnsure)
    ? [{ ...notice('cg-too-unsure'), effect: 'cannot-say' }]
    : [];

/** Lines given by their angle alone: the rule counts them, statics cannot. */
const angleOnly = (load: StaticsLoad): Finding[] =>
  load.tieDowns
    .filter((td) => td.soundness === 'sound' && !isPlaced(td))
    .map((td) => notice('statics-needs-place', {}, td));

/**
 * Statics of a plan in every direction its rule set asks for, and what follows, in steps: see {@link allAtOnce}. A row
 * HOLDS if the load is balanced with every unknown at its worst, is SHORT if not even at its best, else CANNOT SAY.
 */
export function* staticsOpinion(
  load: StaticsLoad,
  asked: StaticsAsked,
): Generator<void, StaticsOpinion> {
  const statics = new Statics(load, asked);
  const rows: StaticsRow[] = [];
  for (const question of statics.questions) {
    for (const part of statics.asking(question)) yield* part.ahead(question);
    yield;
    rows.push(statics.row(question));
  }
  const middle = yield* middleAssumed(statics, rows);
  yield;
  return {
    rows,
    findings: [
      ...overhanging(load),
      ...tooUnsure(statics),
      ...dragging(statics, rows),
      ...enough(statics, rows),
      ...middle,
      ...idle(statics, rows),
      ...boards(load, rows),
      ...angleOnly(load),
    ],
  };
}
