import { UNLIMITED_N } from '../../line/line';
import { atLeast } from '../../units/constants';
import type { RuleInput, StaticsAsked, TieDown } from '../rules/rule-set';
import type { FindingCode } from '../codes';
import type { Deck } from '../schema';
import type { Finding } from '../verdict';
import { tensionThatIsEnough } from './enough';
import { type Asked, Statics, type StaticsRow } from './opinion';
import { feetOf, isPlaced, isUnlike, type OffMiddle } from './load-model';

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
  const lines = statics.input.tieDowns.filter(
    (td) => td.kind === 'over' && td.keptN !== null && isPlaced(td) && isUnlike(td),
  );
  return lines.map((td) => notice('tension-drags', { keptN: td.keptN }, td));
}

/** Names the tension that would be enough where only tensions keep statics from an answer. */
function enough(statics: Statics, rows: readonly StaticsRow[]): Finding[] {
  const open = statics.input.tieDowns.filter(
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
  const problems = statics.asked.boxes.flatMap((box) => {
    const problem = statics.problem(box, { end: 'tension-free', present: true, cone: 'inscribed' });
    return problem === null ? [] : [{ problem, box }];
  });
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
const CORNERS: readonly OffMiddle[] = [
  [1, 1],
  [1, -1],
  [-1, 1],
  [-1, -1],
].map(([x, y]) => ({ forwardPart: x! * UNSEEN_PART, leftPart: y! * UNSEEN_PART }));

/** The middle is taken where nobody says where the weight lies; worth a word where a tenth off it would turn the verdict. */
function middleAssumed(statics: Statics, rows: readonly StaticsRow[]): Finding[] {
  const { cgForwardM, cgLeftM } = statics.input.article;
  if (cgForwardM !== null && cgLeftM !== null) return [];
  const end = (row: StaticsRow): 'tension-free' | 'worst' =>
    row.ruleStands ? 'tension-free' : 'worst';
  const turns = statics.questions.some(
    (asked, i) =>
      (rows[i]!.verdict === 'holds' || rows[i]!.ruleStands) &&
      CORNERS.some((off) => {
        const held = statics.heldG(asked, end(rows[i]!), off);
        return held === null || !atLeast(held, asked.requiredG);
      }),
  );
  return turns ? [notice('cg-middle-assumed')] : [];
}

/** Lines that add nothing in any direction that is asked for. */
function idle(statics: Statics, rows: readonly StaticsRow[]): Finding[] {
  // On a surface nobody knows an over-line presses to no purpose, at the worst: that is not the line's doing.
  if (statics.input.article.friction.working.value === null) return [];
  const level = rows.filter(
    (r) =>
      r.direction !== 'down' &&
      r.mechanism !== null &&
      r.mechanism.kind !== 'dragged' &&
      r.mechanism.kind !== 'stands',
  );
  if (level.length < rows.filter((r) => r.direction !== 'down').length) return [];
  const busy = new Set(level.flatMap((r) => r.holding.flatMap((h) => h.lineId ?? [])));
  return statics.input.tieDowns
    .filter(
      (td) =>
        isPlaced(td) &&
        !busy.has(td.id) &&
        (td.kind !== 'over' || td.keptN !== null) &&
        (td.wll.working.value ?? 0) > 0,
    )
    .map((td) => notice('line-does-nothing', {}, td));
}

/** Where the load stands: what hangs over the deck has nothing under it. */
function overhanging(input: RuleInput, deck: Pick<Deck, 'lengthM' | 'widthM'>): Finding[] {
  const { box, cgForwardM, cgLeftM } = input.article;
  if (box === null) return [];
  const over = Math.max(
    box.front,
    -deck.lengthM - box.rear,
    box.left - deck.widthM / 2,
    -deck.widthM / 2 - box.right,
  );
  if (over <= 0.005) return [];
  const feet = feetOf(box, deck);
  const [x, y] = [
    (box.front + box.rear) / 2 + (cgForwardM ?? 0),
    (box.left + box.right) / 2 + (cgLeftM ?? 0),
  ];
  const [xs, ys] = [feet.map((p) => p.x), feet.map((p) => p.y)];
  const carried =
    feet.length > 0 &&
    x < Math.max(...xs) &&
    x > Math.min(...xs) &&
    y < Math.max(...ys) &&
    y > Math.min(...ys);
  return [
    carried
      ? notice('load-overhangs', { overM: over })
      : { ...notice('load-off-deck', { overM: over }), effect: 'cannot-say' },
  ];
}

/** A board nobody measured counts by its foot only: worth a word where its height would decide. */
function boards(input: RuleInput, rows: readonly StaticsRow[]): Finding[] {
  return (['forward', 'rearward', 'left', 'right'] as const)
    .filter((d) => {
      const board = input.article.blocking[d];
      return (
        board.touching &&
        board.heightM === null &&
        rows.some(
          (r) => r.direction === d && r.verdict === 'cannot-say' && r.mechanism?.kind === 'tips',
        )
      );
    })
    .map((direction) => notice('board-not-measured', { direction }));
}

/** Lines given by their angle alone: the rule counts them, statics cannot. */
const angleOnly = (input: RuleInput): Finding[] =>
  input.tieDowns
    .filter((td) => td.soundness === 'sound' && !isPlaced(td))
    .map((td) => notice('statics-needs-place', {}, td));

/**
 * Statics of a plan in every direction its rule set asks for, and what follows. A row HOLDS if the load is balanced with
 * every unknown at its worst, is SHORT if not even at its best, else CANNOT SAY.
 */
export function staticsOpinion(
  input: RuleInput,
  deck: Pick<Deck, 'lengthM' | 'widthM'>,
  asked: StaticsAsked,
): StaticsOpinion {
  const statics = new Statics(input, deck, asked);
  const rows = statics.questions.map((q: Asked) => statics.row(q));
  return {
    rows,
    findings: [
      ...overhanging(input, deck),
      ...dragging(statics, rows),
      ...enough(statics, rows),
      ...middleAssumed(statics, rows),
      ...idle(statics, rows),
      ...boards(input, rows),
      ...angleOnly(input),
    ],
  };
}
