'use client';
import Link from 'next/link';
import { useState } from 'react';
import styled from 'styled-components';
import { type Answer, messageOf } from '../api';
import { Button, IconButton } from '../kit/Button';
import { ErrorText, Hidden, Small } from '../kit/text';
import { shortTime } from '../kit/time';
import { UndoBar } from '../kit/UndoBar';
import type { KeptPart } from './KeptPicker';

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

/** A kind of thing that a crew keeps: how it is called, and how it is asked for, taken away and brought back. */
export interface KeptSort {
  readonly title: string;
  readonly what: string;
  readonly empty: string;
  /** Where one is opened; null: it is not. */
  readonly href: ((id: string) => string) | null;
  readonly page: (after: string | null) => Promise<Answer<KeptListPage>>;
  readonly remove: (id: string) => Promise<Answer<unknown>>;
  readonly restore: (id: string) => Promise<Answer<unknown>>;
}

/** What is kept of a sort, by name. */
export function KeptList({
  sort,
  first,
  canRemove,
}: {
  sort: KeptSort;
  first: KeptListPage;
  canRemove: boolean;
}) {
  const [page, setPage] = useState(first);
  const [gone, setGone] = useState<KeptPart | null>(null);
  const [error, setError] = useState<string | null>(null);
  const more = async (after: string | null, before: readonly KeptPart[]): Promise<void> => {
    const answer = await sort.page(after);
    if (!answer.ok) return setError(messageOf(answer.problem));
    setError(null);
    setPage({ parts: [...before, ...answer.value.parts], next: answer.value.next });
  };
  const take = async (part: KeptPart): Promise<void> => {
    const answer = await sort.remove(part.id);
    if (!answer.ok) return setError(messageOf(answer.problem));
    setPage((p) => ({ ...p, parts: p.parts.filter((x) => x.id !== part.id) }));
    setGone(part);
  };
  const bringBack = async (part: KeptPart): Promise<void> => {
    const answer = await sort.restore(part.id);
    if (!answer.ok) return setError(messageOf(answer.problem));
    setGone(null);
    await more(null, []);
  };
  return (
    <section aria-label={sort.title}>
      <h2>{sort.title}</h2>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {gone ? (
        <UndoBar onUndo={() => void bringBack(gone)}>“{gone.title}” is kept no longer.</UndoBar>
      ) : null}
      <ul aria-label={`Kept ${sort.what}`}>
        {page.parts.map((p) => (
          <Row key={p.id}>
            {sort.href ? (
              <Link href={sort.href(p.id)} prefetch={false}>
                {p.title}
              </Link>
            ) : (
              <span>{p.title}</span>
            )}
            <Small as="small">
              {p.updatedBy}, {shortTime(p.updatedAt)}
            </Small>
            {canRemove ? (
              <IconButton aria-label={`Keep ${p.title} no longer`} onPress={() => void take(p)}>
                ×
              </IconButton>
            ) : (
              <span />
            )}
          </Row>
        ))}
      </ul>
      {page.parts.length === 0 ? <p>{sort.empty}</p> : null}
      {page.next ? (
        <Button onPress={() => void more(page.next, page.parts)}>
          Show more<Hidden> {sort.what}</Hidden>
        </Button>
      ) : null}
    </section>
  );
}
