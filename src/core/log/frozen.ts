import type { LineElement } from '../line/schema';
import type { Assessment } from '../securement/assess';
import { knotsIn } from '../line/elements';
import { totalMassKg } from '../securement/load/describe';
import type { Plan } from '../securement/plan';
import type { Line } from '../securement/schema';
import type { Facts } from './kept';

/** What a line is made of and how it is held tight, as far as experience is counted by it. */
export type LineMake = Omit<Facts['lines'][number], 'state'>;

/** A plan as it was when something was done with it: never worked out again. */
export type FrozenPlan = NonNullable<Facts['frozen']>;

const materialOf = (elements: readonly LineElement[]): string => {
  for (const e of elements) {
    if (e.kind === 'rope') return e.rope.material;
    if (e.kind === 'webbing' || e.kind === 'chain' || e.kind === 'wire') return e.kind;
  }
  return 'none';
};

/** What keeps the tension in: a lock's knot first, else the hardware that does it. */
function lockOf(elements: readonly LineElement[]): string {
  const lock = elements.find((e) => e.kind === 'lock');
  if (lock) return lock.knot;
  const hardware = elements.find((e) => e.kind === 'ratchet' || e.kind === 'binder');
  return hardware?.kind ?? 'none';
}

export const makeOf = ({ id, name, elements }: Line): LineMake => ({
  id,
  name,
  material: materialOf(elements),
  lock: lockOf(elements),
  knots: [...new Set(elements.flatMap(knotsIn))],
});

/** What is kept of a version of a plan and of what it came to. */
export const freeze = (plan: Plan, version: number, assessed: Assessment): FrozenPlan => ({
  title: plan.title,
  version,
  deck: plan.deck.name,
  ruleSet: plan.ruleSet,
  massKg: totalMassKg(plan.units),
  verdict: assessed.verdict,
  lines: assessed.lines.map(({ line, capacity, tension }) => ({
    ...makeOf(line),
    wllN: capacity.wll.value,
    keptN: tension.pretension.value,
    weakest: capacity.places[capacity.governing[0] ?? -1]?.name ?? null,
  })),
  held: assessed.statics.map((r) => ({
    direction: r.direction,
    requiredG: r.required.value,
    heldG: r.held.value,
  })),
});
