import type { ElementOf, LineElement } from '../../line/schema';
import { type DeckEnd, type Leg, legTo, type Point, pullOf } from '../leg';

/** Where a line lies on a unit, or is made fast to it: where it comes on and where it leaves, from the first end on. */
export interface Touch {
  readonly unitId: string;
  readonly on: Point;
  readonly off: Point;
  /** How much of it lies on the unit. */
  readonly lengthM: number;
}

/** One pull of a line on one unit. */
export interface UnitPull {
  readonly unitId: string;
  readonly leg: Leg;
  /** The unit at the other end of the leg; null: an anchor, or nobody knows. */
  readonly towardId: string | null;
  /** Which stretch of the line it is, counted from its first end: both ends of a stretch have one tension. */
  readonly stretch: number;
}

/** A line as a row of stretches between ends and units. */
export interface Path {
  readonly pulls: readonly UnitPull[];
  readonly lengthM: number;
  /** How far the tensions before and after each unit may differ: e^{μθ}, 1 where no edge says its friction. */
  readonly ratios: readonly number[];
}

/** Friction of the edges as far as every one of them says it; null: not known. */
function leastFriction(elements: readonly LineElement[]): number | null {
  const frictions = elements
    .filter((e): e is ElementOf<'edge'> => e.kind === 'edge')
    .map((e) => e.mu);
  return frictions.length > 0 && frictions.every((mu): mu is number => mu !== null)
    ? Math.min(...frictions)
    : null;
}

/** Over how much the legs of a unit may differ: least stated friction times the whole turn between them. */
function ratioOf(mu: number | null, before: Leg, after: Leg): number {
  if (mu === null) return 1;
  const [a, b] = [pullOf(before), pullOf(after)];
  const turn = Math.acos(Math.max(-1, Math.min(1, -(a.x * b.x + a.y * b.y + a.z * b.z))));
  return Math.exp(mu * turn);
}

/** Pulls, length and tension ratios of a line along its stretches. An end that is null is made fast to the unit next to it. */
export function pathOf(
  first: DeckEnd | null,
  touches: readonly Touch[],
  last: DeckEnd | null,
  elements: readonly LineElement[],
): Path {
  const mu = leastFriction(elements);
  const pulls: UnitPull[] = [];
  const ratios: number[] = [];
  let lengthM = 0;
  let stretch = 0;
  touches.forEach((touch, i) => {
    const [before, after] = [touches[i - 1], touches[i + 1]];
    const back = before ? { id: null, at: before.off } : first;
    const on = after ? { id: null, at: after.on } : last;
    const legs: Leg[] = [];
    if (back) {
      const leg = legTo(touch.on, back);
      pulls.push({ unitId: touch.unitId, leg, towardId: before?.unitId ?? null, stretch });
      legs.push(leg);
      lengthM += leg.lengthM!;
    }
    lengthM += touch.lengthM;
    if (back && on) stretch += 1;
    if (on) {
      const leg = legTo(touch.off, on);
      pulls.push({ unitId: touch.unitId, leg, towardId: after?.unitId ?? null, stretch });
      legs.push(leg);
      if (!after) lengthM += leg.lengthM!;
    }
    if (legs.length === 2) ratios.push(ratioOf(mu, legs[0]!, legs[1]!));
  });
  return { pulls, lengthM, ratios };
}
