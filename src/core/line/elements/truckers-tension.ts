import { keptAfterTieOff, type ShortStrands } from '../../tackle/tie-off';
import {
  anchorStrandForce,
  countedRatio,
  haulingRatio,
  type TruckersForm,
} from '../../tackle/truckers';
import { formula, type Tracer } from '../../working/working';
import type { ElementOf, LineElement } from '../schema';
import {
  entered,
  keptAndCounted,
  type LineTension,
  type TensionInputs,
  times,
} from '../tension-parts';

const alongLine = formula({
  symbol: 'H',
  unit: 'N',
  text: 'H₀ × cos(φ)',
  source: 'component of the hand along the line',
  confidence: 'exact',
  compute: ({ H, phi }: Record<'H' | 'phi', number>) => H * Math.cos(phi),
});
const loadLength = formula({
  symbol: 'L₁',
  unit: 'm',
  text: 'L − L₂',
  source: 'route less the short strands',
  confidence: 'exact',
  compute: ({ L, short }: Record<'L' | 'short', number>) => L - short,
});

/** Short strands that share the load line once a hitch is tied off. */
const SHORT_STRANDS: Record<TruckersForm, ShortStrands> = {
  single: 'pair',
  'reeved-twice': 'four',
  'second-loop': 'compound',
};

/** Tension of a line that is hauled by a hitch of the trucker's family, N. */
export function truckersTension<V>(
  t: Tracer<V>,
  hitch: ElementOf<'truckers'>,
  elements: readonly LineElement[],
  inputs: TensionInputs,
): LineTension<V> {
  const hand = t.given({
    label: 'hand pull',
    symbol: 'H₀',
    value: hitch.handForceN,
    unit: 'N',
    source: 'two gloved hands on bare rope: 250 N',
    confidence: 'practice',
  });
  const phi = entered(t, 'hand, from the direction of the anchor', 'φ', hitch.handAngleRad, 'rad');
  const ratio = haulingRatio(t, hitch);
  const hauled = t.apply(times, 'hauled tension', { H: hand, R: ratio });
  const shortLengthM = entered(t, 'short strands', 'L₂', hitch.shortStrandM, 'm');
  const route =
    inputs.routeLengthM !== null && inputs.routeLengthM > hitch.shortStrandM
      ? inputs.routeLengthM
      : null;
  const loadLengthM = t.apply(loadLength, 'load side', {
    L: entered(t, 'route of the line', 'L', route, 'm', 'geometry of the plan'),
    short: shortLengthM,
  });
  const known = {
    hauledN: hauled,
    handN: t.apply(alongLine, 'hand along the line', { H: hand, phi }),
    loadLengthM,
    shortLengthM,
    slipM: entered(t, 'tail that slips in', 'd', hitch.slipM, 'm', '3 to 10 mm for half hitches'),
    anchorStrandN: anchorStrandForce(t, hitch, hand),
  };
  const tension = keptAndCounted(t, elements, inputs.settling, (stiffnessN) =>
    keptAfterTieOff(t, { ...known, stiffnessN }, hitch.anchorMode, SHORT_STRANDS[hitch.form]),
  );
  return { system: 'truckers', counted: countedRatio(hitch), ratio, hauled, ...tension };
}
