import type { UnitChoice } from '@/core/units';
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

/** A force that its label may say. */
function Force({
  units,
  ...field
}: {
  label: string;
  placeholder: string;
  units: UnitChoice;
  value: number | null;
  onChange: (forceN: number | null) => void;
}) {
  return (
    <QuantityField dimension="force" unit={units.force} optional least={1} most={5e6} {...field} />
  );
}

/** What it measures across. */
function Across({
  units,
  onChange,
  ...field
}: {
  label: string;
  units: UnitChoice;
  value: number;
  onChange: (sizeM: number) => void;
}) {
  return (
    <QuantityField
      dimension="length"
      unit={units.size}
      least={0.001}
      most={2}
      onChange={(v) => v !== null && onChange(v)}
      {...field}
    />
  );
}

function Tag({ value, onChange }: { value: string; onChange: (tag: string) => void }) {
  return <TextField label="Tag" value={value} onChange={(tag) => onChange(tag.slice(0, 40))} />;
}

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
      <Across
        label="Width"
        units={units}
        value={element.widthM}
        onChange={(widthM) => set({ widthM })}
      />
      <Force
        label="Marked WLL or LC"
        placeholder="no label"
        units={units}
        value={element.markedWllN}
        onChange={(markedWllN) => set({ markedWllN })}
      />
      <Tag value={element.tag} onChange={(tag) => set({ tag })} />
    </FieldGrid>
  ),
  wire: ({ element, set, units }) => (
    <FieldGrid>
      <Across
        label="Diameter"
        units={units}
        value={element.sizeM}
        onChange={(sizeM) => set({ sizeM })}
      />
      <Select
        label="Made for"
        value={element.singleUse ? 'once' : 'again'}
        choices={WIRE_USES}
        onChange={(use) => set({ singleUse: use === 'once' })}
      />
      <Force
        label="Breaking strength"
        placeholder="no label"
        units={units}
        value={element.mbsN}
        onChange={(mbsN) => set({ mbsN })}
      />
      <Force
        label="Marked WLL"
        placeholder="none"
        units={units}
        value={element.markedWllN}
        onChange={(markedWllN) => set({ markedWllN })}
      />
      <Tag value={element.tag} onChange={(tag) => set({ tag })} />
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
      <Across
        label="Size"
        units={units}
        value={element.sizeM}
        onChange={(sizeM) => set({ sizeM })}
      />
      <Force
        label="Marked WLL"
        placeholder="none"
        units={units}
        value={element.markedWllN}
        onChange={(markedWllN) => set({ markedWllN })}
      />
    </FieldGrid>
  ),
};
