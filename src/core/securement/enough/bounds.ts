import { articlesOf, type LineFacts, tieDownOf } from '../rule-input';
import { holdProblem } from '../hold/load-model';
import type { Asked, HeldCase } from '../hold/part-statics';
import type { HoldLine } from '../hold/problem';
import { weightOf, wholeRatio } from '../hold/programme';
import type { Placed } from '../load/placed';
import type { Plan } from '../plan';
import { ruleSet } from '../rules';
import type { StaticsBox } from '../rules/rule-set';
import { wholeLoadOf } from '../hold/statics-load';
import type { TallyRow } from '../verdict';

/** What a comparison is about, to be told to people. */
export interface CutAbout {
  readonly by: 'statics' | 'rule';
  readonly code: TallyRow['code'] | 'statics';
  readonly direction: TallyRow['direction'] | 'left' | 'right';
  readonly unit: TallyRow['unit'];
  readonly clause: string;
  readonly required: number;
}

/**
 * What no securement gets round: with a set of choices no more is held than `base` and the sum of what `each` of them adds.
 * Less than `needs` in all, and it surely is not enough.
 */
export interface Cut {
  readonly about: CutAbout;
  readonly base: number;
  readonly needs: number;
  /** By place in the list of choices. */
  readonly each: Float64Array;
}

/** What falls short by no more than rounding is no reason to leave anything out. */
const SLACK = 1e-7;
export const slackOf = ({ needs, base }: Cut): number =>
  SLACK * Math.max(1, Math.abs(needs), Math.abs(base));

/** Whether a securement is ruled out by a cut. */
export const isShort = (cut: Cut, chosen: readonly number[]): boolean =>
  chosen.reduce((sum, i) => sum + cut.each[i]!, cut.base) < cut.needs - slackOf(cut);

type Vector = Readonly<Record<'x' | 'y' | 'z', number>>;

/** Velocity along which a leg pulls, times its unit pull: what it does against a motion. */
function workOf(
  { at, pull }: HoldLine['legs'][number],
  centre: Vector,
  velocity: Vector,
  turn: Vector,
): number {
  const [x, y, z] = [at.x - centre.x, at.y - centre.y, at.z - centre.z];
  return (
    pull.x * (velocity.x + turn.y * z - turn.z * y) +
    pull.y * (velocity.y + turn.z * x - turn.x * z) +
    pull.z * (velocity.z + turn.x * y - turn.y * x)
  );
}

/** The most a line does against a motion that gives each of its stretches so much work for each N. */
function mostOf(line: HoldLine, gains: readonly number[]): number {
  const lowN = line.leastN / wholeRatio(line);
  if (line.ratios.every((r) => r === 1)) {
    const gain = gains.reduce((a, b) => a + b, 0);
    return Math.max(gain * line.leastN, gain * line.mostN);
  }
  // Stretches may differ: each counts for itself, which never takes too little.
  return gains.reduce((sum, g) => sum + Math.max(g * lowN, g * line.mostN), 0);
}

/** Every choice as a line of statics, each alone, by box: null where it does nothing there. */
export class StaticsBounds {
  private readonly lines = new Map<string, readonly (HoldLine | null)[]>();
  private readonly ids: readonly string[];

  constructor(
    private readonly plan: Plan,
    private readonly load: readonly Placed[],
    private readonly facts: readonly LineFacts[],
  ) {
    this.ids = load.map((p) => p.unit.id);
  }

  private of(box: StaticsBox, end: 'worst' | 'tension-free'): readonly (HoldLine | null)[] {
    const key = `${box.id}/${end}`;
    const known = this.lines.get(key);
    if (known) return known;
    const part = {
      ...wholeLoadOf(this.load, this.plan.deck),
      contacts: [],
      chocks: [],
      tieDowns: this.facts.map((f, i) => ({ ...tieDownOf(f), id: `${i}` })),
    };
    const problem = holdProblem(part, box, { end, present: true, cone: 'inscribed' });
    const found: (HoldLine | null)[] = this.facts.map(() => null);
    for (const line of problem?.lines ?? []) found[Number(line.id)] = line;
    this.lines.set(key, found);
    return found;
  }

  /**
   * What a way of giving way says of every securement: the work of contacts and boards in it, and of each line at its best.
   * Null where nothing gives way. Source: upper bound theorem of limit analysis; weak duality of the programme.
   */
  cut(
    asked: Asked,
    end: 'worst' | 'tension-free',
    bodyIds: readonly string[],
    { problem, limit }: HeldCase,
    needs: number,
  ): Cut | null {
    if (problem === null || limit === null || limit.twists === null) return null;
    const { twists } = limit;
    const weightN = weightOf(problem);
    const base = limit.heldG - limit.lines.reduce((sum, l) => sum + l.partG, 0) - asked.restG;
    const each = Float64Array.from(this.of(asked.box, end), (line) => {
      if (line === null) return 0;
      const gains = Array.from({ length: line.ratios.length + 1 }, () => 0);
      for (const leg of line.legs) {
        const at = bodyIds.indexOf(this.ids[leg.body]!);
        if (at < 0) continue;
        const { velocity, rotation } = twists[at]!;
        const work = workOf(leg, problem.bodies[at]!.centre, velocity, rotation);
        gains[leg.stretch]! -= work / weightN;
      }
      return mostOf(line, gains);
    });
    const { direction, box, requiredG } = asked;
    const about: CutAbout = {
      by: 'statics',
      code: 'statics',
      direction,
      unit: 'g',
      clause: box.clause,
      required: requiredG,
    };
    return { about, base, needs, each };
  }
}

/**
 * What the rule's own comparisons add up to, of every article. Nothing where lines tie units to each other: then what is an
 * article hangs on which lines are there.
 */
export function ruleCuts(
  plan: Plan,
  load: readonly Placed[],
  facts: readonly LineFacts[],
  marginPart: number,
): Cut[] {
  const { bounds } = ruleSet(plan.ruleSet);
  if (!bounds || facts.some((f) => f.shape.pulls.some((p) => p.towardId !== null))) return [];
  const own = facts.map((f, i) => ({ ...f, line: { ...f.line, id: `${i}` } }));
  return articlesOf(plan, load, own).flatMap((article) =>
    bounds(article).map(({ code, direction, unit, required, base, each }): Cut => {
      const all = new Float64Array(facts.length);
      article.tieDowns.forEach((td, i) => {
        all[Number(td.id)] = each[i]!;
      });
      return {
        about: { by: 'rule', code, direction, unit, clause: '', required },
        base,
        needs: required * (unit === 'count' ? 1 : 1 + marginPart),
        each: all,
      };
    }),
  );
}
