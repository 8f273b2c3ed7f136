'use client';
import { type ComponentProps, memo, useCallback } from 'react';
import type { LoadUnit } from '@/core/securement/load/schema';
import { COMMODITIES, COMMODITY_IDS } from '@/core/securement/vocabulary';
import { ShapeFields } from './ShapeFields';
import { useMember } from '../frame/MemberContext';
import { FieldGrid, NumberField, QuantityField } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import type { PlanHand } from './usePlanner';

type SetUnit = (change: Partial<LoadUnit>) => void;
/** Stays the same while the plan changes, so that a field is drawn again only when its own figure changes. */
const useSetUnit = (hand: PlanHand, id: string): SetUnit =>
  useCallback((change) => hand.editUnit(id, change), [hand, id]);

type QuantityKey =
  | 'massKg'
  | 'lengthM'
  | 'widthM'
  | 'heightM'
  | 'cgHeightM'
  | 'cgForwardM'
  | 'cgLeftM'
  | 'fromFrontM'
  | 'fromCentreM'
  | 'cgForwardWithinM'
  | 'cgLeftWithinM'
  | 'cgHeightWithinM'
  | 'maxLineForceN';
type UnitQuantityProps = Omit<ComponentProps<typeof QuantityField>, 'onChange'> & {
  readonly field: QuantityKey;
  readonly set: SetUnit;
};
const UnitQuantity = memo(function UnitQuantity({ field, set, ...rest }: UnitQuantityProps) {
  return (
    <QuantityField
      {...rest}
      onChange={(v) => {
        if (v !== null || rest.optional) set({ [field]: v });
      }}
    />
  );
});

const UnitName = memo(function UnitName({ name, set }: { name: string; set: SetUnit }) {
  return (
    <TextField
      label="What it is"
      value={name}
      onChange={(next) => set({ name: next.slice(0, 80) })}
    />
  );
});

const GOODS = COMMODITY_IDS.map((id) => ({ id, name: COMMODITIES[id].name }));
const Goods = memo(function Goods({
  commodity,
  set,
}: {
  commodity: LoadUnit['commodity'];
  set: SetUnit;
}) {
  return (
    <Select
      label="Goods"
      value={commodity}
      choices={GOODS}
      onChange={(next) => set({ commodity: next })}
    />
  );
});

/** What the load is: mass, measures, where its weight lies and where it stands. */
export function LoadFields({
  unit,
  load,
  hand,
}: {
  unit: LoadUnit;
  /** Every unit of the plan: this one may stand on another. */
  load: readonly LoadUnit[];
  hand: PlanHand;
}) {
  const { units } = useMember();
  const set = useSetUnit(hand, unit.id);
  const length = { dimension: 'length', unit: units.length, set } as const;
  return (
    <>
      <FieldGrid>
        <UnitName name={unit.name} set={set} />
        <UnitQuantity
          field="massKg"
          label="Mass"
          dimension="mass"
          unit={units.mass}
          optional
          least={0.1}
          most={100_000}
          value={unit.massKg}
          set={set}
        />
        <UnitQuantity
          field="lengthM"
          label="Length"
          {...length}
          least={0.01}
          most={60}
          value={unit.lengthM}
        />
        <UnitQuantity
          field="widthM"
          label="Width"
          {...length}
          least={0.01}
          most={60}
          value={unit.widthM}
        />
        <UnitQuantity
          field="heightM"
          label="Height"
          {...length}
          least={0.01}
          most={60}
          value={unit.heightM}
        />
        <UnitQuantity
          field="cgHeightM"
          label="CG height"
          {...length}
          optional
          least={0.01}
          most={60}
          value={unit.cgHeightM}
        />
        <UnitQuantity
          field="cgForwardM"
          label="CG before the middle"
          {...length}
          optional
          placeholder="in the middle"
          signed
          least={-unit.lengthM / 2}
          most={unit.lengthM / 2}
          value={unit.cgForwardM}
        />
        <UnitQuantity
          field="cgLeftM"
          label="CG left of the middle"
          {...length}
          optional
          placeholder="in the middle"
          signed
          least={-unit.widthM / 2}
          most={unit.widthM / 2}
          value={unit.cgLeftM}
        />
        <UnitQuantity
          field="fromFrontM"
          label="Behind front edge"
          {...length}
          most={60}
          value={unit.fromFrontM}
        />
        <UnitQuantity
          field="fromCentreM"
          label="Left of the middle"
          {...length}
          signed
          least={-10}
          most={10}
          value={unit.fromCentreM}
        />
        <UnitQuantity
          field="maxLineForceN"
          label="Most force a line"
          dimension="force"
          unit={units.force}
          optional
          placeholder="no limit"
          most={1e6}
          value={unit.maxLineForceN}
          set={set}
        />
        <NumberField
          label="Rows side by side"
          value={unit.rows}
          least={1}
          most={10}
          onChange={(rows) => set({ rows: Math.round(rows) })}
        />
      </FieldGrid>
      <FieldGrid>
        <UnitQuantity
          field="cgForwardWithinM"
          label="CG lengthwise, give or take"
          {...length}
          most={unit.lengthM / 2}
          value={unit.cgForwardWithinM}
        />
        <UnitQuantity
          field="cgLeftWithinM"
          label="CG sideways, give or take"
          {...length}
          most={unit.widthM / 2}
          value={unit.cgLeftWithinM}
        />
        <UnitQuantity
          field="cgHeightWithinM"
          label="CG height, give or take"
          {...length}
          most={unit.heightM}
          value={unit.cgHeightWithinM}
        />
      </FieldGrid>
      <ShapeFields unit={unit} load={load} hand={hand} />
      <Goods commodity={unit.commodity} set={set} />
    </>
  );
}
