import { ropeOf } from '../../gear/rating';
import { CONDITION_FACTORS } from '../../rope/condition';
import { plainRope } from '../../rope/plain';
import type { Rope } from '../../rope/rope';
import { stiffness } from '../../rope/strength';
import { bare } from '../../working/working';
import { makePlace } from '../place';
import type { ElementKind } from './kind';
import { noLoss, ropePlace } from './rope-places';

/** Whether the locker now knows less good of a rope than the plan counts with. */
function worseNow(planned: Rope, now: Rope): boolean {
  const factor = (r: Rope): number =>
    r.historyKnown
      ? CONDITION_FACTORS[r.condition]
      : Math.min(CONDITION_FACTORS[r.condition], CONDITION_FACTORS.doubtful);
  const less = (a: number | null, b: number | null): boolean =>
    a !== b && (a === null || (b !== null && a < b));
  return (
    factor(now) < factor(planned) ||
    less(now.mbsN, planned.mbsN) ||
    less(now.markedWllN, planned.markedWllN) ||
    now.material !== planned.material ||
    now.diameterM < planned.diameterM - 1e-9
  );
}

export const ropeKind: ElementKind<'rope'> = {
  kind: 'rope',
  role: 'run',
  beginning: {
    rope: plainRope({ material: 'polyester', diameterM: 0.012 }),
    gearId: null,
    lengthM: null,
  },
  endsFastened: true,
  run: ({ rope }) => ({
    kind: 'rope',
    rope,
    // Asked by few, and reckoned from the rope's tables: whoever walks along a line does not wait for it.
    get stiffnessN() {
      return stiffness(bare, rope);
    },
    noKnots: null,
    overEdge: () => null,
  }),
  gear: {
    item: 'rope',
    worse: ({ rope }, { gear: { item, code }, state }) =>
      item.kind !== 'rope' || worseNow(rope, ropeOf(item, code, state)),
    isolated: ({ rope }) => rope.condition === 'damaged' && rope.damageIsolated,
    taken: (element, { gear: { item, code }, state }, lengthM) =>
      item.kind === 'rope'
        ? {
            ...element,
            lengthM,
            // How it lies on the line is the line's.
            rope: {
              ...ropeOf(item, code, state),
              weather: element.rope.weather,
              doubled: element.rope.doubled,
            },
          }
        : null,
    another: (element) => ({ ...element, lengthM: null, rope: { ...element.rope, tag: '' } }),
  },
  places: (t, element, _at, context) => [
    makePlace(
      t,
      'rope',
      'rope itself',
      ropePlace(t, element.rope, context, 'rope itself', noLoss(t)),
      'unknown-rope',
    ),
  ],
};
