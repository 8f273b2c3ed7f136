import type { MeterReading } from './reading';

/** What the stand-in for a load cell plays: a line hauled, tied off, and creeping. Forces in N, times in s. */
export interface MeterScene {
  readonly hauledN: number;
  readonly keptN: number;
  /** Part of what is kept that settles within the first hour. */
  readonly settling: number;
  /** What the cell may take: beyond it, it says so and reads no higher. */
  readonly capacityN: number;
  readonly seed: number;
}

/** Course of the scene: hauling for three seconds, held for three, tied off within half of one, then creeping. Invented. */
const COURSE = { hauledS: 3, tiedS: 6, lockedS: 6.5 } as const;
/** Noise and slow drift of the cell, as parts of its capacity. Invented, of the order of a cheap cell. */
const NOISE = 0.0015;
const DRIFT = 0.002;
const DRIFT_PERIOD_S = 240;
/** Creep goes with the logarithm of time: half of an hour's is done in the first minutes. Source: common practice. */
const CREEP_S = 60;
const HOUR_S = 3600;

export const READINGS_PER_S = 10;

/** Tension of the scene without noise, in N, `s` seconds after it began. */
export function sceneTension({ hauledN, keptN, settling }: MeterScene, s: number): number {
  if (s < COURSE.hauledS) return hauledN * (s / COURSE.hauledS);
  if (s < COURSE.tiedS) return hauledN;
  if (s < COURSE.lockedS)
    return hauledN + (keptN - hauledN) * ((s - COURSE.tiedS) / (COURSE.lockedS - COURSE.tiedS));
  const crept = Math.log1p((s - COURSE.lockedS) / CREEP_S) / Math.log1p(HOUR_S / CREEP_S);
  return keptN * (1 - settling * Math.min(1, crept));
}

/** Noise that is the same for the same seed and reading: a hash of both, twice, as a bell curve. */
function bell(seed: number, sequence: number): number {
  const uniform = (salt: number): number => {
    let x =
      (Math.imul(seed ^ 0x9e3779b9, 0x85ebca6b) ^
        Math.imul(sequence + 1, 0xc2b2ae35) ^
        Math.imul(salt, 0x27d4eb2f)) >>>
      0;
    x = Math.imul(x ^ (x >>> 15), 0x2c1b3c6d) >>> 0;
    x = Math.imul(x ^ (x >>> 12), 0x297a2d39) >>> 0;
    return (((x ^ (x >>> 15)) >>> 0) + 0.5) / 2 ** 32;
  };
  return Math.sqrt(-2 * Math.log(uniform(1))) * Math.cos(2 * Math.PI * uniform(2));
}

/** One reading of the scene, ten a second. */
export function sceneReading(scene: MeterScene, sequence: number): MeterReading {
  const s = sequence / READINGS_PER_S;
  const drift = DRIFT * scene.capacityN * Math.sin((2 * Math.PI * s) / DRIFT_PERIOD_S);
  const tensionN =
    sceneTension(scene, s) + drift + NOISE * scene.capacityN * bell(scene.seed, sequence);
  const over = tensionN > scene.capacityN;
  return {
    sequence,
    atMs: (sequence * 1000) / READINGS_PER_S,
    tensionN: over ? scene.capacityN : tensionN,
    state: over ? 'over' : 'ok',
  };
}
