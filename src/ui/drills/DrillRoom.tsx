'use client';
import Link from 'next/link';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Stack } from '../kit/layout';
import { SideLinks, SideRoom } from '../kit/SideRoom';

/** What can be practised, for the list at the side. */
export type DrillKinds = readonly {
  readonly id: string;
  readonly title: string;
  readonly href: string;
}[];

const Head = styled.header`
  padding: 14px 24px 12px 20px;
  border-bottom: var(--w-rule) solid var(--ink);
  @media (max-width: 820px) {
    padding: 8px 12px;
  }
`;

/** The room: today's questions and what there is to practise at the side, the question beside it. */
export function DrillRoom({
  current,
  kinds,
  title,
  says,
  children,
}: {
  current: string;
  kinds: DrillKinds;
  title: string;
  says: string;
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
        <p>{says}</p>
      </Head>
      <SideRoom>
        <SideLinks aria-label="What to practise">
          {link('today', '/drills', 'Today')}
          {link('tie', '/drills/tie', 'With real rope')}
          {link('talk', '/drills/talk', 'Toolbox talk')}
          {link('standing', '/drills/standing', 'Who can do what')}
          {kinds.map((k) => link(k.id, k.href, k.title))}
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
