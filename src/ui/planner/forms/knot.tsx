import { knotsFor } from '@/core/knot/knots';
import { knotChoices } from '@/wording/figures';
import { FieldGrid, QuantityField } from '../../kit/fields';
import { Select } from '../../kit/Select';
import type { Forms } from './form';

/** Forms of knots. */
export const KNOT_FORMS: Pick<Forms, 'knot' | 'bend' | 'loop' | 'lock'> = {
  knot: ({ element, set, units }) => (
    <FieldGrid $min={150}>
      <Select
        label="Knot"
        value={element.knot}
        choices={knotChoices(knotsFor('attachment'))}
        onChange={(k) => set({ knot: k as typeof element.knot })}
      />
      <QuantityField
        label="Lies on another edge of"
        dimension="length"
        unit={units.size}
        optional
        placeholder="lies free"
        least={0.001}
        most={2}
        value={element.liesOnBarM}
        onChange={(liesOnBarM) => set({ liesOnBarM })}
      />
    </FieldGrid>
  ),
  bend: ({ element, set }) => (
    <Select
      label="Bend"
      value={element.knot}
      choices={knotChoices(knotsFor('bend'))}
      onChange={(k) => set({ knot: k as typeof element.knot })}
    />
  ),
  loop: ({ element, set }) => (
    <Select
      label="Loop"
      value={element.knot}
      choices={knotChoices(knotsFor('loop'))}
      onChange={(k) => set({ knot: k as typeof element.knot })}
    />
  ),
  lock: ({ element, set }) => (
    <Select
      label="Lock"
      value={element.knot}
      choices={knotChoices(knotsFor('lock'))}
      onChange={(k) => set({ knot: k as typeof element.knot })}
    />
  ),
};
