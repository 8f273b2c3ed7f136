'use client';
import Link from 'next/link';
import { useMemo } from 'react';
import styled from 'styled-components';
import type { KeptDeck } from '@/core/securement/kept/schema';
import { DECK_KINDS } from '@/core/securement/kept/vocabulary';
import { NOT_JUDGED } from '@/core/securement/stage/not-judged';
import { sceneOf } from '@/core/securement/stage/scene';
import { formatTogether } from '@/core/units';
import { DECK_KIND_WORDS } from '@/wording/kept';
import type { StoredDocument } from '../api';
import { type EditDeck, DeckAnchors } from '../deck/DeckAnchors';
import { StillDeck } from '../deck/StillDeck';
import { useMember } from '../frame/MemberContext';
import { useHistory } from '../history';
import type { Side } from '../kit/ConflictSheet';
import { Fields, Stack } from '../kit/layout';
import { SaveWords } from '../kit/SaveWords';
import { Select } from '../kit/Select';
import { Label } from '../kit/text';
import { TextField } from '../kit/TextField';
import { HereToo } from '../live/HereToo';
import { useLive } from '../live/useLive';
import { KeptConflict } from './KeptConflict';
import { useAutosave } from '../useAutosave';
import { useKeys } from '../useKeys';

const Page = styled.div`
  padding: 14px 20px 28px;
  display: grid;
  grid-template-columns: 392px minmax(0, 1fr);
  gap: 8px 24px;
  align-items: start;
  & > header {
    grid-column: 1 / -1;
  }
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** A deck by itself, as the stage draws it. */
const sceneOfDeck = ({ deck }: KeptDeck) =>
  sceneOf({ units: [], lines: [], deck: { ...deck, keptAs: null } }, NOT_JUDGED);

function DeckFigure({ document }: { document: KeptDeck }) {
  const scene = useMemo(() => sceneOfDeck(document), [document]);
  return <StillDeck scene={scene} label={`${document.title}: its anchors from above`} />;
}

interface StoredDeck extends StoredDocument<KeptDeck> {
  readonly readings: Readonly<Record<string, { readonly on: string; readonly by: string }>>;
}

/** A deck that the crew keeps: its anchors read once, each by whom and when. */
export function DeckPage({ stored }: { stored: StoredDeck }) {
  const { viewer, units } = useMember();
  const { now: document, edit, replace, undo, redo } = useHistory<KeptDeck>(stored.document);
  const { save, words, resolve, follow, pending, version } = useAutosave(
    'PUT /decks/{id}',
    stored,
    document,
    viewer.canWrite,
    replace,
  );
  const here = useLive('decks', stored.id, { version, follow });
  useKeys({ '$mod+z': undo, '$mod+Shift+z': redo, '$mod+y': redo });
  const editDeck: EditDeck = (change, key) => edit((d) => change(d), key ?? null);
  const side = (d: KeptDeck): Side => ({
    mark: <DeckFigure document={d} />,
    facts: [
      ['Name', d.title],
      ['Size', formatTogether([d.deck.lengthM, d.deck.widthM], 'length', units)],
      ['Anchors', String(d.deck.anchors.length)],
      ['Not read', String(d.deck.anchors.filter((a) => a.rating.state === 'unrated').length)],
      ['Notes', d.notes || 'none'],
    ],
  });
  return (
    <Page>
      <header>
        <Label>
          <Link href="/loads">Loads</Link> / <Link href="/loads/kept">Decks and loads kept</Link>
        </Label>
        <h1>{document.title}</h1>
        <SaveWords words={words} pending={pending} version={version} canWrite={viewer.canWrite} />
        <HereToo {...here} />
      </header>
      <DeckFigure document={document} />
      <div>
        <Fields disabled={!viewer.canWrite}>
          <Stack $gap={12} $bottom={12}>
            <TextField
              label="Name of the deck"
              value={document.title}
              onChange={(title) =>
                title.trim() !== '' && edit((d) => ({ ...d, title: title.slice(0, 120) }), 'title')
              }
            />
            <Select
              label="It is"
              value={document.kind}
              choices={DECK_KINDS.map((id) => ({ id, name: DECK_KIND_WORDS[id] }))}
              onChange={(kind) => edit((d) => ({ ...d, kind }))}
            />
          </Stack>
          <DeckAnchors deck={document.deck} edit={editDeck} />
        </Fields>
        <section aria-label="Who read what">
          <h2>Read so far</h2>
          <ul>
            {document.deck.anchors.map((a) => {
              const reading = stored.readings[a.id];
              return (
                <li key={a.id}>
                  {a.name || a.id}:{' '}
                  {reading && a.rating.state === 'rated'
                    ? `${reading.by}, ${reading.on}`
                    : a.rating.state === 'rated'
                      ? 'now, by you'
                      : 'nobody yet'}
                </li>
              );
            })}
          </ul>
        </section>
      </div>
      <KeptConflict
        what="deck"
        save={save}
        mine={document}
        side={side}
        take={(theirs) => edit(() => theirs)}
        resolve={resolve}
      />
    </Page>
  );
}
