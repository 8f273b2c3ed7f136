import type { CutProblem, Assignment } from './problem';
import { CM_PER_M, scrapOf } from './problem';

/** One hank of a cutting plan. Lengths in m. */
export interface HankCut {
  readonly hankId: string;
  readonly lengthM: number;
  readonly pieces: readonly { readonly pieceId: string; readonly lengthM: number }[];
  /** What is left of it after the pieces. */
  readonly restM: number;
  /** The rest is too short to keep. */
  readonly restIsScrap: boolean;
}

/** A cutting plan as people read it. */
export interface CutPlan {
  readonly cuts: readonly HankCut[];
  /** Ids of pieces that could not be cut. */
  readonly missing: readonly string[];
  readonly scrapM: number;
  readonly usedM: number;
}

/** An assignment in metres, hank by hank, longest piece first. */
export function cutPlan(problem: CutProblem, { from }: Pick<Assignment, 'from'>): CutPlan {
  const cuts: HankCut[] = [];
  problem.hankIds.forEach((hankId, h) => {
    const own = problem.pieceIds.flatMap((pieceId, i) => (from[i] === h ? [{ pieceId, lengthM: problem.piece[i]! / CM_PER_M }] : []));
    if (own.length === 0) return;
    const capacity = problem.capacity[h]!;
    const rest = problem.pieceIds.reduce((left, _, i) => (from[i] === h ? left - problem.piece[i]! : left), capacity);
    cuts.push({ hankId, lengthM: capacity / CM_PER_M, pieces: own, restM: rest / CM_PER_M, restIsScrap: rest > 0 && scrapOf(problem, rest) > 0 });
  });
  return {
    cuts, missing: problem.pieceIds.filter((_, i) => from[i]! < 0),
    scrapM: cuts.reduce((sum, c) => sum + (c.restIsScrap ? c.restM : 0), 0),
    usedM: cuts.reduce((sum, c) => sum + c.pieces.reduce((s, p) => s + p.lengthM, 0), 0),
  };
}
