import { riggingForces, travelRatio, withoutFriction } from '../../tackle/rigging';
import { tackleForces } from '../../tackle/rigging-working';
import { riggingOf } from '../../tackle/tackle';
import { keptInTackle } from '../../tackle/tie-off';
import { formula, type Tracer } from '../../working/working';
import type { ElementOf, LineElement } from '../schema';
import { entered, keptAndCounted, type LineTension, type TensionInputs } from '../tension-parts';

const advantage = formula({
  symbol: 'R',
  unit: 'ratio',
  text: 'T ÷ H',
  source: 'load line over hand pull',
  confidence: 'exact',
  compute: ({ T, H }: Record<'T' | 'H', number>) => T / H,
});

/** Tension of a line that is hauled by a tackle, N. */
export function tackleTension<V>(
  t: Tracer<V>,
  tackle: ElementOf<'tackle'>,
  elements: readonly LineElement[],
  inputs: TensionInputs,
): LineTension<V> {
  const rigging = riggingOf(tackle);
  const [travel, counted] = [
    travelRatio(rigging),
    riggingForces(withoutFriction(rigging), 'hauling'),
  ];
  const { loadN: hauled } = tackleForces(t, tackle);
  const known = {
    hauledN: hauled,
    loadLengthM: entered(
      t,
      'route of the line',
      'L₁',
      inputs.routeLengthM,
      'm',
      'geometry of the plan',
    ),
    slipM: entered(t, 'rope that runs back while it is made fast', 'd', tackle.slipM, 'm'),
    travelRatio: t.given({
      label: 'rope hauled for a travel of one',
      symbol: 'v',
      value: travel.ok ? travel.value : null,
      unit: 'ratio',
      source: 'lengths of the ropes',
      confidence: 'exact',
    }),
  };
  const tension = keptAndCounted(t, elements, inputs.settling, (stiffnessN) =>
    keptInTackle(t, { ...known, stiffnessN }),
  );
  const hand = entered(t, 'hand pull', 'H', tackle.handForceN, 'N');
  return {
    system: 'tackle',
    counted: counted.ok ? counted.value.loadRatio : null,
    ratio: t.apply(advantage, 'hauling, with friction', { T: hauled, H: hand }),
    hauled,
    ...tension,
  };
}
