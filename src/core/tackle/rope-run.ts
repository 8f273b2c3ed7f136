import { formula, type Tracer } from '../working/working';

/**
 * One rope led back and forth over a load, over hooks or through rings. Legs and turns are counted from the hauled end:
 * turn 1 lies between leg 1 and leg 2. The other end is fastened.
 */
export interface RopeRun {
  /** Pull of the hand, N. */
  readonly handN: number;
  /** What the tensioning form at the hauled end, and at every lock, makes of it while hauling. */
  readonly haulingRatio: number;
  /** At each turn: what passes through it while hauling, and whether the rope is locked there by a form of its own. */
  readonly turns: readonly { readonly efficiency: number; readonly locked: boolean }[];
}

/**
 * `from-one-end`: the whole rope at once, from its end; locks are tied afterwards. `leg-by-leg`: from the fastened end on,
 * each leg pulled up by hand and held by its turn, and by the form where the rope is locked.
 */
export type HaulingOrder = 'from-one-end' | 'leg-by-leg';

/** A cut leg, or a lock that lets go; counted as legs and turns are. */
export type Failure =
  { readonly kind: 'leg'; readonly leg: number } | { readonly kind: 'lock'; readonly turn: number };

/** One thing to do, in order. */
export interface Step {
  readonly do: 'undo' | 'haul' | 'lock';
  /** The leg that is hauled, or the turn whose lock is meant; turn 0 is the hauled end itself. */
  readonly number: number;
}

const hauled = formula({
  symbol: 'T',
  unit: 'N',
  text: 'H × R',
  source: 'pull of the hand times the hauling ratio',
  confidence: 'exact',
  compute: ({ H, R }: Record<'H' | 'R', number>) => H * R,
});
const passed = formula({
  symbol: 'T',
  unit: 'N',
  text: 'T × e',
  source: 'what a turn lets through while hauling',
  confidence: 'exact',
  compute: ({ T, e }: Record<'T' | 'e', number>) => T * e,
});

/**
 * Tension of each leg as it is hauled, N, from the hauled end. Hauled from one end every turn takes its part. Hauled leg by
 * leg each has the hand's pull, beside a form the form's; a turn slips where the leg nearer the hand pulls more than it holds.
 * Source: friction at a turn (capstan), common practice, no source, for the order.
 */
export function legTensions<V>(t: Tracer<V>, run: RopeRun, order: HaulingOrder): V[] {
  const given = (label: string, symbol: string, value: number, unit: 'N' | 'ratio'): V =>
    t.given({ label, symbol, value, unit, source: 'your entry', confidence: 'entered' });
  const hand = given('pull of the hand', 'H', run.handN, 'N');
  const byForm = t.apply(hauled, 'by its form', {
    H: hand,
    R: given('hauling ratio', 'R', run.haulingRatio, 'ratio'),
  });
  const legs: V[] = [byForm];
  run.turns.forEach(({ efficiency, locked }, i) => {
    const through = t.apply(passed, `through turn ${i + 1}`, {
      T: legs[i]!,
      e: given(`efficiency of turn ${i + 1}`, 'e', efficiency, 'ratio'),
    });
    if (order === 'from-one-end') legs.push(through);
    else if (locked) legs.push(byForm);
    else legs.push(t.extreme('greatest', `leg ${i + 2}`, 'T', [hand, through]));
  });
  return legs;
}

/** Legs between locks, from the hauled end: each part is held at both its ends by itself. */
export function partsOf({ turns }: Pick<RopeRun, 'turns'>): number[][] {
  const parts: number[][] = [[1]];
  turns.forEach(({ locked }, i) => {
    if (locked) parts.push([i + 2]);
    else parts.at(-1)!.push(i + 2);
  });
  return parts;
}

/** The tensions in one part, N: the least presses, the greatest is borne by anchors and rope, the road evens all out to the mean. */
export interface Spread {
  readonly legs: readonly number[];
  readonly leastN: number;
  readonly greatestN: number;
  readonly meanN: number;
}

/** Tensions of a run's legs, part by part. `tensionsN`: of each leg from the hauled end. */
export const spreadOf = (run: Pick<RopeRun, 'turns'>, tensionsN: readonly number[]): Spread[] =>
  partsOf(run).map((legs) => {
    const of = legs.map((leg) => tensionsN[leg - 1]!);
    const meanN = of.reduce((a, b) => a + b, 0) / of.length;
    return { legs, leastN: Math.min(...of), greatestN: Math.max(...of), meanN };
  });

/**
 * Legs that go slack. A cut leg takes its part with it; a lock that lets go takes the parts on both its sides, because
 * each of them was held by it; turn 0, the hauled end, the first part.
 */
export function slackAfter(run: Pick<RopeRun, 'turns'>, failure: Failure): number[] {
  const parts = partsOf(run);
  const isHit = (part: readonly number[]): boolean =>
    failure.kind === 'leg'
      ? part.includes(failure.leg)
      : part.includes(failure.turn) || part.includes(failure.turn + 1);
  return parts.filter(isHit).flat();
}

/**
 * How slack legs are hauled again: every lock from the hauled end up to the farthest slack leg is undone, then each leg from
 * there on is hauled toward the hand, and each lock tied as it is reached. Common practice, no source.
 */
export function haulAgain(run: Pick<RopeRun, 'turns'>, slack: readonly number[]): Step[] {
  if (slack.length === 0) return [];
  const farthest = Math.max(...slack);
  const locks = run.turns.flatMap(({ locked }, i) => (locked && i + 1 < farthest ? [i + 1] : []));
  const steps: Step[] = [0, ...locks].map((number) => ({ do: 'undo', number }));
  for (let leg = farthest; leg >= 1; leg--) {
    steps.push({ do: 'haul', number: leg });
    if (leg === 1 || locks.includes(leg - 1)) steps.push({ do: 'lock', number: leg - 1 });
  }
  return steps;
}

/** However many legs it has: one rope led back and forth is one tie-down. Source: guides to load securing, from memory. */
export const RUN_TIE_DOWNS = 1;
