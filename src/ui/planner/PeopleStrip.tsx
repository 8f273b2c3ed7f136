'use client';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import type { KnotId } from '@/core/knot/knots';
import { call } from '../api';
import { Small } from '../kit/text';
import type { AnswerOf } from '../routes';

const Strip = styled.section<{ $nobody: boolean }>`
  display: grid;
  gap: 4px;
  padding: 10px 0;
  border-bottom: var(--w-rule) solid var(--ink);
  ${({ $nobody }) => $nobody && 'border-left: 6px solid var(--signal); padding-left: 10px;'}
`;

/** On the plan: who of the crew is signed off in every knot of its lines, and for which knot nobody is. */
export function PeopleStrip({
  planId,
  version,
  onTied,
}: {
  planId: string;
  version: number;
  /** Knots that may be proposed; null: any, for a crew that keeps no sign-offs. */
  onTied: (knots: readonly KnotId[] | null) => void;
}) {
  const [people, setPeople] = useState<AnswerOf<'GET /plans/{id}/people'> | null>(null);
  useEffect(() => {
    let gone = false;
    void call('GET /plans/{id}/people', { params: { id: planId } }).then((answer) => {
      if (gone || !answer.ok) return;
      setPeople(answer.value);
      onTied(answer.value.kept ? answer.value.tied : null);
    });
    return () => {
      gone = true;
    };
    // Other lines, other knots: it is asked again once they are kept.
  }, [planId, version, onTied]);
  // A crew that keeps no sign-offs is not told on every plan that nobody has one.
  if (people === null || !people.kept) return null;
  const nobody = people.skills.filter((s) => s.current.length === 0);
  return (
    <Strip aria-label="Who can tie it" $nobody={nobody.length > 0}>
      {people.skills.length === 0 ? null : (
        <span>
          {people.able.length > 0
            ? `Signed off in all its knots: ${people.able.join(', ')}.`
            : 'Nobody is signed off in all its knots.'}
        </span>
      )}
      <Small>Proposals ask for no other knots than those somebody is signed off in.</Small>
      {nobody.length > 0 ? (
        <span>
          Nobody is current in: {nobody.map((s) => s.title).join(', ')}.{' '}
          <Link href="/drills/standing" prefetch={false}>
            Who can do what
          </Link>
        </span>
      ) : null}
    </Strip>
  );
}
