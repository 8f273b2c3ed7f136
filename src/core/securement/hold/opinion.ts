import { formula, traced, type Working } from '../../working/working';
import type { StaticsAsked, StaticsBox, TieDown } from '../rules/rule-set';
import { requirement } from '../rules/shared';
import { type Direction, DIRECTIONS } from '../vocabulary';
import type { TallyRow } from '../verdict';
import type { HoldLimit } from './limit';
import { type Mechanism, mechanismOf, movingBodies } from './mechanism';
import { type Asked, PartStatics, type PartSays } from './part-statics';
import type { HoldProblem } from './problem';
import { MOTIONS, UNLIMITED_G, UPWARD } from './programme';
import type { StaticsLoad, StaticsPart } from './statics-load';

/** What statics say of one direction, beside what the rule says. */
export interface StaticsRow {
  readonly box: string;
  readonly strength: StaticsBox['strength'];
  readonly direction: Direction | 'down';
  readonly clause: string;
  readonly required: Working;
  /** Unknown (null) where the load is dragged by its own lines, or too little is known. */
  readonly held: Working;
  readonly margin: number | null;
  readonly verdict: TallyRow['verdict'];
  readonly mechanism: Mechanism | null;
  /** Names of the units that give way, the one the mechanism is told of first; none where there is one unit. */
  readonly moving: readonly string[];
  /** The same by id, also where there is one unit. */
  readonly movingIds: readonly string[];
  /** Lines and boards that hold here, by what they add, most first. */
  readonly holding: readonly {
    readonly lineId?: string;
    readonly board?: Direction;
    readonly partG: number;
  }[];
  /** Statics cannot say, but only for want of a tension or a breaking strength, and the rule asks for neither: its word stands. */
  readonly ruleStands: boolean;
}

const gain = formula({
  symbol: 'a',
  unit: 'g',
  text: 'q × T',
  source: 'multiplier of the balance, times the tension',
  confidence: 'exact',
  symbols: { q: 'q', T: 'T' },
  compute: ({ q, T }: Record<'q' | 'T', number>) => q * T,
});

const SOURCE = 'balance of forces and moments, limit analysis';

function partOf(label: string, partG: number, tensionN: number | null): Working {
  const given = (
    symbol: string,
    value: number,
    unit: Working['unit'],
    what: string,
    source: string,
  ): Working => traced.given({ label: what, symbol, value, unit, source, confidence: 'computed' });
  if (tensionN === null || tensionN === 0) return given('a', partG, 'g', label, SOURCE);
  return traced.apply(gain, label, {
    q: given('q', partG / tensionN, 'ratio', 'g for each newton', SOURCE),
    T: given('T', tensionN, 'N', 'its tension at the limit', 'the line'),
  });
}

/** What is held as the sum of its parts: weight on its feet, lines, boards. */
function heldWorking(
  label: string,
  limit: HoldLimit | null,
  restG: number,
  tieDowns: readonly TieDown[],
): Working {
  if (limit === null)
    return traced.given({
      label,
      symbol: 'a',
      value: null,
      unit: 'g',
      source: 'no balance even at rest: its own lines drag it',
      confidence: 'computed',
    });
  if (limit.heldG >= UNLIMITED_G - 1e-9)
    return traced.given({
      label,
      symbol: 'a',
      value: UNLIMITED_G,
      unit: 'g',
      source: 'nothing gives way: more than any vehicle reaches',
      confidence: 'computed',
    });
  const name = (id: string): string => tieDowns.find((td) => td.id === id)?.name ?? id;
  return traced.sum(label, 'a', 'g', [
    partOf('the weight on its feet', limit.weightG - restG, null),
    ...limit.lines
      .filter((l) => Math.abs(l.partG) > 1e-9)
      .map((l) => partOf(name(l.id), l.partG, l.tensionN)),
    ...limit.boards
      .filter((b) => Math.abs(b.partG) > 1e-9)
      .map((b) => partOf(`board ${b.direction}`, b.partG, null)),
  ]);
}

/** What several parts come to together: the worst of them. The rule's word stands only where it stands for every part that is open. */
function together(says: readonly PartSays[]): Pick<StaticsRow, 'verdict' | 'ruleStands'> {
  const verdict = (['short', 'cannot-say'] as const).find((v) => says.some((s) => s.verdict === v));
  if (verdict === undefined) return { verdict: 'holds', ruleStands: false };
  const open = says.filter((s) => s.verdict === 'cannot-say');
  return { verdict, ruleStands: verdict === 'cannot-say' && open.every((s) => s.ruleStands) };
}

const RANK = { short: 0, 'cannot-say': 1, holds: 2 } as const;
/** Which part a row is told of: the worst word, and of those the least held. */
function worstOf(says: readonly PartSays[]): number {
  const held = (s: PartSays): number => s.worstG ?? -Infinity;
  return says.reduce(
    (best, s, i) =>
      RANK[s.verdict] < RANK[says[best]!.verdict] ||
      (RANK[s.verdict] === RANK[says[best]!.verdict] && held(s) < held(says[best]!))
        ? i
        : best,
    0,
  );
}

/** The units of a part that give way, the one the mechanism is told of first. */
function movingOf(
  { bodies }: StaticsPart,
  problem: HoldProblem,
  limit: HoldLimit,
): StaticsPart['bodies'] {
  const { moving, first } = movingBodies(problem, limit);
  return [first, ...moving.filter((k) => k !== first)]
    .filter((k) => moving.includes(k))
    .map((k) => bodies[k]!);
}

/** What holds one part, by what it adds, most first. */
function holdingOf(limit: HoldLimit | null): StaticsRow['holding'] {
  if (limit === null) return [];
  return [
    ...limit.lines.map((l) => ({ lineId: l.id, partG: l.partG })),
    ...limit.boards.map((b) => ({ board: b.direction, partG: b.partG })),
  ]
    .filter((h) => h.partG > 1e-6)
    .sort((a, b) => b.partG - a.partG);
}

/** Statics of a whole load: part by part, the worst of them told. */
export class Statics {
  readonly parts: readonly PartStatics[];

  constructor(
    readonly load: StaticsLoad,
    readonly asked: StaticsAsked,
  ) {
    this.parts = load.parts.map((part) => new PartStatics(part, asked));
  }

  /** Parts that a question is put to: what the body contains on all sides need not be held down. */
  asking({ direction }: Asked): readonly PartStatics[] {
    return direction === 'down' ? this.parts.filter((p) => !isContained(p.part)) : this.parts;
  }

  row(asked: Asked): StaticsRow {
    const parts = this.asking(asked);
    const says = parts.map((p) => p.judge(asked));
    const which = worstOf(says);
    return { ...this.told(parts[which]!, asked, says[which]!.worstG), ...together(says) };
  }

  private told(
    part: PartStatics,
    asked: Asked,
    worst: number | null,
  ): Omit<StaticsRow, 'verdict' | 'ruleStands'> {
    const label =
      asked.direction === 'down' ? 'held down, by statics' : `held ${asked.direction}, by statics`;
    const required = requirement(
      asked.direction === 'down' ? 'to be held down' : 'required acceleration',
      'a',
      asked.requiredG,
      'g',
      asked.box.clause,
    );
    const { problem, limit } = part.atWorst(asked.box, asked.motion);
    const held = heldWorking(label, limit, asked.restG, this.load.tieDowns);
    const moving = problem && limit ? movingOf(part.part, problem, limit) : [];
    return {
      box: asked.box.id,
      strength: asked.box.strength,
      direction: asked.direction,
      clause: asked.box.clause,
      required,
      held:
        worst === null || held.value === null
          ? { ...held, value: null }
          : worst < held.value - 1e-9
            ? rowLimited(label, worst)
            : held,
      margin: worst === null ? null : worst - asked.requiredG,
      mechanism: problem ? mechanismOf(problem, limit, asked.motion) : null,
      moving: this.load.several ? moving.map((b) => b.name) : [],
      movingIds: moving.map((b) => b.id),
      holding: holdingOf(limit),
    };
  }

  /** Everything the rule set asks of statics. */
  get questions(): Asked[] {
    const { boxes, downPart } = this.asked;
    const level = boxes.flatMap((box) =>
      DIRECTIONS.filter((d) => box.requiredG[d] > 0).map((direction): Asked => ({
        direction,
        motion: MOTIONS[direction],
        box,
        requiredG: box.requiredG[direction],
        restG: 0,
      })),
    );
    const down =
      downPart !== null && boxes[0] && !this.load.parts.every(isContained)
        ? [
            {
              direction: 'down' as const,
              motion: UPWARD,
              box: boxes[0],
              requiredG: downPart,
              restG: 1,
            },
          ]
        : [];
    return [...level, ...down];
  }
}

const isContained = ({ bodies }: StaticsPart): boolean =>
  bodies.every((b) => b.article.fullyContained);

const rowLimited = (label: string, worst: number): Working =>
  traced.given({
    label,
    symbol: 'a',
    value: worst,
    unit: 'g',
    source: 'each row by itself: half its width over the height of its centre of gravity',
    confidence: 'computed',
  });
