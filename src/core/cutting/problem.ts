/** Lengths are judged in whole centimetres: nobody cuts rope finer, and pieces round up, ropes down. */
const CM_PER_M = 100;
/** Noise of binary fractions: 2.3 m is 230 cm, not 229. */
const NOISE = 1e-6;

export const pieceCm = (lengthM: number): number => Math.ceil(lengthM * CM_PER_M - NOISE);
export const ropeCm = (lengthM: number): number => Math.floor(lengthM * CM_PER_M + NOISE);

/** A rope that may be cut. `pricePerM` null: not known, counts as the dearest known. */
export interface Hank {
  readonly id: string;
  readonly lengthM: number;
  readonly pricePerM: number | null;
}

/** A piece to be cut, at its length to cut. */
export interface Piece {
  readonly id: string;
  readonly lengthM: number;
}

/** What is to be cut from what. `keepM`: a rest as long as this is worth keeping and no waste. */
export interface CutJob {
  readonly hanks: readonly Hank[];
  readonly pieces: readonly Piece[];
  readonly keepM: number;
}

/** The job in whole centimetres, pieces longest first, hanks cheapest first. */
export interface CutProblem {
  readonly hankIds: readonly string[];
  /** True lengths in m, beside the whole centimetres that are searched over. */
  readonly hankM: readonly number[];
  readonly pieceM: readonly number[];
  readonly capacity: Int32Array;
  readonly price: Float64Array;
  readonly pieceIds: readonly string[];
  readonly piece: Int32Array;
  readonly keep: number;
  /** What a piece that is not cut counts: more than all the rope. */
  readonly missing: number;
}

/** Prepares a job for the search. */
export function cutProblem(job: CutJob): CutProblem {
  const known = job.hanks.map((h) => h.pricePerM).filter((p) => p !== null);
  const dearest = known.length > 0 ? Math.max(...known, 0) : 1;
  const priceOf = (h: Hank): number => (h.pricePerM ?? dearest) || 0;
  const hanks = job.hanks.toSorted(
    (a, b) => priceOf(a) - priceOf(b) || b.lengthM - a.lengthM || (a.id < b.id ? -1 : 1),
  );
  const pieces = job.pieces.toSorted((a, b) => pieceCm(b.lengthM) - pieceCm(a.lengthM));
  const price = Float64Array.from(hanks, priceOf);
  const capacity = Int32Array.from(hanks, (h) => ropeCm(h.lengthM));
  return {
    hankIds: hanks.map((h) => h.id),
    hankM: hanks.map((h) => h.lengthM),
    pieceM: pieces.map((p) => p.lengthM),
    capacity,
    price,
    pieceIds: pieces.map((p) => p.id),
    piece: Int32Array.from(pieces, (p) => pieceCm(p.lengthM)),
    keep: pieceCm(job.keepM),
    missing: 1 + capacity.reduce((sum, c, h) => sum + c * (price[h]! + 1), 0),
  };
}

/** Where each piece comes from (index of a hank; −1: not cut), what that counts, and how many hanks it opens. */
export interface Assignment {
  readonly from: Int32Array;
  readonly value: number;
  readonly opened: number;
}

/** Scrap of a hank with `left` centimetres over after cutting: nothing when the rest is worth keeping. */
export const scrapOf = (problem: CutProblem, left: number): number =>
  left >= problem.keep ? 0 : left;

/**
 * What an assignment counts: the rope that goes (pieces and scrap) at its price; a piece that is not cut outweighs
 * everything. Smaller is better; over the length of a hank it is infinite.
 */
export function assignmentOf(problem: CutProblem, from: Int32Array): Assignment {
  const used = new Int32Array(problem.capacity.length);
  let [value, opened] = [0, 0];
  for (let i = 0; i < problem.piece.length; i++) {
    const h = from[i]!;
    if (h < 0) value += problem.missing;
    else used[h]! += problem.piece[i]!;
  }
  for (let h = 0; h < used.length; h++) {
    if (used[h]! > problem.capacity[h]!) value = Infinity;
    if (used[h]! === 0) continue;
    value += problem.price[h]! * (used[h]! + scrapOf(problem, problem.capacity[h]! - used[h]!));
    opened += 1;
  }
  return { from, value, opened };
}
