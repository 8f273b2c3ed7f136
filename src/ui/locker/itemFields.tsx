'use client';
import type { ReactNode } from 'react';
import type { GearItem, GearKind } from '@/core/gear/schema';
import { CHAIN_GRADES, HARDWARE_FORMS } from '@/core/gear/vocabulary';
import { ROPE_MATERIAL_IDS, ROPE_MATERIALS } from '@/core/rope/materials';
import type { UnitChoice } from '@/core/units';
import { Check } from '../kit/Check';
import { QuantityField } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';

/** What a new thing of a kind begins as; its size is the commonest. */
export const FRESH_ITEMS: { readonly [K in GearKind]: Extract<GearItem, { kind: K }> } = {
  rope: {
    kind: 'rope',
    material: 'polyester',
    diameterM: 0.012,
    mbsN: null,
    markedWllN: null,
    historyKnown: true,
  },
  webbing: { kind: 'webbing', widthM: 0.05, mbsN: null, markedWllN: null },
  chain: { kind: 'chain', grade: '70', sizeM: 0.009525, mbsN: null, markedWllN: null },
  wire: { kind: 'wire', sizeM: 0.009525, mbsN: null, markedWllN: null, singleUse: false },
  hardware: {
    kind: 'hardware',
    form: 'shackle',
    barDiameterM: null,
    mbsN: null,
    markedWllN: null,
    marking: '',
  },
};

interface FieldsProps {
  readonly item: GearItem;
  readonly set: (item: GearItem) => void;
  readonly units: UnitChoice;
}

function SizeField({ item, set, units }: FieldsProps): ReactNode {
  const common = {
    dimension: 'length' as const,
    unit: units.size,
    least: 0.001,
    most: item.kind === 'rope' ? 0.12 : 0.5,
  };
  switch (item.kind) {
    case 'rope':
      return (
        <QuantityField
          {...common}
          label="Diameter"
          value={item.diameterM}
          onChange={(v) => v !== null && set({ ...item, diameterM: v })}
        />
      );
    case 'webbing':
      return (
        <QuantityField
          {...common}
          label="Width"
          value={item.widthM}
          onChange={(v) => v !== null && set({ ...item, widthM: v })}
        />
      );
    case 'chain':
    case 'wire':
      return (
        <QuantityField
          {...common}
          label="Size"
          value={item.sizeM}
          onChange={(v) => v !== null && set({ ...item, sizeM: v })}
        />
      );
    case 'hardware':
      return (
        <QuantityField
          {...common}
          label="Bar diameter"
          optional
          placeholder="not measured"
          value={item.barDiameterM}
          onChange={(barDiameterM) => set({ ...item, barDiameterM })}
        />
      );
  }
}

function SortField({ item, set }: FieldsProps): ReactNode {
  switch (item.kind) {
    case 'rope':
      return (
        <Select
          label="Material"
          value={item.material}
          choices={ROPE_MATERIAL_IDS.map((id) => ({ id, name: ROPE_MATERIALS[id].name }))}
          onChange={(material) => set({ ...item, material })}
        />
      );
    case 'chain':
      return (
        <Select
          label="Grade"
          value={item.grade}
          choices={CHAIN_GRADES.map((id) => ({ id, name: id === 'unmarked' ? id : `grade ${id}` }))}
          onChange={(grade) => set({ ...item, grade })}
        />
      );
    case 'hardware':
      return (
        <Select
          label="Fitting"
          value={item.form}
          choices={HARDWARE_FORMS.map((id) => ({ id, name: id }))}
          onChange={(form) => set({ ...item, form })}
        />
      );
    case 'webbing':
    case 'wire':
      return null;
  }
}

/** Fields of what a thing is and what its label says. */
export function ItemFields(props: FieldsProps) {
  const { item, set, units } = props;
  const force = {
    dimension: 'force' as const,
    unit: units.force,
    optional: true,
    least: 1,
    most: 5e6,
  };
  return (
    <>
      <SortField {...props} />
      <SizeField {...props} />
      <QuantityField
        {...force}
        label="Breaking strength on the label"
        placeholder="not on it"
        value={item.mbsN}
        onChange={(mbsN) => set({ ...item, mbsN })}
      />
      <QuantityField
        {...force}
        label="WLL or LC marked"
        placeholder="none"
        value={item.markedWllN}
        onChange={(markedWllN) => set({ ...item, markedWllN })}
      />
      {item.kind === 'hardware' ? (
        <TextField
          label="Marking, word for word"
          value={item.marking}
          onChange={(marking) => set({ ...item, marking: marking.slice(0, 60) })}
        />
      ) : null}
      {item.kind === 'rope' ? (
        <Check
          selected={!item.historyKnown}
          onChange={(unknown) => set({ ...item, historyKnown: !unknown })}
        >
          Nobody knows its history
        </Check>
      ) : null}
      {item.kind === 'wire' ? (
        <Check selected={item.singleUse} onChange={(singleUse) => set({ ...item, singleUse })}>
          Single use
        </Check>
      ) : null}
    </>
  );
}
