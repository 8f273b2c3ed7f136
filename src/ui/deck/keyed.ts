import type { KeyboardEvent } from 'react';
import type { Plan } from '@/core/securement/plan';
import type { Spot } from '@/core/securement/load/outline';
import { fromMiddle, placeUnits } from '@/core/securement/load/placed';
import { movedUnit, sizedUnit, turnedUnit, type UnitGrip } from '@/core/securement/stage/edits';
import { bentTo, pointsOf } from '@/core/securement/stage/lines';
import { type StageSide, stepOnDeck } from '@/core/securement/stage/view';
import type { Grip } from './grips';

/** One step of the arrow keys, and the larger one with Shift; m. */
const STEP_M = 0.01;
const LARGE_STEP_M = 0.1;
/** One step of the keys that turn. */
const TURN_RAD = (5 * Math.PI) / 180;
const ARROWS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The way a side of a unit looks on the deck, as it stands before it is turned: forward and to the left. */
const OUT: Record<Exclude<UnitGrip, 'top'>, Spot> = {
  front: { x: 1, y: 0 },
  rear: { x: -1, y: 0 },
  left: { x: 0, y: 1 },
  right: { x: 0, y: -1 },
};

/** A unit larger or smaller by a step on the picture, as far as the step goes the way its side looks. */
function grown(plan: Plan, id: string, side: UnitGrip, step: Spot, upM: number): Plan {
  const placed = placeUnits(plan.units).find((p) => p.unit.id === id);
  if (!placed) return plan;
  const { unit, middle } = placed;
  if (side === 'top') return sizedUnit(plan, id, side, unit.heightM + upM);
  const end = fromMiddle(placed, OUT[side]);
  const byM = step.x * (end.x - middle.x) + step.y * (end.y - middle.y);
  const now = side === 'front' || side === 'rear' ? unit.lengthM : unit.widthM;
  return sizedUnit(plan, id, side, now + byM);
}

/** A line whose place on the load has gone a step along its unit's rim. */
function bent(
  plan: Plan,
  { id, index, picture }: Extract<Grip, { kind: 'bend' }>,
  step: Spot,
  upM: number,
): Plan {
  const load = placeUnits(plan.units);
  return {
    ...plan,
    lines: plan.lines.map((l) => {
      const point = l.id === id ? pointsOf(l, plan, load)[index] : undefined;
      if (!point) return l;
      const at = { x: -point.fromFrontM, y: point.fromCentreM };
      return picture === 'elevation'
        ? bentTo(plan, l, index, at, point.heightM + upM)
        : bentTo(plan, l, index, { x: at.x + step.x, y: at.y + step.y });
    }),
  };
}

/**
 * What an arrow key, or a key that turns, does to what is in focus; null: nothing. Arrows go by the picture, whatever way it
 * shows the deck. Each is a step from where things are by then: keys come faster than pictures. What is moved by keys stays on
 * what it stands on.
 */
export function keyedEdit(
  grip: Grip,
  event: Pick<KeyboardEvent, 'key' | 'shiftKey'>,
  side: StageSide,
): ((plan: Plan) => Plan) | null {
  const turn = event.key === 'r' ? TURN_RAD : event.key === 'R' ? -TURN_RAD : 0;
  if (turn !== 0 && grip.kind === 'unit') return (p) => turnedUnit(p, grip.id, turn);
  const arrow = ARROWS[event.key];
  if (!arrow) return null;
  const stepM = event.shiftKey ? LARGE_STEP_M : STEP_M;
  const [u, v] = [arrow[0] * stepM, arrow[1] * stepM];
  const step = stepOnDeck(side, { u, v });
  switch (grip.kind) {
    case 'unit':
      return (p) =>
        movedUnit(p, grip.id, grip.picture === 'plan' ? step : stepOnDeck(side, { u, v: 0 }));
    case 'size':
      return (p) => grown(p, grip.id, grip.side, step, -v);
    case 'bend':
      return (p) => bent(p, grip, step, -v);
    default:
      return null;
  }
}
