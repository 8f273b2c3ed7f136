'use client';
import { useState } from 'react';
import { unitName } from '@/core/securement/load/describe';
import type { LoadUnit } from '@/core/securement/load/schema';
import {
  asKeptNow,
  deckToKeep,
  loadToKeep,
  onKeptDeck,
  withKeptLoad,
} from '@/core/securement/kept/take';
import type { Plan } from '@/core/securement/plan';
import { MOST_UNITS } from '@/core/securement/vocabulary';
import { call, messageOf } from '../api';
import { KeptPicker } from '../kept/KeptPicker';
import { Button } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { Sheet } from '../kit/Sheet';
import { ErrorText, Small } from '../kit/text';
import type { PlanHand } from './usePlanner';

interface BarProps {
  readonly plan: Plan;
  readonly hand: PlanHand;
}

/** Takes a kept deck, or keeps this plan's own for plans to come. */
export function KeptDeckBar({ plan, hand }: BarProps) {
  const [open, setOpen] = useState(false);
  const [error, setError] = useState<string | null>(null);
  const { keptAs } = plan.deck;
  const take = async (id: string): Promise<void> => {
    const answer = await call('GET /decks/{id}', { params: { id } });
    if (!answer.ok) return setError(messageOf(answer.problem));
    const { version, document } = answer.value;
    hand.learn(id, { deck: document.deck, version, removed: false });
    hand.edit((p) => onKeptDeck(p, { id, version }, document));
    setOpen(false);
    setError(null);
  };
  const keep = async (): Promise<void> => {
    const answer = await call('POST /decks', { body: deckToKeep(plan) });
    if (!answer.ok) return setError(messageOf(answer.problem));
    const { id, version, document } = answer.value;
    hand.learn(id, { deck: document.deck, version, removed: false });
    hand.edit((p) => ({ ...p, deck: { ...p.deck, keptAs: { id, version } } }));
  };
  return (
    <>
      <Cluster $gap={4}>
        <Button $kind="quiet" onPress={() => setOpen(true)}>
          Take a kept deck
        </Button>
        {keptAs === null ? (
          <Button $kind="quiet" onPress={() => void keep()}>
            Keep this deck
          </Button>
        ) : (
          <>
            <Button $kind="quiet" onPress={() => void take(keptAs.id)}>
              Take it as it is now
            </Button>
            <Button
              $kind="quiet"
              onPress={() => hand.edit((p) => ({ ...p, deck: { ...p.deck, keptAs: null } }))}
            >
              Make it this plan’s own
            </Button>
          </>
        )}
      </Cluster>
      {keptAs ? <Small>Taken from your crew’s decks, version {keptAs.version}.</Small> : null}
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <Sheet title="Which deck?" open={open} onClose={() => setOpen(false)}>
        <KeptPicker kind="deck" chosen={keptAs?.id ?? null} onChoose={({ id }) => void take(id)} />
      </Sheet>
    </>
  );
}

/** Puts a kept load on the deck, or keeps one for plans to come. */
export function KeptLoadBar({ plan, unit, hand }: BarProps & { readonly unit: LoadUnit }) {
  const [open, setOpen] = useState(false);
  const [error, setError] = useState<string | null>(null);
  const { keptAs } = unit;
  const fetched = async (id: string) => {
    const answer = await call('GET /loads/{id}', { params: { id } });
    if (!answer.ok) {
      setError(messageOf(answer.problem));
      return null;
    }
    const { version, document } = answer.value;
    hand.learn(id, { unit: document.unit, version, removed: false });
    setError(null);
    return { keptAs: { id, version }, document };
  };
  const put = async (id: string): Promise<void> => {
    const load = await fetched(id);
    if (!load) return;
    hand.edit((p) => withKeptLoad(p, load.keptAs, load.document));
    setOpen(false);
  };
  const takeNow = async (id: string): Promise<void> => {
    const load = await fetched(id);
    if (load) hand.edit((p) => asKeptNow(p, unit.id, load.keptAs, load.document));
  };
  const keep = async (): Promise<void> => {
    const answer = await call('POST /loads', { body: loadToKeep(unit) });
    if (!answer.ok) return setError(messageOf(answer.problem));
    const { id, version, document } = answer.value;
    hand.learn(id, { unit: document.unit, version, removed: false });
    hand.editUnit(unit.id, { keptAs: { id, version } });
  };
  const name = unitName(unit);
  return (
    <>
      <Cluster $gap={4}>
        <Button
          $kind="quiet"
          isDisabled={plan.units.length >= MOST_UNITS}
          onPress={() => setOpen(true)}
        >
          Put a kept load on
        </Button>
        {keptAs === null ? (
          <Button $kind="quiet" onPress={() => void keep()}>
            Keep {name}
          </Button>
        ) : (
          <>
            <Button $kind="quiet" onPress={() => void takeNow(keptAs.id)}>
              Take {name} as it is now
            </Button>
            <Button $kind="quiet" onPress={() => hand.editUnit(unit.id, { keptAs: null })}>
              This one is otherwise
            </Button>
          </>
        )}
      </Cluster>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <Sheet title="Which load?" open={open} onClose={() => setOpen(false)}>
        <KeptPicker kind="load" chosen={null} onChoose={({ id }) => void put(id)} />
      </Sheet>
    </>
  );
}
