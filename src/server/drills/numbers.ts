import { type Chance, chanceOf } from '@/core/chance';
import { type DrillId, partsOf, SUBJECTS } from '@/core/training/schedule/drill-ids';
import { MOST_NUMBER } from '../api/drill-schemas';

/** Questions are numbered; a number always is the same question. */
export const numberByChance = (chance: Chance): number =>
  1 + Math.floor(chance() * (MOST_NUMBER - 1));

/**
 * A number whose question is of a given drill. What a question is of is the first thing its chance decides, among the subjects of
 * its manner of asking; a number tells it to nobody who looks at it.
 */
export function numberFor(drill: DrillId, chance: Chance): number {
  const { ask, subject } = partsOf(drill);
  if (ask === 'reckon') return numberByChance(chance);
  const subjects = SUBJECTS[ask];
  const wanted = subjects.indexOf(subject);
  for (;;) {
    const number = numberByChance(chance);
    const first = Math.floor(chanceOf(number)() * subjects.length);
    if (first === wanted) return number;
  }
}
