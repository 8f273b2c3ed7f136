'use client';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { CAUTION_LINE } from '@/wording/cautions';
import type { Theme } from '@/wording/themes';
import { MemberProvider, type Viewer } from './MemberContext';
import { Rail } from './Rail';
import { OutboxProvider } from '../outbox/OutboxContext';
import { Waiting } from '../outbox/Waiting';
import { KeepOffline } from '../offline/KeepOffline';
import { NoNetwork } from '../offline/NoNetwork';
import { orMissing } from '../orMissing';

/** Fetched only by those who have not acknowledged the cautions yet. */
const CautionGate = dynamic(() => orMissing(import('./CautionGate').then((m) => m.CautionGate)), {
  loading: () => null,
});

const Page = styled.div`
  margin-left: var(--rail);
  min-height: 100vh;
  display: flex;
  flex-direction: column;
  @media (max-width: 760px) {
    margin: 0 0 68px;
  }
  @media print {
    margin: 0;
  }
`;
const Main = styled.main`
  flex: 1;
  min-width: 0;
`;
const Foot = styled.footer`
  padding: 10px 20px;
  border-top: var(--w-hair) solid var(--line);
  font-size: var(--t-small);
  color: var(--ink-2);
  background: var(--canvas);
  @media (min-width: 761px) {
    position: sticky;
    bottom: 0;
    z-index: 3;
    padding: 5px 20px;
  }
  @media print {
    display: none;
  }
`;

/** Rail, page and the cautions that are always shown. */
export function Frame({
  viewer,
  theme,
  servedAt,
  children,
}: {
  viewer: Viewer;
  theme: Theme;
  /** When the page was made, milliseconds since 1970. */
  servedAt: number;
  children: ReactNode;
}) {
  return (
    <MemberProvider viewer={viewer}>
      <OutboxProvider memberId={viewer.id} system={viewer.units}>
        <Rail theme={theme} />
        <Page>
          <NoNetwork servedAt={servedAt} />
          <Waiting />
          <Main data-cautions={viewer.cautioned ? 'read' : 'unread'}>{children}</Main>
          <Foot>{CAUTION_LINE}</Foot>
        </Page>
        {viewer.cautioned ? null : <CautionGate />}
        <KeepOffline memberId={viewer.id} />
      </OutboxProvider>
    </MemberProvider>
  );
}
