'use client';
import Link from 'next/link';
import { useState } from 'react';
import styled from 'styled-components';
import type { KeptKind } from '@/core/securement/kept/vocabulary';
import { call, messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import { Button, IconButton } from '../kit/Button';
import { ErrorText, Hidden, Label, Small } from '../kit/text';
import { shortTime } from '../kit/time';
import { UndoBar } from '../kit/UndoBar';
import type { KeptPart } from './KeptPicker';

const Page = styled.div`
  padding: 16px 24px 24px;
  max-width: 900px;
  display: grid;
  gap: 18px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const Row = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, auto) 44px;
  gap: 12px;
  align-items: center;
  min-height: 52px;
  border-bottom: var(--w-hair) solid var(--line);
  font: 640 16px/1.2 var(--font-figure);
  @media (max-width: 600px) {
    grid-template-columns: minmax(0, 1fr) 44px;
    & > small {
      grid-column: 1;
      grid-row: 2;
    }
  }
`;

export interface KeptListPage {
  readonly parts: readonly KeptPart[];
  readonly next: string | null;
}

const remove = (kind: KeptKind, id: string) =>
  kind === 'deck'
    ? call('DELETE /decks/{id}', { params: { id } })
    : call('DELETE /loads/{id}', { params: { id } });
const restore = (kind: KeptKind, id: string) =>
  kind === 'deck'
    ? call('POST /decks/{id}/restore', { params: { id } })
    : call('POST /loads/{id}/restore', { params: { id } });
async function pageAfter(kind: KeptKind, after: string | null): Promise<KeptListPage | string> {
  if (kind === 'deck') {
    const answer = await call('GET /decks', { query: { after } });
    return answer.ok
      ? { parts: answer.value.decks, next: answer.value.next }
      : messageOf(answer.problem);
  }
  const answer = await call('GET /loads', { query: { after } });
  return answer.ok
    ? { parts: answer.value.loads, next: answer.value.next }
    : messageOf(answer.problem);
}

/** Decks or loads, by name. */
function KeptList({ kind, first }: { kind: KeptKind; first: KeptListPage }) {
  const { viewer } = useMember();
  const [page, setPage] = useState(first);
  const [gone, setGone] = useState<KeptPart | null>(null);
  const [error, setError] = useState<string | null>(null);
  const what = kind === 'deck' ? 'decks' : 'loads';
  const show = (answer: KeptListPage | string, before: readonly KeptPart[]): void => {
    if (typeof answer === 'string') return setError(answer);
    setError(null);
    setPage({ parts: [...before, ...answer.parts], next: answer.next });
  };
  const take = async (part: KeptPart): Promise<void> => {
    const answer = await remove(kind, part.id);
    if (!answer.ok) return setError(messageOf(answer.problem));
    setPage((p) => ({ ...p, parts: p.parts.filter((x) => x.id !== part.id) }));
    setGone(part);
  };
  const bringBack = async (part: KeptPart): Promise<void> => {
    const answer = await restore(kind, part.id);
    if (!answer.ok) return setError(messageOf(answer.problem));
    setGone(null);
    show(await pageAfter(kind, null), []);
  };
  return (
    <section aria-label={kind === 'deck' ? 'Decks' : 'Loads that come back'}>
      <h2>{kind === 'deck' ? 'Decks' : 'Loads that come back'}</h2>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {gone ? (
        <UndoBar onUndo={() => void bringBack(gone)}>“{gone.title}” is kept no longer.</UndoBar>
      ) : null}
      <ul aria-label={`Kept ${what}`}>
        {page.parts.map((p) => (
          <Row key={p.id}>
            {kind === 'deck' ? (
              <Link href={`/loads/decks/${p.id}`} prefetch={false}>
                {p.title}
              </Link>
            ) : (
              <span>{p.title}</span>
            )}
            <Small as="small">
              {p.updatedBy}, {shortTime(p.updatedAt)}
            </Small>
            {viewer.canDelete ? (
              <IconButton aria-label={`Keep ${p.title} no longer`} onPress={() => void take(p)}>
                ×
              </IconButton>
            ) : (
              <span />
            )}
          </Row>
        ))}
      </ul>
      {page.parts.length === 0 ? (
        <p>
          None yet. Open a plan and press{' '}
          {kind === 'deck' ? '“Keep this deck” under “Deck and anchors”' : '“Keep …” under “Load”'}.
        </p>
      ) : null}
      {page.next ? (
        <Button onPress={() => void pageAfter(kind, page.next).then((a) => show(a, page.parts))}>
          Show more<Hidden> {what}</Hidden>
        </Button>
      ) : null}
    </section>
  );
}

/** What the crew keeps for plans to come. */
export function KeptPage({ decks, loads }: { decks: KeptListPage; loads: KeptListPage }) {
  const { viewer } = useMember();
  return (
    <Page>
      <div>
        <Label>
          <Link href="/loads">Loads</Link> / {viewer.crewName}
        </Label>
        <h1>Decks and loads kept</h1>
      </div>
      <KeptList kind="deck" first={decks} />
      <KeptList kind="load" first={loads} />
    </Page>
  );
}
