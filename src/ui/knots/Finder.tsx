'use client';
import Link from 'next/link';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import type { Crew, Ease, Purpose } from '@/core/knot/catalogue/entry';
import { findKnots, type Found } from '@/core/knot/find';
import type { KnotCard } from '@/server/knots';
import { Button, ButtonLink } from '../kit/Button';
import { Check } from '../kit/Check';
import { TextField } from '../kit/TextField';
import { Hidden, Label, Small } from '../kit/text';
import { useKeys } from '../useKeys';
import { KnotPicture } from './KnotPicture';
import {
  Head,
  Filters,
  Chip,
  Grid,
  Card,
  Marks,
  Bar,
  Dots,
  WhatFor,
  Nothing,
  Ways,
} from './Finder.styles';
import { Spaced } from '../kit/layout';

const EASE_WORDS: Record<Ease, string> = { 1: 'takes practice', 2: 'fair', 3: 'easy' };

/** Three steps from hard to easy, as knots on a line. */
function EaseMark({ ease }: { ease: Ease }) {
  return (
    <>
      <Dots aria-hidden>
        {'●'.repeat(ease)}
        {'○'.repeat(3 - ease)}
      </Dots>{' '}
      {EASE_WORDS[ease]}
    </>
  );
}

function Result({
  card,
  form,
  picked,
  full,
  onPick,
}: {
  card: KnotCard;
  /** The way of tying it that was asked for; null: none. */
  form: string | null;
  picked: boolean;
  full: boolean;
  onPick: (on: boolean) => void;
}) {
  const { counted, published } = card.forms.find((f) => f.id === form) ?? card;
  return (
    <Card $picked={picked}>
      <Link href={`/knots/${card.id}${form ? `?form=${form}` : ''}`} prefetch={false}>
        <KnotPicture id={card.id} />
        <h2>{card.name}</h2>
      </Link>
      <div>
        <Small>
          {form ? `here: ${nameOfForm(card, form)}` : card.aliases.slice(0, 3).join(', ')}
        </Small>
        <WhatFor>{card.purpose}</WhatFor>
        <Marks>
          <dt>strength left</dt>
          <dd>
            {Math.round(counted * 100)} %{published ? '' : ', no published value'}
          </dd>
          <dt>tying</dt>
          <dd>
            <EaseMark ease={card.easy.tie} />
          </dd>
          <dt>untying</dt>
          <dd>
            <EaseMark ease={card.easy.untie} />
          </dd>
        </Marks>
      </div>
      <footer>
        {picked || !full ? (
          <Check selected={picked} onChange={onPick}>
            Compare<Hidden> {card.name}</Hidden>
          </Check>
        ) : (
          <Spaced $top={12} $bottom={12}>
            <Small>four are picked</Small>
          </Spaced>
        )}
      </footer>
    </Card>
  );
}

const nameOfForm = (card: KnotCard, id: string): string =>
  card.forms.find((f) => f.id === id)?.names[0] ?? id;

/** What answers a question in plain words, or is most like what was typed, where nothing is called that; empty until it has been looked for. */
function useAlike(
  cards: readonly KnotCard[],
  typed: string,
  nothingFound: boolean,
): readonly Found<KnotCard>[] {
  const [alike, setAlike] = useState<{
    readonly typed: string;
    readonly found: readonly Found<KnotCard>[];
  } | null>(null);
  useEffect(() => {
    if (!nothingFound || typed.trim().length < 3) return undefined;
    let gone = false;
    void Promise.all([import('@/core/knot/ask'), import('@/core/knot/alike')]).then(
      ([{ askedKnots }, { alikeKnots }]) => {
        const asked = askedKnots(cards, typed);
        if (!gone) setAlike({ typed, found: asked.length > 0 ? asked : alikeKnots(cards, typed) });
      },
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, [cards, typed, nothingFound]);
  return nothingFound && alike?.typed === typed ? alike.found : [];
}

const MOST_COMPARED = 4;

/** Finds a knot by any name people call it, by what it must do, and by crew; picks some to put side by side. */
export function Finder({
  cards,
  purposes,
  crews,
}: {
  cards: readonly KnotCard[];
  purposes: readonly (readonly [Purpose, string])[];
  crews: readonly Crew[];
}) {
  const [typed, setTyped] = useState('');
  const [wanted, setWanted] = useState<readonly Purpose[]>([]);
  const [crew, setCrew] = useState<Crew | null>(null);
  const [picked, setPicked] = useState<readonly string[]>([]);
  const search = useRef<HTMLDivElement>(null);
  const text = useDeferredValue(typed);
  const words = useMemo(() => new Map<string, string>(purposes), [purposes]);
  const found = useMemo(
    () => findKnots(cards, text, { purposes: wanted, crew }, (id) => words.get(id) ?? id),
    [cards, text, wanted, crew, words],
  );
  const alike = useAlike(cards, text, found.length === 0 && wanted.length === 0 && crew === null);
  const shown = found.length > 0 ? found : alike;
  useKeys({ '/': () => search.current?.querySelector('input')?.focus() });
  const toggle = (p: Purpose): void =>
    setWanted((w) => (w.includes(p) ? w.filter((x) => x !== p) : [...w, p]));
  const pick =
    (id: string) =>
    (on: boolean): void =>
      setPicked((all) => (on ? [...all, id].slice(0, MOST_COMPARED) : all.filter((x) => x !== id)));
  return (
    <>
      <Head>
        <h1>Knots</h1>
        <div ref={search}>
          <TextField
            label="Any name, or what it must do"
            value={typed}
            onChange={setTyped}
            type="search"
          />
        </div>
        <Ways aria-label="Other ways to a knot">
          <ButtonLink as={Link} href="/knots/which">
            Which knot?
          </ButtonLink>
          <ButtonLink as={Link} href="/knots/tied">
            What have I tied?
          </ButtonLink>
          <ButtonLink as={Link} href="/knots/map">
            Map
          </ButtonLink>
          <ButtonLink as={Link} href="/knots/rigs">
            Rigs
          </ButtonLink>
        </Ways>
        <Label role="status">
          {shown.length === cards.length
            ? `${cards.length} knots`
            : `${shown.length} of ${cards.length} knots`}
        </Label>
      </Head>
      <Filters role="group" aria-label="What it must do">
        {purposes.map(([id, name]) => (
          <Chip
            key={id}
            $kind={wanted.includes(id) ? 'primary' : 'plain'}
            aria-pressed={wanted.includes(id)}
            onPress={() => toggle(id)}
          >
            {name}
          </Chip>
        ))}
      </Filters>
      <Filters role="group" aria-label="Who ties it">
        <Chip
          $kind={crew === null ? 'primary' : 'plain'}
          aria-pressed={crew === null}
          onPress={() => setCrew(null)}
        >
          every crew
        </Chip>
        {crews.map((c) => (
          <Chip
            key={c}
            $kind={crew === c ? 'primary' : 'plain'}
            aria-pressed={crew === c}
            onPress={() => setCrew(c)}
          >
            {c}
          </Chip>
        ))}
      </Filters>
      {found.length === 0 ? (
        <Nothing>
          {alike.length > 0
            ? 'No knot here is called that. These come nearest to it.'
            : 'No knot here is called that and does all of this. Take one condition away.'}
        </Nothing>
      ) : null}
      <Grid aria-label="Knots found">
        {shown.map(({ item: c, form }) => (
          <Result
            key={c.id}
            card={c}
            form={form ?? wanted.map((p) => c.formFor[p]).find((f) => f !== undefined) ?? null}
            picked={picked.includes(c.id)}
            full={picked.length >= MOST_COMPARED}
            onPick={pick(c.id)}
          />
        ))}
      </Grid>
      {picked.length > 0 ? (
        <Bar role="region" aria-label="Picked to compare">
          <b>{picked.map((id) => cards.find((c) => c.id === id)?.name).join(' · ')}</b>
          {picked.length > 1 ? (
            <ButtonLink as={Link} $kind="primary" href={`/knots/compare?ids=${picked.join(',')}`}>
              Put side by side
            </ButtonLink>
          ) : (
            <Small>Pick one more to compare.</Small>
          )}
          <Button $kind="quiet" onPress={() => setPicked([])}>
            None
          </Button>
        </Bar>
      ) : null}
    </>
  );
}
