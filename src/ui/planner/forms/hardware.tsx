import { handUnit } from '../../bench/strandWords';
import { FieldGrid, NumberField, QuantityField } from '../../kit/fields';
import { RatingField } from '../../kit/gearFields';
import { TextField } from '../../kit/TextField';
import type { Forms } from './form';

/** Forms of hardware. */
export const HARDWARE_FORMS: Pick<Forms, 'ratchet' | 'binder' | 'fitting'> = {
  ratchet: ({ element, set, units }) => (
    <FieldGrid>
      <RatingField
        label="Marked WLL"
        rating={element.rating}
        units={units}
        onChange={(rating) => set({ rating })}
      />
      <QuantityField
        label="Label tension (STF)"
        dimension="force"
        unit={units.force}
        optional
        placeholder="not read"
        least={1}
        most={5e6}
        value={element.standardTensionN}
        onChange={(standardTensionN) => set({ standardTensionN })}
      />
      <QuantityField
        label="Hand on the handle"
        dimension="force"
        unit={handUnit(units)}
        least={1}
        most={5000}
        value={element.handForceN}
        onChange={(v) => v !== null && set({ handForceN: v })}
      />
    </FieldGrid>
  ),
  binder: ({ element, set, units }) => (
    <FieldGrid>
      <RatingField
        label="Marked WLL"
        rating={element.rating}
        units={units}
        onChange={(rating) => set({ rating })}
      />
      <NumberField
        label="Lever ratio"
        value={element.leverRatio}
        least={1}
        most={200}
        onChange={(leverRatio) => set({ leverRatio })}
      />
      <NumberField
        label="Efficiency"
        value={element.efficiency}
        least={0.01}
        most={1}
        onChange={(efficiency) => set({ efficiency })}
      />
      <QuantityField
        label="Hand on the lever"
        dimension="force"
        unit={handUnit(units)}
        least={1}
        most={5000}
        value={element.handForceN}
        onChange={(v) => v !== null && set({ handForceN: v })}
      />
    </FieldGrid>
  ),
  fitting: ({ element, set, units }) => (
    <FieldGrid>
      <TextField
        label="What it is"
        value={element.name}
        onChange={(name) => set({ name: name.slice(0, 60) })}
      />
      <RatingField
        label="Marked WLL"
        rating={element.rating}
        units={units}
        onChange={(rating) => set({ rating })}
      />
      <QuantityField
        label="Turns the line by"
        dimension="angle"
        unit="deg"
        most={Math.PI}
        value={element.turnRad}
        onChange={(v) => v !== null && set({ turnRad: v })}
      />
      <QuantityField
        label="Bar diameter"
        dimension="length"
        unit={units.size}
        optional
        placeholder="not measured"
        least={0.001}
        most={2}
        value={element.barDiameterM}
        onChange={(barDiameterM) => set({ barDiameterM })}
      />
    </FieldGrid>
  ),
};
