'use client';
import { memo } from 'react';
import {
  FRICTION_PAIR_IDS,
  FRICTION_PAIRS,
  SURFACE_CEILING,
  type FrictionPairId,
  type SurfaceState,
} from '@/core/securement/friction';
import type { Cargo, Deck } from '@/core/securement/schema';
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

type FrictionPart = Pick<Cargo, 'friction' | 'surface' | 'fullyContained'>;

function Blocking({
  direction,
  board,
  hand,
}: {
  direction: Direction;
  board: Deck['blocking'][Direction];
  hand: PlanHand;
}) {
  const { units } = useMember();
  const change = (next: Partial<typeof board>): void =>
    hand.edit(
      (p) => ({
        ...p,
        deck: {
          ...p.deck,
          blocking: { ...p.deck.blocking, [direction]: { ...p.deck.blocking[direction], ...next } },
        },
      }),
      `blocking/${direction}`,
    );
  return (
    <div>
      <Check selected={board.touching} onChange={(touching) => change({ touching })}>
        Touches a board{' '}
        {direction === 'left' || direction === 'right' ? `on the ${direction}` : direction}
      </Check>
      {board.touching ? (
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
  friction,
  surface,
  fullyContained,
  blocking,
  hand,
}: FrictionPart & { blocking: Deck['blocking']; hand: PlanHand }) {
  const cargo: FrictionPart = { friction, surface, fullyContained };
  const set = (change: Partial<FrictionPart>): void =>
    hand.edit((p) => ({ ...p, cargo: { ...p.cargo, ...change } }), 'friction');
  const choice: FrictionChoice =
    cargo.friction.known === 'pair' ? cargo.friction.pair : cargo.friction.known;
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
        {cargo.friction.known === 'entered' ? (
          <NumberField
            label="Friction μ"
            value={cargo.friction.mu}
            least={0}
            most={1.5}
            onChange={(mu) => set({ friction: { known: 'entered', mu } })}
          />
        ) : null}
        <Select
          label="Surface"
          value={cargo.surface}
          choices={SURFACES}
          onChange={(surface) => set({ surface })}
        />
      </FieldGrid>
      {DIRECTIONS.map((d) => (
        <Blocking key={d} direction={d} board={blocking[d]} hand={hand} />
      ))}
      <Check selected={cargo.fullyContained} onChange={(fullyContained) => set({ fullyContained })}>
        Fully contained by the body
      </Check>
    </>
  );
});
