'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { RevisionLine } from '@/server/revisions';
import { wordDifference } from '@/wording/differences';
import { call, messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Cluster, Grow, Spaced } from '../kit/layout';
import { ErrorText, Hidden, Label, Small } from '../kit/text';
import { Tag } from '../kit/Tag';
import { shortTime } from '../kit/time';
import { NameSheet } from './NameSheet';

const Page = styled.div`
  padding: 16px 24px 24px;
  max-width: 860px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const Head = styled.header`
  display: grid;
  gap: 6px;
  border-bottom: var(--w-strong) solid var(--ink);
  padding-bottom: 14px;
`;
const Row = styled.li`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  padding: 12px 0;
  border-bottom: var(--w-hair) solid var(--line);
`;
const When = styled.div`
  display: grid;
  gap: 2px;
  align-content: start;
  justify-items: start;
  width: 190px;
`;
const Changes = styled.ul`
  list-style: none;
  & > li {
    padding: 1px 0;
    overflow-wrap: anywhere;
  }
`;

export interface HistoryFirst {
  readonly revisions: readonly RevisionLine[];
  readonly next: number | null;
}

interface Props {
  /** Which family the document is of. */
  readonly of: 'plans' | 'riggings';
  readonly id: string;
  readonly title: string;
  /** The room and the page of the document. */
  readonly room: string;
  readonly roomName: string;
  readonly first: HistoryFirst;
}

/** What is different, sentence by sentence; a long list can be opened. */
function ChangesOf({ revision }: { revision: RevisionLine }) {
  const { units } = useMember();
  const [all, setAll] = useState(false);
  if (!revision.readable) return <p>This program cannot read this version. It stays as it is.</p>;
  if (revision.changes === null)
    return (
      <p>{revision.version === 1 ? 'The beginning.' : 'What came before it cannot be compared.'}</p>
    );
  if (revision.changes.length === 0) return <p>Nothing is different.</p>;
  const shown = all ? revision.changes : revision.changes.slice(0, 4);
  return (
    <>
      <Changes>
        {shown.map((d, i) => (
          <li key={i}>{wordDifference(d, units)}</li>
        ))}
      </Changes>
      {shown.length < revision.changes.length ? (
        <Button $kind="quiet" onPress={() => setAll(true)}>
          {revision.changes.length - shown.length} more
        </Button>
      ) : null}
    </>
  );
}

/** The past of a document: who changed what, and the way back to any version of it. */
export function HistoryPage({ of, id, title, room, roomName, first }: Props) {
  const { viewer } = useMember();
  const router = useRouter();
  const [page, setPage] = useState(first);
  const [error, setError] = useState<string | null>(null);
  const [naming, setNaming] = useState<RevisionLine | null>(null);
  const [newest] = page.revisions;
  const home = `${room}/${id}`;
  const more = async (): Promise<void> => {
    const answer = await call(`GET /${of}/{id}/revisions`, {
      params: { id },
      query: { after: page.next },
    });
    if (!answer.ok) return setError(messageOf(answer.problem));
    setPage((p) => ({
      revisions: [...p.revisions, ...answer.value.revisions],
      next: answer.value.next,
    }));
  };
  const restore = async (version: number): Promise<void> => {
    const document = await call(`GET /${of}/{id}/revisions/{version}`, { params: { id, version } });
    if (!document.ok) return setError(messageOf(document.problem));
    const saved = await call(`PUT /${of}/{id}`, {
      params: { id },
      body: document.value,
      version: newest!.version,
    });
    if (saved.ok) return router.push(home);
    setError(
      saved.problem.status === 409
        ? 'Somebody saved meanwhile. Open this page again to see what.'
        : messageOf(saved.problem),
    );
  };
  const named = (version: number, name: string | null): void => {
    setNaming(null);
    setPage((p) => ({
      ...p,
      revisions: p.revisions.map((r) => (r.version === version ? { ...r, name } : r)),
    }));
  };
  return (
    <Page>
      <Head>
        <Label>
          <Link href={room}>{roomName}</Link> / <Link href={home}>{title}</Link>
        </Label>
        <h1>History</h1>
        <Small>
          Every version of the last hour; before that one an hour, after a week one a day. Versions
          with a name stay.
        </Small>
      </Head>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <ul aria-label="Versions">
        {page.revisions.map((r) => (
          <Row key={r.version} data-version={r.version}>
            <When>
              <b>{shortTime(r.savedAt)}</b>
              <Small>
                {r.savedBy}, version {r.version}
              </Small>
              {r.name ? <Tag>{r.name}</Tag> : null}
            </When>
            <Grow>
              <ChangesOf revision={r} />
            </Grow>
            {viewer.canWrite ? (
              <Cluster>
                <Button $kind="quiet" onPress={() => setNaming(r)}>
                  Name<Hidden> version {r.version}</Hidden>
                </Button>
                {r === newest || !r.readable ? null : (
                  <Button onPress={() => void restore(r.version)}>
                    Go back to it<Hidden>, version {r.version}</Hidden>
                  </Button>
                )}
              </Cluster>
            ) : null}
          </Row>
        ))}
      </ul>
      {page.next ? (
        <Spaced as="p" $top={16}>
          <Button onPress={() => void more()}>
            Show more<Hidden> versions</Hidden>
          </Button>
        </Spaced>
      ) : null}
      {naming ? (
        <NameSheet
          of={of}
          id={id}
          revision={naming}
          onDone={named}
          onClose={() => setNaming(null)}
        />
      ) : null}
    </Page>
  );
}
