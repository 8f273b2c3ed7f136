import { farEnd, type Point } from '../leg';
import type { UnitPull } from '../route/path';
import type { DriveEnd, DriveSegment } from './model';

/** A stretch of a line before it has a stiffness, and how much rope lies straight in it. */
export interface Way {
  readonly segments: readonly DriveSegment[];
  readonly lengthM: number;
}

const SAME_M = 1e-6;
const near = (a: Point, b: Point): boolean => Math.hypot(a.x - b.x, a.y - b.y, a.z - b.z) < SAME_M;

/** The straight piece of a pull. Null: it is the far end of one that is there already, or nobody knows where it leads. */
function segmentOf(
  pull: UnitPull,
  at: number,
  pulls: readonly UnitPull[],
  bodyOf: (unitId: string) => number,
): DriveSegment | null {
  const { leg } = pull;
  const far = farEnd(leg);
  if (leg.at === null || far === null || leg.lengthM === 0) return null;
  const partner = pulls.findIndex(
    (p) =>
      p.stretch === pull.stretch &&
      p.unitId === pull.towardId &&
      p.leg.at !== null &&
      near(p.leg.at, far),
  );
  if (pull.towardId !== null && partner >= 0 && partner < at) return null;
  const to: DriveEnd =
    pull.towardId !== null && partner >= 0
      ? { body: bodyOf(pull.towardId), at: far }
      : { body: null, at: far };
  return { from: { body: bodyOf(pull.unitId), at: leg.at }, to, part: leg.part ?? 1 };
}

/**
 * Pulls of a line as stretches of straight pieces; neighbours between which nothing holds a difference are one.
 * @returns stretches, and the ratios above 1 between them
 */
export function waysOf(
  pulls: readonly UnitPull[],
  ratios: readonly number[],
  bodyOf: (unitId: string) => number,
): { readonly ways: readonly Way[]; readonly ratios: readonly number[] } {
  const stretches = 1 + Math.max(-1, ...pulls.map((p) => p.stretch));
  const ways: { segments: DriveSegment[]; lengthM: number }[] = [];
  const kept: number[] = [];
  for (let s = 0; s < stretches; s++) {
    const ratio = s === 0 ? 1 : (ratios[s - 1] ?? 1);
    if (s === 0) ways.push({ segments: [], lengthM: 0 });
    else if (ratio > 1) {
      ways.push({ segments: [], lengthM: 0 });
      kept.push(ratio);
    }
    const way = ways.at(-1)!;
    pulls.forEach((pull, i) => {
      if (pull.stretch !== s) return;
      const segment = segmentOf(pull, i, pulls, bodyOf);
      if (segment === null) return;
      way.segments.push(segment);
      way.lengthM += pull.leg.lengthM!;
    });
  }
  return { ways, ratios: kept };
}
