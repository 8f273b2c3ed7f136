import type { Point } from '../leg';
import { STANDARD_GRAVITY } from '../../units/constants';
import type { DriveModel } from './model';
import { atRest, balanced } from './rest';
import type { DriveState } from './system';
import { MOST_G } from './vocabulary';
import { highest, overloaded } from './watch';

/** What ended a push: a line at its limit, a board at its own, or no balance any more. */
export type ElasticEnd =
  | { readonly kind: 'line'; readonly lineId: string }
  | { readonly kind: 'board'; readonly limit: string }
  | { readonly kind: 'gives-way' }
  | { readonly kind: 'most' };

export interface ElasticLimit {
  /** Largest acceleration up to which the load stays in balance and nothing bears more than it may, g. */
  readonly limitG: number;
  readonly end: ElasticEnd;
  /** How far the load has moved then, m, and what each line bears, N. */
  readonly movedM: number;
  readonly tensionN: readonly number[];
}

const FIRST_STEP_G = 0.02;
/** How exactly the limit is found, g. */
const EXACT_G = 1e-4;

function endOf(
  model: DriveModel,
  state: DriveState,
  normalN: ArrayLike<number>,
): ElasticEnd | null {
  const over = model.lines.findIndex(
    (l, i) => highest(state.lines[i]!.tensionN) > l.wllN * (1 + 1e-9),
  );
  if (over >= 0) return { kind: 'line', lineId: model.lines[over]!.id };
  const [board] = overloaded(model, state, normalN);
  return board === undefined ? null : { kind: 'board', limit: model.limits[board]!.name };
}

/**
 * How hard a load can be pushed along a level direction before something bears more than it may or balance is lost, when each
 * line takes hold only as far as it is stretched. Lines and levers stay as they were tied and what presses keeps its tension, as
 * in the hold map: the two differ only in how lines share, so that this never comes out above the map, but for what its
 * friction pyramid leaves out. Null: the lines drag the load while it stands.
 * @param along unit vector of the push
 * @param weightPart part of the weight that stands on the deck meanwhile
 * Source: elastic lines on a rigid body with Coulomb friction, pushed slowly.
 */
export function elasticLimit(
  model: DriveModel,
  along: { readonly x: number; readonly y: number },
  weightPart = 1,
  mostG = MOST_G,
): ElasticLimit | null {
  const lift = (weightPart - 1) * STANDARD_GRAVITY;
  const found = atRest(model, 'small', lift);
  if (found === null) return null;
  const { system } = found;
  const pushed = (g: number): Point => ({
    x: -along.x * g * STANDARD_GRAVITY,
    y: -along.y * g * STANDARD_GRAVITY,
    z: lift,
  });
  const at = (g: number, state: DriveState, end: ElasticEnd): ElasticLimit => ({
    limitG: g,
    end,
    movedM: system.movedM(state.place),
    tensionN: state.lines.map((l) => highest(l.tensionN)),
  });
  let { state } = found;
  let end = endOf(model, state, found.normalN);
  if (end !== null) return at(0, state, end);
  let held = 0;
  for (let step = FIRST_STEP_G; step > EXACT_G / 2;) {
    if (held >= mostG) return at(held, state, { kind: 'most' });
    const next = balanced(system, state, pushed(held + step));
    const ends = next.holds
      ? endOf(model, next.state, next.normalN)
      : { kind: 'gives-way' as const };
    if (ends === null) {
      held += step;
      ({ state } = next);
    } else {
      end = ends;
      step /= 2;
    }
  }
  return at(held, state, end!);
}
