'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { type Answer, call } from '../api';
import { useMember } from '../frame/MemberContext';
import { Label } from '../kit/text';
import { KeptList, type KeptListPage, type KeptSort } from './KeptList';

const Page = styled.div`
  padding: 16px 24px 24px;
  max-width: 900px;
  display: grid;
  gap: 18px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const asPage = <T,>(answer: Answer<T>, parts: (value: T) => KeptListPage): Answer<KeptListPage> =>
  answer.ok ? { ...answer, value: parts(answer.value) } : answer;

const DECKS: KeptSort = {
  title: 'Decks',
  what: 'decks',
  empty: 'None yet. Open a plan and press “Keep this deck” under “Deck and anchors”.',
  href: (id) => `/loads/decks/${id}`,
  page: async (after) =>
    asPage(await call('GET /decks', { query: { after } }), (v) => ({
      parts: v.decks,
      next: v.next,
    })),
  remove: (id) => call('DELETE /decks/{id}', { params: { id } }),
  restore: (id) => call('POST /decks/{id}/restore', { params: { id } }),
};
const LOADS: KeptSort = {
  title: 'Loads that come back',
  what: 'loads',
  empty: 'None yet. Open a plan and press “Keep …” under “Load”.',
  href: null,
  page: async (after) =>
    asPage(await call('GET /loads', { query: { after } }), (v) => ({
      parts: v.loads,
      next: v.next,
    })),
  remove: (id) => call('DELETE /loads/{id}', { params: { id } }),
  restore: (id) => call('POST /loads/{id}/restore', { params: { id } }),
};

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
      <KeptList sort={DECKS} first={decks} canRemove={viewer.canDelete} />
      <KeptList sort={LOADS} first={loads} canRemove={viewer.canDelete} />
    </Page>
  );
}
