import { atLeast } from '../../units/constants';
import { formula, traced, type Working } from '../../working/working';
import type { RuleInput, StaticsAsked, StaticsBox, TieDown } from '../rules/rule-set';
import { requirement } from '../rules/shared';
import type { Deck } from '../schema';
import { type Direction, DIRECTIONS } from '../vocabulary';
import type { TallyRow } from '../verdict';
import { type HoldLimit, HoldSearch } from './limit';
import { holdProblem, isPlaced, isUnlike, type Look, type OffMiddle } from './load-model';
import { type Mechanism, mechanismOf } from './mechanism';
import type { HoldProblem } from './problem';
import { type Motion, MOTIONS, UNLIMITED_G, UPWARD } from './programme';

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
  /** Lines and boards that hold here, by what they add, most first. */
  readonly holding: readonly {
    readonly lineId?: string;
    readonly board?: Direction;
    readonly partG: number;
  }[];
  /** Statics cannot say, but only for want of a tension or a breaking strength, and the rule asks for neither: its word stands. */
  readonly ruleStands: boolean;
}

/** One direction that is asked for. */
export interface Asked {
  readonly direction: Direction | 'down';
  readonly motion: Motion;
  readonly box: StaticsBox;
  readonly requiredG: number;
  /** Weight is balanced already before lifting begins. */
  readonly restG: number;
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

/** A load of several rows side by side: what one of them, by itself, stands against a motion that has a part sideways; g. */
export function rowAlone(
  { article: { rows, widthM, cgHeightM, heightM } }: RuleInput,
  { along }: Motion,
): number {
  return rows > 1 && Math.abs(along.y) > 1e-9
    ? widthM / rows / 2 / (cgHeightM ?? heightM) / Math.abs(along.y)
    : Infinity;
}

/** Statics of one plan, looked at from every end that is needed; problems are built once. */
export class Statics {
  private readonly problems = new Map<string, HoldProblem | null>();
  private readonly limits = new Map<
    HoldProblem,
    { readonly search: HoldSearch; readonly known: Map<Motion, HoldLimit | null> }
  >();

  constructor(
    readonly input: RuleInput,
    readonly deck: Pick<Deck, 'lengthM' | 'widthM'>,
    readonly asked: StaticsAsked,
  ) {}

  problem(box: StaticsBox, look: Look): HoldProblem | null {
    const of = this.boxesAlike ? '' : box.id;
    const key = `${of}/${look.end}/${look.present}/${look.cone}/${look.off?.forwardPart ?? 0}/${look.off?.leftPart ?? 0}`;
    if (!this.problems.has(key))
      this.problems.set(key, holdProblem(this.input, this.deck, box, look));
    return this.problems.get(key)!;
  }

  /** The limit of one direction; every question of this plan asks for some of them again. */
  private limit(problem: HoldProblem, motion: Motion): HoldLimit | null {
    const { search, known } = this.limits.get(problem) ?? {
      search: new HoldSearch(problem),
      known: new Map<Motion, HoldLimit | null>(),
    };
    this.limits.set(problem, { search, known });
    if (!known.has(motion)) known.set(motion, search.limit(motion));
    return known.get(motion)!;
  }

  /** Where no line works up to its own strength every box has the same statics. */
  private get boxesAlike(): boolean {
    return (
      this.asked.boxes.every((b) => b.weightPart === this.asked.boxes[0]!.weightPart) &&
      !this.input.tieDowns.some((td) => td.kind !== 'over' && isPlaced(td))
    );
  }

  /** Over-lines whose strength nobody knows may hold or not: at the worst both are tried. */
  private get unsure(): boolean {
    return this.input.tieDowns.some(
      (td) =>
        td.kind === 'over' && td.keptN !== null && td.wll.working.value === null && isPlaced(td),
    );
  }

  /**
   * Friction drawn inside its cone where something is to hold. Where the rule's own word is only denied by what surely
   * falls short, drawn round it.
   */
  private cone(end: Look['end']): Look['cone'] {
    return end !== 'worst' && this.asked.ruleStandsWithoutTension ? 'circumscribed' : 'inscribed';
  }

  /** What surely counts at an end: the least over what is unsure. Null: dragged. */
  heldG(asked: Asked, end: 'worst' | 'tension-free', off?: OffMiddle): number | null {
    const looks: Look[] = (this.unsure ? [true, false] : [true]).map((present) => ({
      end,
      present,
      cone: this.cone(end),
      ...(off ? { off } : {}),
    }));
    const held = looks.map((look) => {
      const p = this.problem(asked.box, look);
      return p === null ? null : (this.limit(p, asked.motion)?.heldG ?? null);
    });
    if (held.some((h) => h === null)) return null;
    // What drags with a tension nobody knows cannot be left out of account where the set counts tensions.
    if (this.dragsUnknown && !this.asked.ruleStandsWithoutTension) return null;
    return (
      Math.min(...(held as number[]), rowAlone(this.input, asked.motion) + asked.restG) -
      asked.restG
    );
  }

  /** Whether an over-line of unlike legs and unknown tension pulls at the load. */
  get dragsUnknown(): boolean {
    return this.input.tieDowns.some(
      (td) => td.kind === 'over' && td.keptN === null && isPlaced(td) && isUnlike(td),
    );
  }

  /** What may be held with every unknown at its best. */
  bestG(asked: Asked): number {
    // A line that nobody has placed could do anything.
    if (
      this.input.tieDowns.some(
        (td) => td.soundness !== 'nothing' && !isPlaced(td) && td.wll.high > 0,
      )
    )
      return UNLIMITED_G;
    const problem = this.problem(asked.box, {
      end: 'best',
      present: true,
      cone: this.cone('best'),
    });
    return problem === null
      ? UNLIMITED_G
      : (this.limit(problem, asked.motion)?.heldG ?? -Infinity) - asked.restG;
  }

  row(asked: Asked): StaticsRow {
    const { input } = this;
    const label =
      asked.direction === 'down' ? 'held down, by statics' : `held ${asked.direction}, by statics`;
    const required = requirement(
      asked.direction === 'down' ? 'to be held down' : 'required acceleration',
      'a',
      asked.requiredG,
      'g',
      asked.box.clause,
    );
    const worst = this.heldG(asked, 'worst');
    const shown = this.atWorst(asked.box, asked.motion);
    const { verdict, ruleStands } = this.judge(asked, worst);
    const held = heldWorking(label, shown.limit, asked.restG, input.tieDowns);
    return {
      box: asked.box.id,
      strength: asked.box.strength,
      direction: asked.direction,
      clause: asked.box.clause,
      required,
      verdict,
      ruleStands,
      held:
        worst === null || held.value === null
          ? { ...held, value: null }
          : worst < held.value - 1e-9
            ? rowLimited(label, worst)
            : held,
      margin: worst === null ? null : worst - asked.requiredG,
      mechanism: shown.problem ? mechanismOf(shown.problem, shown.limit, asked.motion) : null,
      holding:
        shown.limit === null
          ? []
          : [
              ...shown.limit.lines.map((l) => ({ lineId: l.id, partG: l.partG })),
              ...shown.limit.boards.map((b) => ({ board: b.direction, partG: b.partG })),
            ]
              .filter((h) => h.partG > 1e-6)
              .sort((a, b) => b.partG - a.partG),
    };
  }

  /** What holds against a motion at the worst of every unknown: of over-lines of unknown strength, the case that is worse. */
  atWorst(
    box: StaticsBox,
    motion: Motion,
  ): { readonly problem: HoldProblem | null; readonly limit: HoldLimit | null } {
    const cases = (this.unsure ? [true, false] : [true]).map((present) => {
      const problem = this.problem(box, { end: 'worst', present, cone: 'inscribed' });
      return { problem, limit: problem === null ? null : this.limit(problem, motion) };
    });
    return cases.reduce((a, b) =>
      (b.limit?.heldG ?? -Infinity) < (a.limit?.heldG ?? -Infinity) ? b : a,
    );
  }

  private judge(
    asked: Asked,
    worst: number | null,
  ): { verdict: StaticsRow['verdict']; ruleStands: boolean } {
    if (this.input.article.massKg === null) return { verdict: 'cannot-say', ruleStands: false };
    if (worst !== null && atLeast(worst, asked.requiredG))
      return { verdict: 'holds', ruleStands: false };
    if (!atLeast(this.bestG(asked), asked.requiredG))
      return { verdict: 'short', ruleStands: false };
    if (!this.asked.ruleStandsWithoutTension) return { verdict: 'cannot-say', ruleStands: false };
    const free = this.heldG(asked, 'tension-free');
    const stands = free !== null && atLeast(free, asked.requiredG);
    return { verdict: 'cannot-say', ruleStands: stands };
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
      downPart !== null && boxes[0] && !this.input.article.fullyContained
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

const rowLimited = (label: string, worst: number): Working =>
  traced.given({
    label,
    symbol: 'a',
    value: worst,
    unit: 'g',
    source: 'each row by itself: half its width over the height of its centre of gravity',
    confidence: 'computed',
  });
