import { atLeast } from '../../units/constants';
import type { Spot } from '../load/outline';
import type { StaticsAsked, StaticsBox } from '../rules/rule-set';
import type { TallyRow } from '../verdict';
import type { Direction } from '../vocabulary';
import { type HoldLimit, HoldSearch } from './limit';
import { holdProblem, isPlaced, isUnlike, type Look, type OffMiddle } from './load-model';
import type { HoldProblem } from './problem';
import { type Motion, UNLIMITED_G } from './programme';
import type { StaticsBody, StaticsPart } from './statics-load';

/** One direction that is asked for. */
export interface Asked {
  readonly direction: Direction | 'down';
  readonly motion: Motion;
  readonly box: StaticsBox;
  readonly requiredG: number;
  /** Weight is balanced already before lifting begins. */
  readonly restG: number;
}

/** A unit of several rows side by side: what one of them, by itself, stands against a motion that has a part sideways; g. */
function rowAlone(
  { article: { rows, widthM, cgHeightM, heightM } }: StaticsBody,
  { along }: Motion,
): number {
  return rows > 1 && Math.abs(along.y) > 1e-9
    ? widthM / rows / 2 / (cgHeightM ?? heightM) / Math.abs(along.y)
    : Infinity;
}

/** The least of that over all units that consist of rows. */
export const rowsAlone = ({ bodies }: StaticsPart, motion: Motion): number =>
  Math.min(...bodies.map((b) => rowAlone(b, motion)));

/** Most units of one part whose centre of gravity may lie to one side or the other: every combination is tried. */
const MOST_UNSURE = 3;
const NOWHERE: OffMiddle = new Map();

/** Corners of where the centres of gravity may lie, unit by unit; null: too many to try. */
function placesOf({ bodies }: StaticsPart): readonly OffMiddle[] | null {
  const unsure = bodies.filter(
    ({ placed: { unit } }) => unit.cgForwardWithinM > 0 || unit.cgLeftWithinM > 0,
  );
  if (unsure.length > MOST_UNSURE) return null;
  return unsure
    .reduce<readonly (readonly (readonly [string, Spot])[])[]>(
      (sets, { id, placed: { unit } }) => {
        const signs = (within: number): number[] => (within > 0 ? [within, -within] : [0]);
        const corners = signs(unit.cgForwardWithinM).flatMap((x) =>
          signs(unit.cgLeftWithinM).map((y) => [id, { x, y }] as const),
        );
        return sets.flatMap((set) => corners.map((corner) => [...set, corner]));
      },
      [[]],
    )
    .map((set) => new Map(set));
}

/** Two looks at where the weight lies, one on top of the other. */
function offBy(a: OffMiddle, b: OffMiddle | undefined): OffMiddle {
  if (b === undefined || b.size === 0) return a;
  const at = (id: string): Spot => ({
    x: (a.get(id)?.x ?? 0) + (b.get(id)?.x ?? 0),
    y: (a.get(id)?.y ?? 0) + (b.get(id)?.y ?? 0),
  });
  return new Map([...a.keys(), ...b.keys()].map((id) => [id, at(id)]));
}

const keyOf = (off: OffMiddle | undefined): string =>
  off === undefined || off.size === 0
    ? ''
    : [...off].map(([id, { x, y }]) => `${id}:${x},${y}`).join(';');

/** A look at a part, and what holds there. */
export interface HeldCase {
  readonly problem: HoldProblem | null;
  readonly limit: HoldLimit | null;
}

/** What one part of the load comes to in one direction. */
export interface PartSays {
  readonly verdict: TallyRow['verdict'];
  readonly ruleStands: boolean;
  /** Null: dragged, or too little known. */
  readonly worstG: number | null;
}

/** Statics of one part of a load, looked at from every end that is needed; problems are built once. */
export class PartStatics {
  private readonly problems = new Map<string, HoldProblem | null>();
  private readonly limits = new Map<
    HoldProblem,
    { readonly search: HoldSearch; readonly known: Map<Motion, HoldLimit | null> }
  >();
  private readonly places: readonly OffMiddle[] | null;

  constructor(
    readonly part: StaticsPart,
    readonly asked: StaticsAsked,
  ) {
    this.places = placesOf(part);
  }

  /** Whether too many centres of gravity are unsure for every combination to be tried. */
  get tooUnsure(): boolean {
    return this.places === null;
  }

  problem(box: StaticsBox, look: Look): HoldProblem | null {
    const of = this.boxesAlike ? '' : box.id;
    const key = `${of}/${look.end}/${look.present}/${look.cone}/${keyOf(look.off)}`;
    if (!this.problems.has(key)) this.problems.set(key, holdProblem(this.part, box, look));
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
      !this.part.tieDowns.some((td) => td.kind !== 'over' && isPlaced(td))
    );
  }

  /** Over-lines whose strength nobody knows may hold or not: at the worst both are tried. */
  private get unsure(): boolean {
    return this.part.tieDowns.some(
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

  /** Every look at the worst of what is unsure. */
  private looks(end: 'worst' | 'tension-free', cone: Look['cone'], off?: OffMiddle): Look[] {
    return (this.unsure ? [true, false] : [true]).flatMap((present) =>
      (this.places ?? [NOWHERE]).map((place) => ({ end, present, cone, off: offBy(place, off) })),
    );
  }

  /** Every look at an end of the unknowns, with what holds there. `limit` null: dragged; `problem` null: a mass is not known. */
  cases(asked: Asked, end: 'worst' | 'tension-free', off?: OffMiddle): readonly HeldCase[] {
    return this.looks(end, this.cone(end), off).map((look) =>
      this.caseOf(asked.box, asked.motion, look),
    );
  }

  private caseOf(box: StaticsBox, motion: Motion, look: Look): HeldCase {
    const problem = this.problem(box, look);
    return { problem, limit: problem === null ? null : this.limit(problem, motion) };
  }

  /** Works out step by step what judging needs most: {@link judge} then finds it known. */
  *ahead(asked: Asked): Generator<void> {
    if (this.tooUnsure) return;
    for (const look of this.looks('worst', this.cone('worst'))) {
      this.caseOf(asked.box, asked.motion, look);
      yield;
    }
    const worstG = this.heldG(asked, 'worst');
    if (worstG !== null && atLeast(worstG, asked.requiredG)) return;
    this.bestG(asked);
    yield;
  }

  /** What surely counts at an end: the least over what is unsure. Null: dragged. */
  heldG(asked: Asked, end: 'worst' | 'tension-free', off?: OffMiddle): number | null {
    if (this.tooUnsure) return null;
    const held = this.cases(asked, end, off).map(({ limit }) => limit?.heldG ?? null);
    if (held.some((h) => h === null)) return null;
    // What drags with a tension nobody knows cannot be left out of account where the set counts tensions.
    if (this.dragsUnknown && !this.asked.ruleStandsWithoutTension) return null;
    return (
      Math.min(...(held as number[]), rowsAlone(this.part, asked.motion) + asked.restG) -
      asked.restG
    );
  }

  /** Whether an over-line of unlike legs and unknown tension pulls at the load. */
  private get dragsUnknown(): boolean {
    return this.part.tieDowns.some(
      (td) => td.kind === 'over' && td.keptN === null && isPlaced(td) && isUnlike(td),
    );
  }

  /** What may be held with every unknown at its best. */
  private bestG(asked: Asked): number {
    // A line that nobody has placed could do anything; so could a weight that lies anywhere.
    if (
      this.tooUnsure ||
      this.part.tieDowns.some(
        (td) => td.soundness !== 'nothing' && !isPlaced(td) && td.wll.high > 0,
      )
    )
      return UNLIMITED_G;
    const held = (this.places ?? [NOWHERE]).map((off) => {
      const problem = this.problem(asked.box, {
        end: 'best',
        present: true,
        cone: this.cone('best'),
        off,
      });
      return problem === null
        ? UNLIMITED_G
        : (this.limit(problem, asked.motion)?.heldG ?? -Infinity) - asked.restG;
    });
    return Math.max(...held);
  }

  /** What holds against a motion at the worst of every unknown: the case that is worst. */
  atWorst(box: StaticsBox, motion: Motion): HeldCase {
    const cases = this.looks('worst', 'inscribed').map((look) => this.caseOf(box, motion, look));
    return cases.reduce((a, b) =>
      (b.limit?.heldG ?? -Infinity) < (a.limit?.heldG ?? -Infinity) ? b : a,
    );
  }

  judge(asked: Asked): PartSays {
    if (this.part.bodies.some((b) => b.article.massKg === null))
      return { verdict: 'cannot-say', ruleStands: false, worstG: null };
    const worstG = this.heldG(asked, 'worst');
    if (worstG !== null && atLeast(worstG, asked.requiredG))
      return { verdict: 'holds', ruleStands: false, worstG };
    if (!atLeast(this.bestG(asked), asked.requiredG))
      return { verdict: 'short', ruleStands: false, worstG };
    if (!this.asked.ruleStandsWithoutTension)
      return { verdict: 'cannot-say', ruleStands: false, worstG };
    const free = this.heldG(asked, 'tension-free');
    const ruleStands = free !== null && atLeast(free, asked.requiredG);
    return { verdict: 'cannot-say', ruleStands, worstG };
  }
}
