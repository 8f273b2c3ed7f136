import type { Point } from '../leg';
import { STANDARD_GRAVITY } from '../../units/constants';
import type { DriveModel } from './model';
import type { Geometry } from './pose';
import { type DriveState, DriveSystem, type Step } from './system';
import { GIVEN_WAY_M } from './vocabulary';

/** Mass holds a movement toward balance back as if a round took this long, s: the longest, the shortest, and by how much it changes. */
const ROUND_S = { longest: 1, shortest: 1e-4, change: 4 } as const;
const MOST_ROUNDS = 400;
/** The load is in balance when a round moves nothing by more than this, m or rad. */
const BALANCED = 1e-8;
/** A movement that does not become smaller from round to round for so long has no balance to come to. */
const RUNS_AWAY = { part: 0.9995, rounds: 12 };

/** What a load comes to under a steady acceleration, and the steps that it took. */
export interface Balanced {
  readonly state: DriveState;
  /** It came to a balance. */
  readonly holds: boolean;
  readonly normalN: ArrayLike<number>;
  readonly steps: readonly Step[];
}

/**
 * Brings a load into balance under a steady acceleration of its vehicle, in m/s².
 * @returns the state it comes to, or where it was when it was clear that it comes to none
 */
export function balanced(system: DriveSystem, from: DriveState, vehicle: Point): Balanced {
  const steps: Step[] = [];
  let state = from;
  let normalN: ArrayLike<number> = [];
  const found = (holds: boolean): Balanced => ({ state, holds, normalN, steps });
  let last = Infinity;
  let away = 0;
  let roundS: number = ROUND_S.longest;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const step = system.step(state, vehicle, roundS, true);
    if (step === null) {
      // Too far for one round: heavier, it goes there in several.
      roundS /= ROUND_S.change;
      if (roundS < ROUND_S.shortest) return found(false);
      continue;
    }
    steps.push(step);
    ({ state, normalN } = step);
    const size = step.by.reduce((most, v) => Math.max(most, Math.abs(v)), 0);
    if (system.movedM(state.place) > GIVEN_WAY_M) return found(false);
    if (roundS < ROUND_S.longest) {
      roundS = Math.min(ROUND_S.longest, roundS * ROUND_S.change);
      last = Infinity;
      continue;
    }
    if (size < BALANCED) return found(true);
    away = size > last * RUNS_AWAY.part ? away + 1 : 0;
    if (away > RUNS_AWAY.rounds) return found(false);
    last = size;
  }
  return found(false);
}

/** A load that stands where it was put, with every line at the tension it keeps. */
export interface AtRest {
  readonly system: DriveSystem;
  readonly state: DriveState;
  readonly normalN: ArrayLike<number>;
}

const STILL: Point = { x: 0, y: 0, z: 0 };

/**
 * Lets a load settle on what it stands on while its lines pull with what they keep; null: nothing comes to balance.
 * @param lift acceleration upward that takes weight off it, m/s²
 */
export function atRest(model: DriveModel, geometry: Geometry, lift = 0): AtRest | null {
  const still: DriveModel = {
    ...model,
    lines: model.lines.map((l) => ({
      ...l,
      stretches: l.stretches.map((s) => ({ ...s, stiffnessNPerM: 0 })),
    })),
  };
  const dead = new DriveSystem(still, geometry, STANDARD_GRAVITY);
  const begin = dead.atStart();
  const weighed = { ...STILL, z: lift };
  const found = balanced(dead, begin, weighed);
  const system = new DriveSystem(model, geometry, STANDARD_GRAVITY);
  if (found.holds) {
    system.restAt(found.state.place);
    const state = { ...found.state, lines: system.lines.map((l) => l.atRest) };
    return { system, normalN: found.normalN, state };
  }
  // Lines that pull unlike draw the load until they have slackened so far that it stands.
  const drawn = balanced(system, system.atStart(), weighed);
  if (!drawn.holds) return null;
  system.standAt(drawn.state.place);
  return { system, normalN: drawn.normalN, state: drawn.state };
}
