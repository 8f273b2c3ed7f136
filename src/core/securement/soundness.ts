import { CERTAINLY_NOTHING } from './route/certainly-nothing';
import type { LineFacts } from './rule-input';
import type { Soundness } from './rules/rule-set';

/** How far a line may be counted on, by its chain and its route. */
export function soundnessOf({ shape, gaps }: Pick<LineFacts, 'shape' | 'gaps'>): Soundness {
  if (shape.problem !== null && CERTAINLY_NOTHING.includes(shape.problem)) return 'nothing';
  return gaps.length > 0 || shape.problem !== null ? 'unknown' : 'sound';
}
