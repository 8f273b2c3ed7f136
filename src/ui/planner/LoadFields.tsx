'use client';
import { type ComponentProps, memo, useCallback } from 'react';
import type { Cargo } from '@/core/securement/schema';
import { COMMODITIES, COMMODITY_IDS } from '@/core/securement/vocabulary';
import { useMember } from '../frame/MemberContext';
import { FieldGrid, NumberField, QuantityField } from '../kit/fields';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import type { PlanHand } from './usePlanner';

type SetCargo = (change: Partial<Cargo>) => void;
/** Stays the same while the plan changes, so that a field is drawn again only when its own figure changes. */
const useSetCargo = (hand: PlanHand): SetCargo =>
  useCallback(
    (change) =>
      hand.edit(
        (p) => ({ ...p, cargo: { ...p.cargo, ...change } }),
        `cargo/${Object.keys(change).join()}`,
      ),
    [hand],
  );

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
  | 'maxLineForceN';
type CargoQuantityProps = Omit<ComponentProps<typeof QuantityField>, 'onChange'> & {
  readonly field: QuantityKey;
  readonly set: SetCargo;
};
const CargoQuantity = memo(function CargoQuantity({ field, set, ...rest }: CargoQuantityProps) {
  return (
    <QuantityField
      {...rest}
      onChange={(v) => {
        if (v !== null || rest.optional) set({ [field]: v });
      }}
    />
  );
});

const CargoName = memo(function CargoName({ name, set }: { name: string; set: SetCargo }) {
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
  commodity: Cargo['commodity'];
  set: SetCargo;
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
export function LoadFields({ cargo, hand }: { cargo: Cargo; hand: PlanHand }) {
  const { units } = useMember();
  const set = useSetCargo(hand);
  const length = { dimension: 'length', unit: units.length, set } as const;
  return (
    <>
      <FieldGrid>
        <CargoName name={cargo.name} set={set} />
        <CargoQuantity
          field="massKg"
          label="Mass"
          dimension="mass"
          unit={units.mass}
          optional
          least={0.1}
          most={100_000}
          value={cargo.massKg}
          set={set}
        />
        <CargoQuantity
          field="lengthM"
          label="Length"
          {...length}
          least={0.01}
          most={60}
          value={cargo.lengthM}
        />
        <CargoQuantity
          field="widthM"
          label="Width"
          {...length}
          least={0.01}
          most={60}
          value={cargo.widthM}
        />
        <CargoQuantity
          field="heightM"
          label="Height"
          {...length}
          least={0.01}
          most={60}
          value={cargo.heightM}
        />
        <CargoQuantity
          field="cgHeightM"
          label="CG height"
          {...length}
          optional
          least={0.01}
          most={60}
          value={cargo.cgHeightM}
        />
        <CargoQuantity
          field="cgForwardM"
          label="CG before the middle"
          {...length}
          optional
          placeholder="in the middle"
          signed
          least={-cargo.lengthM / 2}
          most={cargo.lengthM / 2}
          value={cargo.cgForwardM}
        />
        <CargoQuantity
          field="cgLeftM"
          label="CG left of the middle"
          {...length}
          optional
          placeholder="in the middle"
          signed
          least={-cargo.widthM / 2}
          most={cargo.widthM / 2}
          value={cargo.cgLeftM}
        />
        <CargoQuantity
          field="fromFrontM"
          label="Behind front edge"
          {...length}
          most={60}
          value={cargo.fromFrontM}
        />
        <CargoQuantity
          field="fromCentreM"
          label="Left of the middle"
          {...length}
          signed
          least={-10}
          most={10}
          value={cargo.fromCentreM}
        />
        <CargoQuantity
          field="maxLineForceN"
          label="Most force a line"
          dimension="force"
          unit={units.force}
          optional
          placeholder="no limit"
          least={1}
          most={1e6}
          value={cargo.maxLineForceN}
          set={set}
        />
        <NumberField
          label="Rows side by side"
          value={cargo.rows}
          least={1}
          most={10}
          onChange={(rows) => set({ rows: Math.round(rows) })}
        />
      </FieldGrid>
      <Goods commodity={cargo.commodity} set={set} />
    </>
  );
}
