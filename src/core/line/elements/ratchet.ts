import { formula, type Tracer } from '../../working/working';
import { makePlace } from '../place';
import type { ElementOf } from '../schema';
import { entered, type LineTension, settle, type TensionInputs } from '../tension-parts';
import { hardwareGear } from './gear-fits';
import type { ElementKind } from './kind';
import { ratedCapacity } from './marked';

/** Hand force that a ratchet's label is made for, N. Source: EN 12195-2, from memory. */
const LABEL_HAND_N = 500;
const whileRatcheting = formula({
  symbol: 'T',
  unit: 'N',
  text: 'S_TF × H ÷ 500',
  source: 'label tension at 500 N standard hand force, EN 12195-2',
  confidence: 'from-memory',
  symbols: { S: 'S_TF' },
  compute: ({ S, H }: Record<'S' | 'H', number>) => (S * H) / LABEL_HAND_N,
});
const ratchetKept = formula({
  symbol: 'T′',
  unit: 'N',
  text: 'S_TF × min(H, 500) ÷ 500',
  source: 'a hand beyond the label’s earns no credit, EN 12195-2',
  confidence: 'from-memory',
  symbols: { S: 'S_TF' },
  compute: ({ S, H }: Record<'S' | 'H', number>) => (S * Math.min(H, LABEL_HAND_N)) / LABEL_HAND_N,
});

function ratchetTension<V>(
  t: Tracer<V>,
  ratchet: ElementOf<'ratchet'>,
  inputs: TensionInputs,
): LineTension<V> {
  const S = t.given({
    label: 'standard tension force',
    symbol: 'S_TF',
    value: ratchet.standardTensionN,
    unit: 'N',
    source: ratchet.standardTensionN === null ? 'label not read' : 'ratchet label',
    confidence: 'rope-tag',
  });
  const H = entered(t, 'hand on the handle', 'H', ratchet.handForceN, 'N');
  const kept = t.apply(ratchetKept, 'tension that the label promises', { S, H });
  return {
    system: 'ratchet',
    counted: null,
    ratio: null,
    hauled: t.apply(whileRatcheting, 'tension while ratcheting', { S, H }),
    kept,
    pretension: settle(t, kept, inputs.settling),
  };
}

export const ratchetKind: ElementKind<'ratchet'> = {
  kind: 'ratchet',
  role: 'hardware',
  beginning: {
    rating: { state: 'unrated' },
    standardTensionN: null,
    handForceN: LABEL_HAND_N,
    tag: '',
    gearId: null,
  },
  fastens: true,
  adjustable: () => true,
  gear: hardwareGear((form) => form === 'ratchet'),
  tension: (t, element, _elements, inputs) => ratchetTension(t, element, inputs),
  places: (t, element, _at, context) => [
    makePlace(
      t,
      'ratchet',
      'ratchet',
      ratedCapacity(t, 'ratchet', element.rating, context),
      'unrated-fitting',
    ),
  ],
};
