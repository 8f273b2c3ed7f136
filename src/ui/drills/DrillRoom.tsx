'use client';
import Link from 'next/link';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Stack } from '../kit/layout';
import { SideLinks, SideRoom } from '../kit/SideRoom';

/** Kinds of reckoning, for the list. */
export type DrillKinds = readonly { readonly id: string; readonly title: string }[];

const Head = styled.header`
  padding: 14px 24px 12px 20px;
  border-bottom: var(--w-rule) solid var(--ink);
  @media (max-width: 820px) {
    padding: 8px 12px;
  }
`;
/** Right or not is said by a word and a line at the side, never by colour alone. */
export const Word = styled.p<{ $right: boolean }>`
  font: 740 30px/1.1 var(--font-figure);
  padding-left: 12px;
  border-left: 8px ${({ $right }) => ($right ? 'solid var(--ink)' : 'double var(--signal)')};
`;
/** What knots are asked by, beside the reckonings. */
const NAMES = 'names';

/** The room: what there is to practise at the side, the question beside it. */
export function DrillRoom({
  current,
  kinds,
  title,
  children,
}: {
  current: string;
  kinds: DrillKinds;
  title: string;
  children: ReactNode;
}) {
  const link = (id: string, href: string, words: string) => (
    <li key={id}>
      <Link href={href} prefetch={false} {...(id === current ? { 'aria-current': 'true' } : {})}>
        {words}
      </Link>
    </li>
  );
  return (
    <>
      <Head>
        <h1>Drills</h1>
        <p>Practice only: nothing is kept. Figures are right within one part in a hundred.</p>
      </Head>
      <SideRoom>
        <SideLinks aria-label="What to practise">
          {link(NAMES, '/drills/names', 'Which knot is it?')}
          {kinds.map((k) => link(k.id, `/drills?kind=${k.id}`, k.title))}
        </SideLinks>
        <section aria-label={title}>
          <Stack $gap={10}>
            <h2>{title}</h2>
            {children}
          </Stack>
        </section>
      </SideRoom>
    </>
  );
}
