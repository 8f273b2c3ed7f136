import { ropeOf } from '../gear/rating';
import type { Gear } from '../gear/gear';
import type { GearState } from '../gear/history';
import type { DueStanding } from '../gear/due';
import type { Plan } from '../exchange/plan';
import { CONDITION_FACTORS } from '../rope/condition';
import type { Rope } from '../rope/rope';
import type { Line } from './schema';
import type { LineElement } from '../line/gear';
import type { Finding } from './verdict';

/** What the locker says today of a thing that a plan uses. `due` is only known where there is a day to compare with. */
export interface GearFact {
  readonly gear: Gear;
  readonly state: GearState;
  readonly due: DueStanding | null;
}

/** By the locker's id. An id a plan uses that is not here is no longer in the locker. */
export type GearFacts = ReadonlyMap<string, GearFact>;

/** The locker's thing an element is, or null. */
export const gearIdOf = (element: LineElement): string | null => ('gearId' in element ? element.gearId : null);

/** Ids of everything of the locker that a plan uses. */
export const gearIdsOf = (plan: Pick<Plan, 'lines'>): string[] => [...new Set(plan.lines.flatMap((l) => l.elements.map(gearIdOf).filter((id) => id !== null)))];

/** Whether the locker now knows less good of a rope than the plan counts with. */
function worseNow(planned: Rope, now: Rope): boolean {
  const factor = (r: Rope): number => (r.historyKnown ? CONDITION_FACTORS[r.condition] : Math.min(CONDITION_FACTORS[r.condition], CONDITION_FACTORS.doubtful));
  const less = (a: number | null, b: number | null): boolean => a !== b && (a === null || (b !== null && a < b));
  return factor(now) < factor(planned) || less(now.mbsN, planned.mbsN) || less(now.markedWllN, planned.markedWllN) || now.material !== planned.material || now.diameterM < planned.diameterM - 1e-9;
}

function standing(line: Line, element: LineElement, fact: GearFact): Pick<Finding, 'code' | 'effect'> | null {
  const { gear, state, due } = fact;
  if (state.state === 'retired') return { code: 'gear-retired', effect: 'barred' };
  const isolated = element.kind === 'rope' && element.rope.condition === 'damaged' && element.rope.damageIsolated && line.temporary;
  if (state.state === 'set-aside') return isolated ? null : { code: 'gear-set-aside', effect: 'barred' };
  if (element.kind === 'rope' && (gear.item.kind !== 'rope' || worseNow(element.rope, ropeOf(gear.item, gear.code, state)))) return { code: 'gear-worse', effect: 'cannot-say' };
  if (state.suspect) return { code: 'gear-suspect', effect: 'cannot-say' };
  return due === 'overdue' ? { code: 'gear-overdue', effect: 'notice' } : null;
}

/** What is to be said of a line because of what the locker says of its gear. */
export function gearFindings(line: Line, facts: GearFacts): Finding[] {
  return line.elements.flatMap((element): Finding[] => {
    const id = gearIdOf(element);
    if (id === null) return [];
    const fact = facts.get(id);
    const common = { clause: '', lineId: line.id, elementId: element.id };
    if (!fact) return [{ ...common, code: 'gear-gone', effect: 'notice', values: { line: line.name } }];
    const said = standing(line, element, fact);
    return said ? [{ ...common, ...said, values: { line: line.name, code: fact.gear.code, condition: fact.state.condition } }] : [];
  });
}
