import type { GearKind } from '../../gear/schema';
import type { GearFact, GearFacts } from '../locker-word';

/** Things of the locker that are alike for every line: one stands for all of them until a securement is found. */
export interface StockClass {
  readonly kind: GearKind;
  readonly members: readonly Member[];
  /** The one with the most left. */
  readonly longest: Member;
}

export interface Member {
  readonly id: string;
  readonly fact: GearFact;
  /** Infinity for hardware. */
  readonly leftM: number;
}

/** What a line takes of the locker. `thingId`: this very thing; null: any of its class. */
export interface Use {
  readonly class: number;
  readonly lengthM: number;
  readonly thingId: string | null;
}

/** What nobody would take for a new line: it is bad, doubted, overdue, gone, or nobody knows how much is left of it. */
function isUsable({ gear, state, due, removed }: GearFact): boolean {
  return (
    !removed &&
    state.state === 'in-service' &&
    state.condition !== 'damaged' &&
    !state.suspect &&
    due !== 'overdue' &&
    (gear.item.kind === 'hardware' || state.remainingM !== null)
  );
}

/** The things of a locker by what they are for a line, each class from the longest to the shortest. */
export function stockOf(locker: GearFacts): StockClass[] {
  const classes = new Map<string, Member[]>();
  for (const [id, fact] of locker) {
    if (!('gear' in fact) || !isUsable(fact)) continue;
    const { item } = fact.gear;
    const key = JSON.stringify([item, fact.state.condition]);
    const leftM = item.kind === 'hardware' ? Infinity : fact.state.remainingM!;
    classes.set(key, [...(classes.get(key) ?? []), { id, fact, leftM }]);
  }
  return [...classes.values()].map((list) => {
    const members = list.sort(
      (a, b) => b.leftM - a.leftM || (a.fact.gear.code < b.fact.gear.code ? -1 : 1),
    );
    return { kind: members[0]!.fact.gear.item.kind, members, longest: members[0]! };
  });
}

/**
 * Which thing of each class goes to which use, in the order of the uses: the longest need gets the shortest that is long
 * enough of what the longer ones left. Null: they do not go round. One thing serves one line.
 */
export function handedOut(
  stock: readonly StockClass[],
  uses: readonly Use[],
): readonly string[] | null {
  const given = new Map<Use, string>();
  const taken = new Set<string>();
  for (const use of uses) {
    if (use.thingId === null) continue;
    // Two lines that share a rope already are for whoever judges the plan.
    taken.add(use.thingId);
    given.set(use, use.thingId);
  }
  const open = uses.filter((u) => u.thingId === null).sort((a, b) => a.lengthM - b.lengthM);
  // From the shortest need on the shortest that reaches: whatever is left over reaches at least as far.
  for (const use of open) {
    const fits = stock[use.class]!.members.findLast(
      (m) => !taken.has(m.id) && m.leftM >= use.lengthM,
    );
    if (fits === undefined) return null;
    taken.add(fits.id);
    given.set(use, fits.id);
  }
  return uses.map((u) => given.get(u)!);
}
