import { FieldGrid, QuantityField } from '../../kit/fields';
import { RopeForm } from '../../kit/gearFields';
import { Select } from '../../kit/Select';
import { TextField } from '../../kit/TextField';
import type { Forms } from './form';
import { Narrow } from '../../kit/layout';

const GRADES = [
  { id: 'unmarked', name: 'unmarked' },
  { id: '30', name: 'grade 30' },
  { id: '43', name: 'grade 43' },
  { id: '70', name: 'grade 70' },
  { id: '80', name: 'grade 80' },
  { id: '100', name: 'grade 100' },
] as const;

const WIRE_USES = [
  { id: 'again', name: 'use again and again' },
  { id: 'once', name: 'use once' },
] as const;

/** Forms of what runs along a line. */
export const RUN_FORMS: Pick<Forms, 'rope' | 'webbing' | 'chain' | 'wire'> = {
  rope: ({ element, set, units }) => (
    <>
      <RopeForm
        rope={element.rope}
        units={units}
        set={(change) => set({ rope: { ...element.rope, ...change } })}
      />
      <Narrow $most={180} $top={10}>
        <QuantityField
          label="Length there is of it"
          dimension="length"
          unit={units.length}
          optional
          placeholder="not measured"
          least={0.01}
          most={5000}
          value={element.lengthM}
          onChange={(lengthM) => set({ lengthM })}
        />
      </Narrow>
    </>
  ),
  webbing: ({ element, set, units }) => (
    <FieldGrid>
      <QuantityField
        label="Width"
        dimension="length"
        unit={units.size}
        least={0.001}
        most={2}
        value={element.widthM}
        onChange={(v) => v !== null && set({ widthM: v })}
      />
      <QuantityField
        label="Marked WLL or LC"
        dimension="force"
        unit={units.force}
        optional
        placeholder="no label"
        least={1}
        most={5e6}
        value={element.markedWllN}
        onChange={(markedWllN) => set({ markedWllN })}
      />
      <TextField
        label="Tag"
        value={element.tag}
        onChange={(tag) => set({ tag: tag.slice(0, 40) })}
      />
    </FieldGrid>
  ),
  wire: ({ element, set, units }) => (
    <FieldGrid>
      <QuantityField
        label="Diameter"
        dimension="length"
        unit={units.size}
        least={0.001}
        most={2}
        value={element.sizeM}
        onChange={(v) => v !== null && set({ sizeM: v })}
      />
      <Select
        label="Made for"
        value={element.singleUse ? 'once' : 'again'}
        choices={WIRE_USES}
        onChange={(use) => set({ singleUse: use === 'once' })}
      />
      <QuantityField
        label="Breaking strength"
        dimension="force"
        unit={units.force}
        optional
        placeholder="no label"
        least={1}
        most={5e6}
        value={element.mbsN}
        onChange={(mbsN) => set({ mbsN })}
      />
      <QuantityField
        label="Marked WLL"
        dimension="force"
        unit={units.force}
        optional
        placeholder="none"
        least={1}
        most={5e6}
        value={element.markedWllN}
        onChange={(markedWllN) => set({ markedWllN })}
      />
      <TextField
        label="Tag"
        value={element.tag}
        onChange={(tag) => set({ tag: tag.slice(0, 40) })}
      />
    </FieldGrid>
  ),
  chain: ({ element, set, units }) => (
    <FieldGrid>
      <Select
        label="Grade"
        value={element.grade}
        choices={GRADES}
        onChange={(grade) => set({ grade })}
      />
      <QuantityField
        label="Size"
        dimension="length"
        unit={units.size}
        least={0.001}
        most={2}
        value={element.sizeM}
        onChange={(v) => v !== null && set({ sizeM: v })}
      />
      <QuantityField
        label="Marked WLL"
        dimension="force"
        unit={units.force}
        optional
        placeholder="none"
        least={1}
        most={5e6}
        value={element.markedWllN}
        onChange={(markedWllN) => set({ markedWllN })}
      />
    </FieldGrid>
  ),
};
