'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import type { KeptKind } from '@/core/securement/kept/vocabulary';
import { call, messageOf } from '../api';
import { Button } from '../kit/Button';
import { ErrorText, Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import { shortTime } from '../kit/time';

/** A deck or a load as a list shows it. */
export interface KeptPart {
  readonly id: string;
  readonly title: string;
  readonly updatedAt: string;
  readonly updatedBy: string;
}

const List = styled.ul`
  display: grid;
  gap: 6px;
`;
const Choice = styled(Button)`
  width: 100%;
  justify-content: space-between;
  text-align: left;
  &[aria-pressed='true'] {
    background: var(--plate);
    color: var(--on-plate);
  }
  &[aria-pressed='true'] small {
    color: inherit;
  }
`;

interface Page {
  readonly parts: readonly KeptPart[];
  readonly next: string | null;
}

async function ask(kind: KeptKind, search: string, after: string | null): Promise<Page | string> {
  const query = { search, after };
  if (kind === 'deck') {
    const answer = await call('GET /decks', { query });
    return answer.ok
      ? { parts: answer.value.decks, next: answer.value.next }
      : messageOf(answer.problem);
  }
  const answer = await call('GET /loads', { query });
  return answer.ok
    ? { parts: answer.value.loads, next: answer.value.next }
    : messageOf(answer.problem);
}

/** Before this many there is nothing to search for. */
const MANY = 8;

/** What the crew keeps, to choose one of. */
export function KeptPicker({
  kind,
  chosen,
  onChoose,
}: {
  kind: KeptKind;
  chosen: string | null;
  onChoose: (part: KeptPart) => void;
}) {
  const [search, setSearch] = useState('');
  const [page, setPage] = useState<Page | null>(null);
  const [error, setError] = useState<string | null>(null);
  const show = (answer: Page | string, before: readonly KeptPart[] = []): void => {
    if (typeof answer === 'string') return setError(answer);
    setError(null);
    setPage({ parts: [...before, ...answer.parts], next: answer.next });
  };
  useEffect(() => {
    let gone = false;
    void ask(kind, search, null).then((answer) => {
      if (!gone) show(answer);
    });
    return () => {
      gone = true;
    };
  }, [kind, search]);
  const what = kind === 'deck' ? 'deck' : 'load';
  if (error) return <ErrorText role="alert">{error}</ErrorText>;
  if (page === null) return <p aria-busy>Looking…</p>;
  return (
    <>
      {page.parts.length >= MANY || search !== '' ? (
        <TextField label={`Find a ${what}`} type="search" value={search} onChange={setSearch} />
      ) : null}
      <List aria-label={`Kept ${what}s`}>
        {page.parts.map((p) => (
          <li key={p.id}>
            <Choice aria-pressed={chosen === p.id} onPress={() => onChoose(p)}>
              {p.title}
              <Small as="small">
                {p.updatedBy}, {shortTime(p.updatedAt)}
              </Small>
            </Choice>
          </li>
        ))}
      </List>
      {page.parts.length === 0 ? <p>Your crew keeps no {what} of that name yet.</p> : null}
      {page.next ? (
        <Button
          $kind="quiet"
          onPress={() => void ask(kind, search, page.next).then((a) => show(a, page.parts))}
        >
          Show more {what}s
        </Button>
      ) : null}
    </>
  );
}
