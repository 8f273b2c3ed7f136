'use client';
import { memo } from 'react';
import styled from 'styled-components';
import type { Deck, DeckAnchor } from '@/core/securement/schema';
import { DECK_SURFACES, type DeckSurface } from '@/core/securement/vocabulary';
import { useMember } from '../frame/MemberContext';
import { Button, IconButton } from '../kit/Button';
import { FieldGrid, QuantityField } from '../kit/fields';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { RatingField } from '../kit/gearFields';
import { freshId } from '@/core/ids';

const Row = styled.li`
  border-top: var(--w-hair) solid var(--line);
  padding: 8px 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 44px;
  gap: 6px;
  align-items: start;
`;

const PLACES = [
  { id: 'deck', name: 'the deck' },
  { id: 'board', name: 'a board' },
  { id: 'post', name: 'a post' },
] as const;

const FLOORS: Record<DeckSurface, string> = {
  plywood: 'plywood',
  'grooved-aluminium': 'grooved aluminium',
  'smooth-steel': 'smooth steel',
  'sawn-wood': 'sawn wood',
  other: 'something else',
};

/** Changes a deck, of a plan or one that is kept. `key` names the field being typed in. */
export type EditDeck = (
  change: <D extends { readonly deck: Omit<Deck, 'keptAs'> }>(of: D) => D,
  key?: string,
) => void;

const AnchorRow = memo(function AnchorRow({
  anchor,
  edit,
}: {
  anchor: DeckAnchor;
  edit: EditDeck;
}) {
  const { units } = useMember();
  const set = (change: Partial<DeckAnchor>): void =>
    edit(
      (p) => ({
        ...p,
        deck: {
          ...p.deck,
          anchors: p.deck.anchors.map((a) => (a.id === anchor.id ? { ...a, ...change } : a)),
        },
      }),
      `anchor/${anchor.id}/${Object.keys(change).join()}`,
    );
  const remove = (): void =>
    edit((p) => ({
      ...p,
      deck: { ...p.deck, anchors: p.deck.anchors.filter((a) => a.id !== anchor.id) },
    }));
  return (
    <Row>
      <FieldGrid $min={92}>
        <TextField
          label={`Anchor ${anchor.id}`}
          value={anchor.name}
          onChange={(name) => set({ name: name.slice(0, 80) })}
        />
        <RatingField
          label="May take"
          rating={anchor.rating}
          units={units}
          onChange={(rating) => set({ rating })}
        />
        <QuantityField
          label="Bar"
          dimension="length"
          unit={units.size}
          optional
          placeholder="?"
          least={0.001}
          most={1}
          value={anchor.barDiameterM}
          onChange={(barDiameterM) => set({ barDiameterM })}
        />
        <QuantityField
          label="From front"
          dimension="length"
          unit={units.length}
          most={60}
          value={anchor.fromFrontM}
          onChange={(v) => v !== null && set({ fromFrontM: v })}
        />
        <QuantityField
          label="Left of middle"
          dimension="length"
          unit={units.length}
          signed
          least={-10}
          most={10}
          value={anchor.fromCentreM}
          onChange={(v) => v !== null && set({ fromCentreM: v })}
        />
        <Select
          label="Fixed on"
          value={anchor.on}
          choices={PLACES}
          onChange={(on) => set({ on, heightM: on === 'deck' ? 0 : anchor.heightM || 0.3 })}
        />
        {anchor.on === 'deck' ? null : (
          <QuantityField
            label="Above the deck"
            dimension="length"
            unit={units.length}
            most={60}
            value={anchor.heightM}
            onChange={(v) => v !== null && set({ heightM: v })}
          />
        )}
      </FieldGrid>
      <IconButton aria-label={`Remove anchor ${anchor.id}`} onPress={remove}>
        ×
      </IconButton>
    </Row>
  );
});

/** Deck size and its anchors as a compact table. */
export const DeckAnchors = memo(function DeckAnchors({
  deck,
  edit,
}: {
  deck: Omit<Deck, 'keptAs'>;
  edit: EditDeck;
}) {
  const { units } = useMember();
  const set = (change: Partial<typeof deck>): void =>
    edit((p) => ({ ...p, deck: { ...p.deck, ...change } }), `deck/${Object.keys(change).join()}`);
  const add = (): void =>
    edit((p) => ({
      ...p,
      deck: {
        ...p.deck,
        anchors: [
          ...p.deck.anchors,
          {
            id: freshId('A', p.deck.anchors),
            name: `ring ${freshId('A', p.deck.anchors)}`,
            fromFrontM: 1,
            fromCentreM: p.deck.widthM / 2,
            rating: { state: 'unrated' },
            barDiameterM: null,
            surface: 'metal',
            on: 'deck',
            heightM: 0,
          },
        ],
      },
    }));
  return (
    <>
      <TextField
        label="Deck"
        value={deck.name}
        onChange={(name) => set({ name: name.slice(0, 80) })}
      />
      <FieldGrid>
        <QuantityField
          label="Length"
          dimension="length"
          unit={units.length}
          least={0.01}
          most={60}
          value={deck.lengthM}
          onChange={(v) => v !== null && set({ lengthM: v })}
        />
        <QuantityField
          label="Width"
          dimension="length"
          unit={units.length}
          least={0.01}
          most={60}
          value={deck.widthM}
          onChange={(v) => v !== null && set({ widthM: v })}
        />
        <Select
          label="Floor"
          value={deck.surface ?? 'no'}
          choices={[
            { id: 'no', name: 'not said' },
            ...DECK_SURFACES.map((id) => ({ id, name: FLOORS[id] })),
          ]}
          onChange={(next) => set({ surface: next === 'no' ? null : next })}
        />
      </FieldGrid>
      <ul aria-label="Anchors of the deck">
        {deck.anchors.map((a) => (
          <AnchorRow key={a.id} anchor={a} edit={edit} />
        ))}
      </ul>
      <Button onPress={add}>Add an anchor</Button>
    </>
  );
});
