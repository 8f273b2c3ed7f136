'use client';
import { unitName } from '@/core/securement/load/describe';
import { middleOfFront } from '@/core/securement/load/edit';
import type { LoadUnit } from '@/core/securement/load/schema';
import type { Plan } from '@/core/securement/plan';
import type { Line, RoutePoint } from '@/core/securement/schema';
import { MOST_POINTS } from '@/core/securement/vocabulary';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { FieldGrid, QuantityField } from '../kit/fields';
import { Cluster } from '../kit/layout';
import { Select } from '../kit/Select';
import { Label } from '../kit/text';
import type { PlanHand } from './usePlanner';

function PointRow({
  point,
  label,
  load,
  set,
  onRemove,
}: {
  point: RoutePoint;
  label: string;
  load: readonly LoadUnit[];
  set: (change: Partial<RoutePoint>) => void;
  onRemove: (() => void) | null;
}) {
  const { units } = useMember();
  const length = { dimension: 'length', unit: units.length, most: 60 } as const;
  return (
    <FieldGrid role="group" aria-label={label}>
      {load.length > 1 ? (
        <Select
          label="On"
          value={point.unitId}
          choices={load.map((u) => ({ id: u.id, name: unitName(u) }))}
          onChange={(unitId) => set({ unitId })}
        />
      ) : null}
      <QuantityField
        label="Behind the front edge"
        {...length}
        value={point.fromFrontM}
        onChange={(v) => v !== null && set({ fromFrontM: v })}
      />
      <QuantityField
        label="Left of the middle"
        {...length}
        signed
        least={-10}
        most={10}
        value={point.fromCentreM}
        onChange={(v) => v !== null && set({ fromCentreM: v })}
      />
      <QuantityField
        label="Height"
        {...length}
        value={point.heightM}
        onChange={(v) => v !== null && set({ heightM: v })}
      />
      {onRemove ? (
        <Button $kind="quiet" onPress={onRemove}>
          Remove {label}
        </Button>
      ) : null}
    </FieldGrid>
  );
}

/** Which units a line is at, and the points of its route where it does not simply lie over them. */
export function RouteFields({ line, plan, hand }: { line: Line; plan: Plan; hand: PlanHand }) {
  const set = (change: Pick<Line, 'units' | 'points'>): void =>
    hand.editLine(line.id, (l) => ({ ...l, ...change }), `${line.id}/route`);
  const { units: load } = plan;
  const at = load.filter((u) => line.units.includes(u.id));
  const name = (u: LoadUnit, on: boolean): void => {
    const units = on ? [...line.units, u.id] : line.units.filter((id) => id !== u.id);
    set({ units, points: line.points.filter((p) => units.includes(p.unitId)) });
  };
  const point = (i: number, change: Partial<RoutePoint>): void =>
    set({
      units: line.units,
      points: line.points.map((p, k) => (k === i ? { ...p, ...change } : p)),
    });
  const first = at[0];
  return (
    <>
      {load.length > 1 ? (
        <fieldset>
          <legend>
            <Label>{line.kind === 'over' ? 'Goes over' : 'Is at'}</Label>
          </legend>
          <FieldGrid $min={150}>
            {load.map((u) => (
              <Check key={u.id} selected={line.units.includes(u.id)} onChange={(on) => name(u, on)}>
                {unitName(u)}
              </Check>
            ))}
          </FieldGrid>
        </fieldset>
      ) : null}
      {line.points.map((p, i) => (
        <PointRow
          key={i}
          point={p}
          label={`point ${i + 1}`}
          load={at}
          set={(change) => point(i, change)}
          onRemove={
            line.kind === 'over' || line.points.length > 1
              ? () => set({ units: line.units, points: line.points.filter((_, k) => k !== i) })
              : null
          }
        />
      ))}
      {first && line.points.length < MOST_POINTS ? (
        <Cluster>
          <Button
            $kind="quiet"
            onPress={() =>
              set({
                units: line.units,
                points: [...line.points, line.points.at(-1) ?? middleOfFront(first, load)],
              })
            }
          >
            {line.kind === 'over' && line.points.length === 0
              ? 'Enter the points of its route'
              : 'Add a point to its route'}
          </Button>
        </Cluster>
      ) : null}
    </>
  );
}
