import type { Assignment, CutProblem } from './problem';

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

/** Rests shorter than this are the noise of rounding. */
const NOTHING_M = 1e-6;

/** An assignment in true metres, hank by hank, longest piece first. Whether a rest is scrap was decided in centimetres. */
export function cutPlan(problem: CutProblem, { from }: Pick<Assignment, 'from'>): CutPlan {
  const cuts = problem.hankIds.flatMap((hankId, h): HankCut[] => {
    const own = problem.pieceIds.map((_, i) => i).filter((i) => from[i] === h);
    if (own.length === 0) return [];
    const lengthM = problem.hankM[h]!;
    const restCm = own.reduce((left, i) => left - problem.piece[i]!, problem.capacity[h]!);
    const restM = Math.max(
      0,
      own.reduce((left, i) => left - problem.pieceM[i]!, lengthM),
    );
    return [
      {
        hankId,
        lengthM,
        pieces: own.map((i) => ({ pieceId: problem.pieceIds[i]!, lengthM: problem.pieceM[i]! })),
        restM,
        restIsScrap: restM > NOTHING_M && restCm < problem.keep,
      },
    ];
  });
  return {
    cuts,
    missing: problem.pieceIds.filter((_, i) => from[i]! < 0),
    scrapM: cuts.reduce((sum, c) => sum + (c.restIsScrap ? c.restM : 0), 0),
    usedM: cuts.reduce((sum, c) => sum + c.pieces.reduce((s, p) => s + p.lengthM, 0), 0),
  };
}
