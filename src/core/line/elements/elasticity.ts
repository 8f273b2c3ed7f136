import { tabulatedAtMost, US_CHAIN_WLL, US_WEBBING_WLL } from '../../rope/strength-tables';
import type { ElementOf } from '../schema';

/**
 * How much what is no rope gives under load. Practice, no source: webbing 4 to 7 % at its working load limit, chain next to
 * nothing, wire rope by its metal and its lay.
 */
export const GIVES = {
  webbingAtWll: 0.055,
  chainAtWll: 0.004,
  /** Pa over the square of the diameter: 40 % metal at 100 GPa. */
  wirePa: 0.4 * 100e9,
} as const;

/** EA of webbing, N: by what it is marked with, else by the default of its width; null: neither. */
export const webbingStiffnessN = ({
  markedWllN,
  widthM,
}: Pick<ElementOf<'webbing'>, 'markedWllN' | 'widthM'>): number | null => {
  const wllN = markedWllN ?? tabulatedAtMost(US_WEBBING_WLL, widthM)?.strengthN ?? null;
  return wllN === null ? null : wllN / GIVES.webbingAtWll;
};

/** EA of chain, N: by what it is marked with, else by its grade and size. */
export const chainStiffnessN = ({
  markedWllN,
  grade,
  sizeM,
}: Pick<ElementOf<'chain'>, 'markedWllN' | 'grade' | 'sizeM'>): number | null => {
  const rows = US_CHAIN_WLL[grade === 'unmarked' ? '30' : grade];
  const wllN = markedWllN ?? tabulatedAtMost(rows, sizeM)?.strengthN ?? null;
  return wllN === null ? null : wllN / GIVES.chainAtWll;
};

/** EA of wire rope, N. */
export const wireStiffnessN = ({ sizeM }: Pick<ElementOf<'wire'>, 'sizeM'>): number =>
  GIVES.wirePa * sizeM * sizeM;
