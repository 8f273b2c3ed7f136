import { knotsFor } from '@/core/knot/knots';
import { knotChoices } from '@/wording/figures';
import { handUnit } from '../../bench/strandWords';
import { FieldGrid, NumberField, QuantityField } from '../../kit/fields';
import { Select } from '../../kit/Select';
import type { Forms } from './form';

/** Forms of what a hand hauls. */
export const HAULING_FORMS: Pick<Forms, 'truckers' | 'tackle'> = {
  truckers: ({ element, set, units }) => (
    <FieldGrid>
      <Select
        label="Loop"
        value={element.loop}
        choices={knotChoices(knotsFor('loop'))}
        onChange={(k) => set({ loop: k as typeof element.loop })}
      />
      <QuantityField
        label="Hand pull"
        dimension="force"
        unit={handUnit(units)}
        least={1}
        most={5000}
        value={element.handForceN}
        onChange={(v) => v !== null && set({ handForceN: v })}
      />
      <QuantityField
        label="Hand, 0° to the anchor"
        dimension="angle"
        unit="deg"
        most={Math.PI}
        value={element.handAngleRad}
        onChange={(v) => v !== null && set({ handAngleRad: v })}
      />
      <NumberField
        label="Pass through the loop"
        value={element.loopEfficiency}
        least={0.05}
        most={1}
        onChange={(loopEfficiency) => set({ loopEfficiency })}
      />
      <NumberField
        label="Pass round the anchor"
        value={element.anchorEfficiency}
        least={0.05}
        most={1}
        onChange={(anchorEfficiency) => set({ anchorEfficiency })}
      />
      <Select
        label="Passes"
        value={String(element.passes) as '1' | '2'}
        choices={[
          { id: '1', name: 'single' },
          { id: '2', name: 'double pass' },
        ]}
        onChange={(p) => set({ passes: p === '2' ? 2 : 1 })}
      />
      <Select
        label="Rope at the anchor"
        value={element.anchorMode}
        choices={[
          { id: 'slides', name: 'slides' },
          { id: 'holds', name: 'holds' },
        ]}
        onChange={(anchorMode) => set({ anchorMode })}
      />
      <QuantityField
        label="Tail that slips in"
        dimension="length"
        unit={units.size}
        most={0.1}
        value={element.slipM}
        onChange={(v) => v !== null && set({ slipM: v })}
      />
      <QuantityField
        label="Short strands"
        dimension="length"
        unit={units.length}
        least={0.05}
        most={5}
        value={element.shortStrandM}
        onChange={(v) => v !== null && set({ shortStrandM: v })}
      />
    </FieldGrid>
  ),
  tackle: ({ element, set, units }) => (
    <FieldGrid $min={150}>
      <QuantityField
        label="Hand pull"
        dimension="force"
        unit={handUnit(units)}
        least={1}
        most={5000}
        value={element.handForceN}
        onChange={(v) => v !== null && set({ handForceN: v })}
      />
      <QuantityField
        label="Hand, 0° to the anchor"
        dimension="angle"
        unit="deg"
        most={Math.PI}
        value={element.handAngleRad}
        onChange={(v) => v !== null && set({ handAngleRad: v })}
      />
      <QuantityField
        label="Rope that runs back"
        dimension="length"
        unit={units.size}
        most={0.1}
        value={element.slipM}
        onChange={(v) => v !== null && set({ slipM: v })}
      />
    </FieldGrid>
  ),
};
