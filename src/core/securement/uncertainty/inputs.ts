import { KNOT_SCHOOL_CHOICES } from '../../knot/efficiency';
import { lineCapacity } from '../../line/line';
import { bare } from '../../working/working';
import { lineContext, lineFactsOf, sharingOf } from '../assess';
import { staticsLoadOf, type StaticsLoad } from '../hold/statics-load';
import { placeUnits } from '../load/placed';
import type { Plan } from '../plan';
import type { Doubt } from './vocabulary';

/** From where to where something may lie, evenly. */
export interface Range {
  readonly low: number;
  readonly high: number;
}
/** Nothing but what is said. */
const CLOSED: Range = { low: 1, high: 1 };

/**
 * How unsure what a plan says is. Practice, no source: friction of one floor differs by a fifth, hands by a quarter, a line
 * loses 10 to 30 % in its first hour, loads are weighed to a twentieth, and nobody sees where the weight lies to a tenth of
 * the height or a twentieth of the length. Factors of what is said; `cg-place`: parts of length or width off it.
 */
export const USUAL: Readonly<Record<Exclude<Doubt, 'knots'>, Range>> = {
  friction: { low: 0.8, high: 1.2 },
  pull: { low: 0.75, high: 1.25 },
  settling: { low: 0.1, high: 0.3 },
  mass: { low: 0.95, high: 1.05 },
  'cg-height': { low: 0.9, high: 1.1 },
  'cg-place': { low: -0.05, high: 0.05 },
};

/** A plan with what is not sure about it. */
export interface Unsure {
  readonly load: StaticsLoad;
  /** What each line may carry under the least and the most trusting school of knots, as a factor of what the plan counts. */
  readonly knots: ReadonlyMap<string, Range>;
  /** How much of its tension each line loses by the plan; null: its tension was read, so that hand and settling are in it. */
  readonly settling: ReadonlyMap<string, number | null>;
}

/** What of a plan is not sure. */
export function unsureOf(plan: Plan): Unsure {
  const load = placeUnits(plan.units);
  const facts = lineFactsOf(plan, load);
  const sharing = sharingOf(plan);
  const factors = (line: Plan['lines'][number]): Range => {
    const context = lineContext(plan, line, sharing);
    const wlls = KNOT_SCHOOL_CHOICES.flatMap(
      (knotSchool) => lineCapacity(bare, line.elements, { ...context, knotSchool }).wll ?? [],
    );
    const own = lineCapacity(bare, line.elements, context).wll;
    return own === null || own <= 0 || wlls.length === 0
      ? CLOSED
      : { low: Math.min(...wlls) / own, high: Math.max(...wlls) / own };
  };
  return {
    load: staticsLoadOf(plan, load, facts),
    knots: new Map(plan.lines.map((l) => [l.id, factors(l)])),
    settling: new Map(
      plan.lines.map((l) => [l.id, l.enteredPretensionN === null ? l.settling : null]),
    ),
  };
}
