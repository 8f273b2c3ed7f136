import type { Doubt } from '@/core/securement/uncertainty/vocabulary';
import type { DirectionSure } from '@/core/securement/uncertainty/summary';
import { formatNumber } from '@/core/units';

/** What is not sure, as it is ticked. */
export const DOUBT_WORDS: Readonly<
  Record<Doubt, { readonly name: string; readonly range: string }>
> = {
  friction: { name: 'friction', range: '± 20 %' },
  pull: { name: 'how hard hands pull', range: '± 25 %' },
  settling: { name: 'what lines lose in the first hour', range: '10 to 30 %' },
  knots: { name: 'what knots leave', range: 'all schools' },
  mass: { name: 'what it weighs', range: '± 5 %' },
  'cg-height': { name: 'how high its weight lies', range: '± 10 %' },
  'cg-place': { name: 'where in its length and width', range: '± 5 %' },
};

/** What takes a doubt away. */
const REMEDIES: Readonly<Record<Doubt, string>> = {
  friction: 'a mat under the load removes it',
  pull: 'read the tension instead of guessing it',
  settling: 'haul again after the first hour',
  knots: 'a splice or a hook in the knot’s place removes it',
  mass: 'weigh the load',
  'cg-height': 'find out how high its weight lies',
  'cg-place': 'find out where its weight lies',
};

/** A doubt that makes less of the spread than this is not the one. */
const MOST_OF_IT = 0.5;

/** In how many of a hundred cases it holds: never rounded up to all of them. */
export function wordShare({ share }: Pick<DirectionSure, 'share'>): string {
  if (share >= 1) return 'in every case';
  if (share <= 0) return 'in no case';
  const percent = 100 * share;
  return percent > 99.9
    ? 'in more than 99.9\u00a0%'
    : percent < 0.1
      ? 'in less than 0.1\u00a0%'
      : `in ${(percent >= 99 || percent < 1 ? Math.floor(percent * 10) / 10 : Math.floor(percent)).toString()}\u00a0%`;
}

/** From what to what it holds, and what is asked. */
export function wordSpread({ quantilesG: [low, middle, high], requiredG }: DirectionSure): string {
  const g = (v: number): string => (v < 0 ? 'nothing' : formatNumber(v, 'capacity', 2));
  return `${g(low)} to ${g(high)}\u00a0g, most often ${g(middle)}; ${formatNumber(requiredG, 'demand', 2)}\u00a0g asked`;
}

/** Which doubt matters most, and what removes it; null: none. */
export function wordDoubt({ doubts }: DirectionSure): string | null {
  const [first, second] = doubts;
  if (!first || first.part < 0.05) return null;
  const { name } = DOUBT_WORDS[first.doubt];
  if (first.part >= MOST_OF_IT) return `Most of the doubt is ${name}: ${REMEDIES[first.doubt]}.`;
  return second && second.part > 0.1
    ? `The doubt is ${name} before all, then ${DOUBT_WORDS[second.doubt].name}: ${REMEDIES[first.doubt]}.`
    : `The largest doubt is ${name}: ${REMEDIES[first.doubt]}.`;
}
