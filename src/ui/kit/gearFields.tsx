'use client';
import { CONDITIONS } from '@/core/rope/condition';
import type { Rating } from '@/core/line/schema';
import { ROPE_MATERIAL_IDS, ROPE_MATERIALS } from '@/core/rope/materials';
import type { Rope } from '@/core/rope/rope';
import { WEATHERS } from '@/core/rope/weather';
import type { UnitChoice } from '@/core/units';
import { Check } from './Check';
import { FieldGrid, QuantityField } from './fields';
import { TextField } from './TextField';
import { Select } from './Select';

/** A rating that is known or not: an empty field means nobody has read the plate. */
export function RatingField({
  label,
  rating,
  units,
  onChange,
}: {
  label: string;
  rating: Rating;
  units: UnitChoice;
  onChange: (r: Rating) => void;
}) {
  return (
    <QuantityField
      label={label}
      dimension="force"
      unit={units.force}
      optional
      placeholder="unread"
      least={1}
      most={5e6}
      value={rating.state === 'rated' ? rating.wllN : null}
      onChange={(v) => onChange(v === null ? { state: 'unrated' } : { state: 'rated', wllN: v })}
    />
  );
}

export function RopeForm({
  rope,
  set,
  units,
}: {
  rope: Rope;
  set: (change: Partial<Rope>) => void;
  units: UnitChoice;
}) {
  return (
    <>
      <FieldGrid>
        <Select
          label="Material"
          value={rope.material}
          choices={ROPE_MATERIAL_IDS.map((id) => ({ id, name: ROPE_MATERIALS[id].name }))}
          onChange={(material) => set({ material })}
        />
        <QuantityField
          label="Diameter"
          dimension="length"
          unit={units.size}
          least={0.001}
          most={0.12}
          value={rope.diameterM}
          onChange={(v) => v !== null && set({ diameterM: v })}
        />
        <QuantityField
          label="Breaking strength"
          dimension="force"
          unit={units.force}
          optional
          placeholder="no label"
          least={1}
          most={5e6}
          value={rope.mbsN}
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
          value={rope.markedWllN}
          onChange={(markedWllN) => set({ markedWllN })}
        />
        <Select
          label="Condition"
          value={rope.condition}
          choices={CONDITIONS.map((id) => ({ id, name: id }))}
          onChange={(condition) => set({ condition })}
        />
        <Select
          label="Weather"
          value={rope.weather}
          choices={WEATHERS.map((id) => ({ id, name: id }))}
          onChange={(weather) => set({ weather })}
        />
        <TextField
          label="Rope tag"
          value={rope.tag}
          onChange={(tag) => set({ tag: tag.slice(0, 40) })}
        />
      </FieldGrid>
      <Check selected={rope.doubled} onChange={(doubled) => set({ doubled })}>
        Doubled: two strands share the load
      </Check>
      {rope.condition === 'damaged' ? (
        <Check
          selected={rope.damageIsolated}
          onChange={(damageIsolated) => set({ damageIsolated })}
        >
          Damage isolated in a loop (temporary line only)
        </Check>
      ) : null}
    </>
  );
}
