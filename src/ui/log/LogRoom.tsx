'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { LogEntry } from '@/core/log/kept';
import { LOG_KINDS } from '@/core/log/vocabulary';
import { LOG_KIND_WORDS } from '@/wording/log';
import { useMember } from '../frame/MemberContext';
import { ActionMenu } from '../kit/ActionMenu';
import { Button, ButtonLink } from '../kit/Button';
import { Grow, Spaced } from '../kit/layout';
import { Select } from '../kit/Select';
import { ErrorText, Hidden, Label } from '../kit/text';
import { TextField } from '../kit/TextField';
import { orMissing } from '../orMissing';
import type { EntryChoices } from './EntrySheet';
import { day, EntryRow } from './EntryRow';
import { type LogPage, type LogView, queryOf, useLog } from './useLog';
import { useZone } from './useZone';

const EntrySheet = dynamic(() => orMissing(import('./EntrySheet').then((m) => m.EntrySheet)), {
  loading: () => null,
});

const Page = styled.div`
  padding: 16px 24px 24px;
  max-width: 980px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 10px;
  padding-bottom: 12px;
`;
const Find = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1.2fr) minmax(0, 1fr) minmax(0, 1fr);
  gap: 10px;
  padding-bottom: 12px;
  @media (max-width: 600px) {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    & > :nth-child(-n + 2) {
      grid-column: 1 / -1;
    }
  }
`;
const Day = styled.section`
  & > h2 {
    font: 640 14px/1.2 var(--font-figure);
    padding: 14px 0 6px;
    border-top: var(--w-strong) solid var(--ink);
  }
  & > ul {
    list-style: none;
    padding: 0;
  }
`;
const View = styled.p`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  padding: 10px 14px;
  margin-bottom: 12px;
  border: var(--w-rule) solid var(--ink);
  background: var(--sheet);
`;

const KINDS = [
  { id: '', name: 'everything' },
  ...LOG_KINDS.map((id) => ({ id, name: LOG_KIND_WORDS[id] })),
] as const;
const VIEW_WORDS: Record<LogView['what'], string> = {
  gear: 'What this rope was used for and what happened to it',
  person: 'What somebody did',
  deck: 'What went on this deck',
  knot: 'What went wrong with this knot',
  plan: 'What was done with this load',
};

/** Entries by the day they were, where somebody is. */
function byDay(entries: readonly LogEntry[], zone: string): [string, LogEntry[]][] {
  const days = new Map<string, LogEntry[]>();
  for (const e of entries) {
    const on = day(e.at, zone);
    days.set(on, [...(days.get(on) ?? []), e]);
  }
  return [...days];
}

const EXPORTS = ['csv', 'json', 'pdf'] as const;

/** The room Log: what was done, what was checked, what went wrong; the newest first. */
export function LogRoom({
  first,
  view,
  choices,
}: {
  first: LogPage;
  view: LogView | null;
  choices: EntryChoices;
}) {
  const { viewer } = useMember();
  const router = useRouter();
  const zone = useZone();
  const { filter, page, error, narrow, more, reload } = useLog(first, view);
  const [writing, setWriting] = useState(false);
  const narrowed = view !== null || Object.values(filter).some((v) => v !== '');
  const save = (as: (typeof EXPORTS)[number]): void => {
    const asked = new URLSearchParams(queryOf(filter, view)).toString();
    window.location.assign(`/api/v1/log/export.${as}${asked ? `?${asked}` : ''}`);
  };
  return (
    <Page>
      <Head>
        <Grow>
          <Label>{viewer.crewName}</Label>
          <h1>Log</h1>
        </Grow>
        <Button $kind="primary" onPress={() => setWriting(true)}>
          Write it down
        </Button>
        <ButtonLink as={Link} href="/log/counts" prefetch={false}>
          What it comes to
        </ButtonLink>
        <ActionMenu
          label="Export what is shown"
          actions={EXPORTS.map((as) => ({
            id: as,
            name: `Export as ${as.toUpperCase()}`,
            run: () => save(as),
          }))}
        />
      </Head>
      {view ? (
        <View>
          <span>
            {VIEW_WORDS[view.what]}: <b>{view.name}</b>
          </span>
          <Link href="/log">Show all</Link>
        </View>
      ) : null}
      <Find>
        <TextField
          label="Find words"
          type="search"
          value={filter.search}
          onChange={(search) => narrow({ search })}
        />
        <Select
          label="Kind"
          value={filter.kind}
          choices={KINDS}
          onChange={(kind) => narrow({ kind })}
        />
        <TextField
          label="From"
          type="date"
          value={filter.from}
          onChange={(from) => narrow({ from })}
        />
        <TextField label="To" type="date" value={filter.to} onChange={(to) => narrow({ to })} />
      </Find>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {byDay(page.entries, zone).map(([on, entries]) => (
        <Day key={on} aria-label={on}>
          <h2>{on}</h2>
          <ul>
            {entries.map((e) => (
              <EntryRow key={e.id} entry={e} zone={zone} />
            ))}
          </ul>
        </Day>
      ))}
      {page.entries.length === 0 ? (
        <Spaced as="p" $top={24} $bottom={24}>
          {narrowed
            ? 'Nothing in the log is like that.'
            : 'The log is empty. Checks on the road and what happens to ropes come into it by themselves; write down the rest.'}
        </Spaced>
      ) : null}
      {page.next ? (
        <Spaced as="p" $top={16}>
          <Button onPress={more}>
            Show more<Hidden> entries</Hidden>
          </Button>
        </Spaced>
      ) : null}
      {writing ? (
        <EntrySheet
          choices={choices}
          onClose={() => setWriting(false)}
          onDone={() => {
            setWriting(false);
            reload();
            router.refresh();
          }}
        />
      ) : null}
    </Page>
  );
}
