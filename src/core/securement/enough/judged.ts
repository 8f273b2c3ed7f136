import { onMats } from '../advice/candidates';
import { type Assessment, assess, ruleOpinion } from '../assess';
import { rowsAlone } from '../hold/part-statics';
import { Statics, type StaticsRow } from '../hold/opinion';
import { staticsLoadOf } from '../hold/statics-load';
import { placeUnits } from '../load/placed';
import type { GearFacts } from '../locker-word';
import type { Plan } from '../plan';
import { kindOf } from '../../line/elements';
import { ruleSet } from '../rules';
import { type Comparison, partToSpare, tightest } from '../tightest';
import type { Finding } from '../verdict';
import { atLeast } from '../../units/constants';
import { type Cut, type CutAbout, isShort, ruleCuts, StaticsBounds } from './bounds';
import type { Choice } from './choices';
import { asThing } from './made';
import { handedOut, type StockClass } from './stock';

/** What stands against a securement: a comparison of which it reaches too little (null: nobody can say how much), or a finding. */
export type Against =
  | {
      readonly kind: 'compared';
      readonly about: CutAbout;
      readonly needs: number;
      readonly reached: number | null;
    }
  | { readonly kind: 'finding'; readonly finding: Finding };

const isStatics = (row: Comparison): row is StaticsRow => 'held' in row;

/** Whether a comparison holds with as much to spare as is wished for; a count is a count. */
function spares(row: Comparison, marginPart: number): boolean {
  if (row.verdict !== 'holds') return false;
  if (!isStatics(row) && row.unit === 'count') return true;
  const part = partToSpare(row);
  return part === null || atLeast(1 + part, 1 + marginPart);
}

function compared(row: Comparison, marginPart: number): Against {
  const required = row.required.value ?? 0;
  const { direction, clause } = row;
  const about: CutAbout = isStatics(row)
    ? { by: 'statics', code: 'statics', unit: 'g', direction, clause, required }
    : { by: 'rule', code: row.code, unit: row.unit, direction, clause, required };
  const needs = required * (about.unit === 'count' ? 1 : 1 + marginPart);
  return {
    kind: 'compared',
    about,
    needs,
    reached: row.margin === null ? null : required + row.margin,
  };
}

/** What stands against a plan being enough: that it HOLDS, with as much to spare as is wished for. Null: it is enough. */
export function againstEnough(
  { verdict, rows, statics, findings }: Assessment,
  marginPart: number,
): Against | null {
  const all: readonly Comparison[] = [...rows, ...statics.filter((r) => !r.ruleStands)];
  const short = tightest(all.filter((r) => !spares(r, marginPart)));
  if (short !== null) return compared(short, marginPart);
  const finding = findings.find((f) => f.effect !== 'notice');
  if (finding) return { kind: 'finding', finding };
  if (verdict !== 'holds')
    throw new Error('Broken invariant: nothing stands against what does not hold');
  return null;
}

/** Everything one way of laying the load out (with mats or without) is searched with. */
export class Field {
  /** The plan without lines, its units as they would lie. */
  readonly bare: Plan;
  readonly cuts: Cut[];
  private readonly bounds: StaticsBounds;
  private readonly asked;
  private readonly end;
  judgedSets = 0;

  constructor(
    plan: Plan,
    readonly mats: boolean,
    readonly choices: readonly Choice[],
    private readonly stock: readonly StockClass[],
    private readonly locker: GearFacts,
    private readonly marginPart: number,
  ) {
    this.bare = { ...(mats ? onMats(plan) : plan), lines: [] };
    const load = placeUnits(this.bare.units);
    const facts = choices.map((c) => c.facts);
    this.bounds = new StaticsBounds(this.bare, load, facts);
    this.cuts = ruleCuts(this.bare, load, facts, marginPart);
    this.asked = ruleSet(plan.ruleSet).statics;
    this.end = this.asked.ruleStandsWithoutTension ? ('tension-free' as const) : ('worst' as const);
  }

  /** The plan with these choices, each with a thing of its own; null: the things do not go round. */
  planWith(chosen: readonly number[]): Plan | null {
    const list = chosen.map((i) => this.choices[i]!);
    const ids = handedOut(
      this.stock,
      list.flatMap((c) => c.uses),
    );
    if (ids === null) return null;
    let next = 0;
    const lines = list.map((c) => {
      const own = ids.slice(next, (next += c.uses.length));
      // What is there already keeps what it has.
      if (c.uses.every((u) => u.thingId !== null)) return c.line;
      let at = 0;
      return {
        ...c.line,
        elements: c.line.elements.map((e) => {
          if (!kindOf(e).gear || !('gearId' in e) || e.gearId === null) return e;
          const id = own[at++]!;
          const fact = this.stock.flatMap((s) => s.members).find((m) => m.id === id)!;
          return asThing(e, fact) ?? e;
        }),
      };
    });
    return { ...this.bare, lines };
  }

  /** Whether anything that no line mends stands in the way: rows of a unit that fall over by themselves. */
  get hopeless(): boolean {
    const load = placeUnits(this.bare.units);
    const statics = new Statics(staticsLoadOf(this.bare, load, []), this.asked);
    return statics.questions.some((q) =>
      statics
        .asking(q)
        .some((p) => p.tooUnsure || !atLeast(rowsAlone(p.part, q.motion), this.needs(q.requiredG))),
    );
  }

  private needs(requiredG: number): number {
    // Where the rule's word may stand alone, margin is only asked where statics speak.
    return requiredG * (this.end === 'worst' ? 1 + this.marginPart : 1);
  }

  /**
   * Judges a securement: the plan with it and what that comes to; null where it is not enough. What statics say of why it is not
   * goes to the cuts, so that nothing like it is looked at again.
   */
  judge(
    chosen: readonly number[],
  ): { readonly plan: Plan; readonly assessment: Assessment } | null {
    const plan = this.planWith(chosen);
    if (plan === null) return null;
    this.judgedSets += 1;
    if (!this.staticsStand(plan, chosen)) return null;
    const assessment = assess(plan, this.locker);
    return againstEnough(assessment, this.marginPart) === null ? { plan, assessment } : null;
  }

  /** What stands against a securement; null where it is enough, or cannot be laid. */
  against(chosen: readonly number[]): Against | null {
    const plan = this.planWith(chosen);
    return plan && againstEnough(assess(plan, this.locker), this.marginPart);
  }

  private staticsStand(plan: Plan, chosen: readonly number[]): boolean {
    const { lines, load } = ruleOpinion(plan, this.locker);
    const statics = new Statics(staticsLoadOf(plan, load, lines), this.asked);
    let stands = true;
    for (const asked of statics.questions)
      for (const part of statics.asking(asked)) {
        const needs = this.needs(asked.requiredG);
        for (const held of part.cases(asked, this.end)) {
          if (held.limit !== null && atLeast(held.limit.heldG - asked.restG, needs)) continue;
          if (held.problem === null) continue;
          stands = false;
          const ids = part.part.bodies.map((b) => b.id);
          const cut = this.bounds.cut(asked, this.end, ids, held, needs);
          // A line that may do less in company than alone can leave a cut too loose to say anything.
          if (cut && isShort(cut, chosen)) this.cuts.push(cut);
        }
      }
    return stands;
  }
}
