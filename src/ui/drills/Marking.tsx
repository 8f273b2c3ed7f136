'use client';
import Link from 'next/link';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Stack } from '../kit/layout';

/** Right or not is said by a word and a line at the side, never by colour alone. */
const Word = styled.p<{ $right: boolean }>`
  font: 740 30px/1.1 var(--font-figure);
  padding-left: 12px;
  border-left: 8px ${({ $right }) => ($right ? 'solid var(--ink)' : 'double var(--signal)')};
`;

/** What is said to an answer: the word, and below it why. */
export function Marking({
  grade,
  words,
  slip,
  children,
}: {
  grade: 'again' | 'hard' | 'good';
  words: string;
  slip?: string | null;
  children: ReactNode;
}) {
  return (
    <Stack $gap={10} role="status" data-grade={grade} data-slip={slip ?? undefined}>
      <Word $right={grade === 'good'}>{words}</Word>
      {children}
    </Stack>
  );
}

const Points = styled.ul`
  list-style: disc;
  padding-left: 20px;
`;

/** What tells a form, and the way to where it is taught. */
export function WhatTells({
  entry,
  form,
  way,
  checks,
  disagreed,
}: {
  entry: string;
  form: string;
  way: string;
  checks: readonly string[];
  disagreed: { readonly said: readonly string[]; readonly safer: string } | null;
}) {
  return (
    <>
      <div>
        <b>What tells it</b> ({way}):
        <Points>
          {checks.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </Points>
      </div>
      {disagreed ? (
        <p>
          <b>Crews disagree:</b> {disagreed.said.join(', or ')}. Both are accepted; safer:{' '}
          {disagreed.safer}
        </p>
      ) : null}
      <p>
        <Link href={`/knots/${entry}?form=${form}`} prefetch={false}>
          How it is tied
        </Link>
      </p>
    </>
  );
}

/** A picture beside what is said or chosen. */
export const Beside = styled.div<{ $wide?: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, ${({ $wide }) => ($wide ? 560 : 420)}px) minmax(220px, 1fr);
  gap: 24px;
  align-items: start;
  @media (max-width: 820px) {
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
  }
`;
/** Answers to choose from, one below the other, large enough for a glove. */
export const Choices = styled.div`
  display: grid;
  gap: 8px;
  & > button {
    justify-content: start;
    text-align: left;
    min-height: 48px;
  }
`;
