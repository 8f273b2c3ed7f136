'use client';
import { unitName } from '@/core/securement/load/describe';
import { carriersFor, shapedAs } from '@/core/securement/load/edit';
import type { LoadUnit } from '@/core/securement/load/schema';
import { UNIT_EDGES, UNIT_SHAPES, type UnitShapeId } from '@/core/securement/vocabulary';
import { useMember } from '../frame/MemberContext';
import { FieldGrid, QuantityField } from '../kit/fields';
import { Select } from '../kit/Select';
import type { PlanHand } from './usePlanner';

const SHAPES: Record<UnitShapeId, string> = {
  box: 'a box',
  bundle: 'a bundle tied into one',
  'cylinder-upright': 'a cylinder, upright',
  'cylinder-lying': 'a cylinder, lying',
};
const EDGES = { sharp: 'sharp', rounded: 'rounded', protected: 'protected' };

/** How a lying cylinder lies, and the chocks beside it. */
function Lying({
  unit,
  shape,
  hand,
}: {
  unit: LoadUnit;
  shape: Extract<LoadUnit['shape'], { kind: 'cylinder-lying' }>;
  hand: PlanHand;
}) {
  const { units } = useMember();
  const set = (change: Partial<LoadUnit>): void => hand.editUnit(unit.id, change);
  return (
    <FieldGrid $min={150}>
      <Select
        label="Its axis"
        value={shape.axis}
        choices={[
          { id: 'length', name: 'along the deck' },
          { id: 'width', name: 'across the deck' },
        ]}
        onChange={(axis) =>
          set({
            shape: { ...shape, axis },
            lengthM: unit.widthM,
            widthM: unit.lengthM,
          })
        }
      />
      <QuantityField
        label="Chocks reach up"
        dimension="length"
        unit={units.length}
        optional
        placeholder="no chocks"
        least={0.005}
        most={unit.heightM / 2}
        value={shape.chocks?.heightM ?? null}
        onChange={(heightM) =>
          set({
            shape: {
              ...shape,
              chocks:
                heightM === null ? null : { capacityN: shape.chocks?.capacityN ?? null, heightM },
            },
          })
        }
      />
      {shape.chocks ? (
        <QuantityField
          label="Chocks take, each side"
          dimension="force"
          unit={units.force}
          optional
          most={5e6}
          value={shape.chocks.capacityN}
          onChange={(capacityN) =>
            set({ shape: { ...shape, chocks: { ...shape.chocks!, capacityN } } })
          }
        />
      ) : null}
    </FieldGrid>
  );
}

/** What shape a unit has, what it stands on, how it is turned, and its edges. */
export function ShapeFields({
  unit,
  load,
  hand,
}: {
  unit: LoadUnit;
  load: readonly LoadUnit[];
  hand: PlanHand;
}) {
  const set = (change: Partial<LoadUnit>): void => hand.editUnit(unit.id, change);
  const under = carriersFor(unit, load);
  return (
    <>
      <FieldGrid $min={150}>
        <Select
          label="It is"
          value={unit.shape.kind}
          choices={UNIT_SHAPES.map((id) => ({ id, name: SHAPES[id] }))}
          onChange={(kind) => set(shapedAs(unit, kind))}
        />
        {under.length > 0 ? (
          <Select
            label="It stands on"
            value={unit.on.kind === 'unit' ? `u/${unit.on.unitId}` : 'deck'}
            choices={[
              { id: 'deck', name: 'the deck' },
              ...under.map((u) => ({ id: `u/${u.id}`, name: unitName(u) })),
            ]}
            onChange={(on) =>
              set({ on: on === 'deck' ? { kind: 'deck' } : { kind: 'unit', unitId: on.slice(2) } })
            }
          />
        ) : null}
        <QuantityField
          label="Turned to the left by"
          dimension="angle"
          unit="deg"
          signed
          least={-Math.PI}
          most={Math.PI}
          value={unit.turnRad}
          onChange={(turnRad) => turnRad !== null && set({ turnRad })}
        />
        <Select
          label="Its edges are"
          value={unit.edges ?? 'no'}
          choices={[
            { id: 'no', name: 'as the lines say' },
            ...UNIT_EDGES.map((id) => ({ id, name: EDGES[id] })),
          ]}
          onChange={(edges) => set({ edges: edges === 'no' ? null : edges })}
        />
      </FieldGrid>
      {unit.shape.kind === 'cylinder-lying' ? (
        <Lying unit={unit} shape={unit.shape} hand={hand} />
      ) : null}
    </>
  );
}
