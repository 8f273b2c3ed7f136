import { CERTAINLY_NOTHING } from './route/certainly-nothing';
import type { LineGap } from '../line/complete';
import type { LineShape } from './route/shape';
import type { Soundness } from './rules/rule-set';

/** How far a line may be counted on, by its chain and its route. */
export function soundnessOf({
  shape,
  gaps,
}: {
  readonly shape: Pick<LineShape, 'problem'>;
  readonly gaps: readonly LineGap[];
}): Soundness {
  if (shape.problem !== null && CERTAINLY_NOTHING.includes(shape.problem)) return 'nothing';
  return gaps.length > 0 || shape.problem !== null ? 'unknown' : 'sound';
}
