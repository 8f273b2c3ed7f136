'use client';
import { memo } from 'react';
import {
  FRICTION_PAIR_IDS,
  FRICTION_PAIRS,
  SURFACE_CEILING,
  type FrictionPairId,
  type SurfaceState,
} from '@/core/securement/friction';
import type { LoadUnit } from '@/core/securement/load/schema';
import type { Deck } from '@/core/securement/schema';
import { type Direction, DIRECTIONS } from '@/core/securement/vocabulary';
import { useMember } from '../frame/MemberContext';
import { Check } from '../kit/Check';
import { FieldGrid, NumberField, QuantityField } from '../kit/fields';
import { Select } from '../kit/Select';
import type { PlanHand } from './usePlanner';

const SURFACES = Object.keys(SURFACE_CEILING).map((id) => ({
  id: id as SurfaceState,
  name: { clean: 'dry and clean', unswept: 'not swept', icy: 'ice or grease' }[id] ?? id,
}));
type FrictionChoice = FrictionPairId | 'entered' | 'no';

type Board = Deck['boards'][Direction];

function Blocking({
  direction,
  board,
  unit,
  hand,
}: {
  direction: Direction;
  board: Board;
  unit: LoadUnit;
  hand: PlanHand;
}) {
  const { units } = useMember();
  const touching = unit.against.includes(direction);
  const touch = (on: boolean): void =>
    hand.editUnit(unit.id, {
      against: DIRECTIONS.filter((d) => (d === direction ? on : unit.against.includes(d))),
    });
  const change = (next: Partial<Board>): void =>
    hand.edit(
      (p) => ({
        ...p,
        deck: {
          ...p.deck,
          boards: { ...p.deck.boards, [direction]: { ...p.deck.boards[direction], ...next } },
        },
      }),
      `boards/${direction}`,
    );
  return (
    <div>
      <Check selected={touching} onChange={touch}>
        Touches a board{' '}
        {direction === 'left' || direction === 'right' ? `on the ${direction}` : direction}
      </Check>
      {touching ? (
        <FieldGrid $min={150}>
          <QuantityField
            label="The board takes"
            dimension="force"
            unit={units.force}
            optional
            most={5e6}
            value={board.capacityN}
            onChange={(capacityN) => change({ capacityN })}
          />
          <QuantityField
            label="It reaches up"
            dimension="length"
            unit={units.length}
            optional
            placeholder="not measured"
            least={0.01}
            most={6}
            value={board.heightM}
            onChange={(heightM) => change({ heightM })}
          />
        </FieldGrid>
      ) : null}
    </div>
  );
}

/** What the load stands on, what blocks it, and whether the body contains it. */
export const FrictionFields = memo(function FrictionFields({
  unit,
  boards,
  hand,
}: {
  unit: LoadUnit;
  boards: Deck['boards'];
  hand: PlanHand;
}) {
  const set = (change: Partial<LoadUnit>): void => hand.editUnit(unit.id, change, 'friction');
  const choice: FrictionChoice =
    unit.friction.known === 'pair' ? unit.friction.pair : unit.friction.known;
  const choose = (id: FrictionChoice): void =>
    set({
      friction:
        id === 'no'
          ? { known: 'no' }
          : id === 'entered'
            ? { known: 'entered', mu: 0.3 }
            : { known: 'pair', pair: id },
    });
  return (
    <>
      <Select
        label="Stands on"
        value={choice}
        onChange={choose}
        choices={[
          ...FRICTION_PAIR_IDS.map((id) => ({
            id,
            name: `${FRICTION_PAIRS[id].name}, μ ${FRICTION_PAIRS[id].mu}`,
          })),
          { id: 'entered', name: 'friction entered' },
          { id: 'no', name: 'not known' },
        ]}
      />
      <FieldGrid $min={150}>
        {unit.friction.known === 'entered' ? (
          <NumberField
            label="Friction μ"
            value={unit.friction.mu}
            least={0}
            most={1.5}
            onChange={(mu) => set({ friction: { known: 'entered', mu } })}
          />
        ) : null}
        <Select
          label="Surface"
          value={unit.surface}
          choices={SURFACES}
          onChange={(surface) => set({ surface })}
        />
      </FieldGrid>
      {DIRECTIONS.map((d) => (
        <Blocking key={d} direction={d} board={boards[d]} unit={unit} hand={hand} />
      ))}
      <Check selected={unit.fullyContained} onChange={(fullyContained) => set({ fullyContained })}>
        Fully contained by the body
      </Check>
    </>
  );
});
