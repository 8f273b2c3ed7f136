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
import { partToSpare } from '../tightest';
import type { TallyRow } from '../verdict';
import { atLeast } from '../../units/constants';
import { type Cut, isShort, ruleCuts, StaticsBounds } from './bounds';
import type { Choice } from './choices';
import { asThing } from './made';
import { handedOut, type StockClass } from './stock';

/** A comparison that is not met, or a finding that stands against it. */
export type Against =
  | { readonly kind: 'row'; readonly row: TallyRow }
  | { readonly kind: 'statics'; readonly row: StaticsRow }
  | { readonly kind: 'finding'; readonly code: string };

/** Whether a plan HOLDS with as much to spare as is wished for; a count is a count. */
export function againstEnough(
  { verdict, rows, statics, findings }: Assessment,
  marginPart: number,
): Against | null {
  const spare = (r: TallyRow | StaticsRow): boolean => {
    if (r.verdict !== 'holds') return false;
    if ('unit' in r && r.unit === 'count') return true;
    const part = partToSpare(r);
    return part === null || atLeast(1 + part, 1 + marginPart);
  };
  const row = rows.find((r) => !spare(r));
  if (row) return { kind: 'row', row };
  const held = statics.filter((r) => !r.ruleStands).find((r) => !spare(r));
  if (held) return { kind: 'statics', row: held };
  const finding = findings.find((f) => f.effect !== 'notice');
  if (finding) return { kind: 'finding', code: finding.code };
  return verdict === 'holds' ? null : { kind: 'finding', code: 'nothing-judged' };
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
      statics.asking(q).some(
        (p) => p.tooUnsure || !atLeast(rowsAlone(p.part, q.motion), this.needs(q.requiredG)),
      ),
    );
  }

  private needs(requiredG: number): number {
    // Where the rule's word may stand alone, margin is only asked where statics speak.
    return requiredG * (this.end === 'worst' ? 1 + this.marginPart : 1);
  }

  /**
   * Judges a securement: null where it is enough; else what stands against it. What statics say of why it is not goes to the
   * cuts, so that nothing like it is looked at again.
   */
  judge(chosen: readonly number[]): { readonly plan: Plan; readonly assessment: Assessment } | null {
    const plan = this.planWith(chosen);
    if (plan === null) return null;
    this.judgedSets += 1;
    if (!this.staticsStand(plan, chosen)) return null;
    const assessment = assess(plan, this.locker);
    return againstEnough(assessment, this.marginPart) === null ? { plan, assessment } : null;
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
