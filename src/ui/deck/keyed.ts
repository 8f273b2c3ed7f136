import type { KeyboardEvent } from 'react';
import type { Plan } from '@/core/securement/plan';
import { movedUnit, turnedUnit } from '@/core/securement/stage/edits';
import type { StageLayout } from '@/core/securement/stage/layout';
import { stepOnDeck } from '@/core/securement/stage/view';
import { dragged, type Drag, type Grip } from './grips';

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

/**
 * What an arrow key, or a key that turns, does to what is in focus; null: nothing. Arrows go by the picture, whatever way it
 * shows the deck. What is moved by keys stays on what it stands on.
 */
export function keyedEdit(
  grip: Grip,
  event: Pick<KeyboardEvent, 'key' | 'shiftKey'>,
  layout: StageLayout,
  at: readonly [number, number],
): ((plan: Plan) => Plan) | null {
  const turn = event.key === 'r' ? TURN_RAD : event.key === 'R' ? -TURN_RAD : 0;
  if (turn !== 0 && grip.kind === 'unit') return (p) => turnedUnit(p, grip.id, turn);
  const arrow = ARROWS[event.key];
  if (!arrow || grip.kind === 'anchor' || grip.kind === 'end' || grip.kind === 'turn') return null;
  const stepM = event.shiftKey ? LARGE_STEP_M : STEP_M;
  if (grip.kind === 'unit') {
    const by = stepOnDeck(layout.side, {
      u: arrow[0] * stepM,
      v: grip.picture === 'plan' ? arrow[1] * stepM : 0,
    });
    return (p) => movedUnit(p, grip.id, by);
  }
  const step = stepM * layout.perM;
  const drag: Drag = { from: at, to: [at[0] + arrow[0] * step, at[1] + arrow[1] * step] };
  return (p) => dragged(p, grip, drag, layout, 'rope');
}
