'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { RiggingSummary } from '@/db/queries/riggings';
import { benchFigures } from '@/core/bench/figures';
import { formatNumber } from '@/core/units';
import { call, messageOf } from '../api';
import { useImport } from '../files';
import { useMember } from '../frame/MemberContext';
import { UndoBar } from '../kit/UndoBar';
import { Button, ButtonLink, IconButton } from '../kit/Button';
import { TextField } from '../kit/TextField';
import { ErrorText, Hidden, Label, Small } from '../kit/text';
import { shortTime } from '../kit/time';
import { BenchNav } from './BenchNav';
import { lineWords } from './lineWords';
import { Spaced, Narrow } from '../kit/layout';

const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: flex-end;
  padding: 14px 20px 10px;
  border-bottom: var(--w-rule) solid var(--ink);
  & > :first-child {
    margin-right: auto;
  }
  @media (max-width: 760px) {
    padding: 8px 12px;
  }
`;
const Page = styled.div`
  padding: 12px 20px 24px;
  max-width: 1120px;
  @media (max-width: 760px) {
    padding: 8px 12px;
  }
`;
const Row = styled.li`
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1.6fr) 170px 44px;
  gap: 12px;
  align-items: center;
  min-height: 60px;
  border-bottom: var(--w-hair) solid var(--line);
  &:hover {
    background: var(--sheet);
  }
  /* The whole row is the way to it; its buttons lie above. */
  & > button {
    z-index: 1;
  }
  @media (max-width: 820px) {
    grid-template-columns: minmax(0, 1fr) 44px;
    padding: 10px 0;
    & > * {
      grid-column: 1;
    }
    & > :last-child {
      grid-column: 2;
      grid-row: 1 / span 3;
    }
  }
`;
const Title = styled(Link)`
  font: 640 17px/1.2 var(--font-figure);
  text-decoration: none;
  overflow-wrap: anywhere;
  &::after {
    content: '';
    position: absolute;
    inset: 0;
  }
`;

export interface LibraryPage {
  readonly riggings: readonly RiggingSummary[];
  readonly next: string | null;
}

/** The crew's own riggings, by name. */
export function Library({ first }: { first: LibraryPage }) {
  const { viewer, units } = useMember();
  const router = useRouter();
  const [page, setPage] = useState(first);
  const [search, setSearch] = useState('');
  const [error, setError] = useState<string | null>(null);
  const [deleted, setDeleted] = useState<RiggingSummary | null>(null);
  const files = useImport('POST /riggings', (id) => router.push(`/bench/${id}`), setError);
  const load = async (text: string, after: string | null): Promise<void> => {
    const answer = await call('GET /riggings', { query: { search: text, after } });
    if (!answer.ok) return setError(messageOf(answer.problem));
    setPage((p) => ({
      riggings: after ? [...p.riggings, ...answer.value.riggings] : answer.value.riggings,
      next: answer.value.next,
    }));
  };
  const remove = async (r: RiggingSummary): Promise<void> => {
    const answer = await call('DELETE /riggings/{id}', { params: { id: r.id } });
    if (!answer.ok) return setError(messageOf(answer.problem));
    setPage((p) => ({ ...p, riggings: p.riggings.filter((x) => x.id !== r.id) }));
    setDeleted(r);
  };
  const restore = async (r: RiggingSummary): Promise<void> => {
    const answer = await call('POST /riggings/{id}/restore', { params: { id: r.id } });
    if (!answer.ok) return setError(messageOf(answer.problem));
    setDeleted(null);
    await load(search, null);
  };
  return (
    <>
      <Head>
        <div>
          <Label>
            <Link href="/bench">Tension bench</Link> / {viewer.crewName}
          </Label>
          <h1>Library of riggings</h1>
        </div>
        <ButtonLink as={Link} $kind="primary" href="/bench">
          Build one on the bench
        </ButtonLink>
        {viewer.canWrite ? (
          <>
            <Button onPress={files.ask}>Import</Button>
            {files.control}
          </>
        ) : null}
      </Head>
      <BenchNav />
      <Page>
        <Narrow $most={420} $bottom={10}>
          <TextField
            label="Find a rigging"
            type="search"
            value={search}
            onChange={(text) => {
              setSearch(text);
              void load(text, null);
            }}
          />
        </Narrow>
        {error ? <ErrorText role="alert">{error}</ErrorText> : null}
        {deleted ? (
          <UndoBar onUndo={() => void restore(deleted)}>
            “{deleted.title}” is taken out of the library.
          </UndoBar>
        ) : null}
        <ul aria-label="Riggings">
          {page.riggings.map((r) => (
            <Row key={r.id}>
              <Title href={`/bench/${r.id}`} prefetch={false}>
                {r.title}
              </Title>
              <Small>
                {r.document ? (
                  <>
                    {formatNumber(benchFigures(r.document).tension.ratio?.value ?? 0)} : 1 hauling.{' '}
                    {lineWords(r.document, units)}
                  </>
                ) : (
                  'cannot be read here; open it to see why'
                )}
              </Small>
              <Small>
                {r.updatedBy}, {shortTime(r.updatedAt)}
              </Small>
              {viewer.canWrite ? (
                <IconButton
                  aria-label={`Take ${r.title} out of the library`}
                  onPress={() => void remove(r)}
                >
                  ×
                </IconButton>
              ) : (
                <span />
              )}
            </Row>
          ))}
        </ul>
        {page.riggings.length === 0 ? (
          <Spaced as="p" $top={20} $bottom={20}>
            {search
              ? `No rigging is called “${search}”.`
              : 'Nothing kept yet. Build a system on the bench, then keep it here: the crew can pull it, compare it and put it into plans.'}
          </Spaced>
        ) : null}
        {page.next ? (
          <Spaced as="p" $top={16}>
            <Button onPress={() => void load(search, page.next)}>
              Show more<Hidden> riggings</Hidden>
            </Button>
          </Spaced>
        ) : null}
      </Page>
    </>
  );
}
