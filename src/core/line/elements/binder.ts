import { formula, type Tracer } from '../../working/working';
import { makePlace } from '../place';
import type { ElementOf } from '../schema';
import { entered, type LineTension, settle, type TensionInputs, times } from '../tension-parts';
import { hardwareGear } from './gear-fits';
import type { ElementKind } from './kind';
import { ratedCapacity } from './marked';

const binderRatio = formula({
  symbol: 'R',
  unit: 'ratio',
  text: 'r × e',
  source: 'lever ratio times efficiency',
  confidence: 'exact',
  compute: ({ r, e }: Record<'r' | 'e', number>) => r * e,
});

function binderTension<V>(
  t: Tracer<V>,
  binder: ElementOf<'binder'>,
  inputs: TensionInputs,
): LineTension<V> {
  const ratio = t.apply(binderRatio, 'binder', {
    r: entered(t, 'lever ratio', 'r', binder.leverRatio, 'ratio'),
    e: entered(t, 'efficiency', 'e', binder.efficiency, 'ratio'),
  });
  const hauled = t.apply(times, 'tension after binding', {
    H: entered(t, 'hand on the lever', 'H', binder.handForceN, 'N'),
    R: ratio,
  });
  return {
    system: 'binder',
    counted: binder.leverRatio,
    ratio,
    hauled,
    kept: hauled,
    pretension: settle(t, hauled, inputs.settling),
  };
}

export const binderKind: ElementKind<'binder'> = {
  kind: 'binder',
  role: 'hardware',
  beginning: {
    rating: { state: 'unrated' },
    leverRatio: 25,
    efficiency: 0.3,
    handForceN: 500,
    tag: '',
    gearId: null,
  },
  fastens: true,
  adjustable: () => true,
  gear: hardwareGear((form) => form === 'binder'),
  tension: (t, element, _elements, inputs) => binderTension(t, element, inputs),
  places: (t, element, _at, context) => [
    makePlace(
      t,
      'binder',
      'binder',
      ratedCapacity(t, 'binder', element.rating, context),
      'unrated-fitting',
    ),
  ],
};
