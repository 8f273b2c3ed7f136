'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import styled from 'styled-components';
import { wordCount } from '@/wording/text';
import { RULE_SET_TITLES } from '@/core/securement/rule-set-ids';
import type { PlanSummary } from '@/db/queries/plans';
import { call, messageOf } from '../api';
import { useImport } from '../files';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink, IconButton } from '../kit/Button';
import { TextField } from '../kit/TextField';
import { Select } from '../kit/Select';
import { shortTime } from '../kit/time';
import { ErrorText, Hidden, Label, Small } from '../kit/text';
import { UndoBar } from '../kit/UndoBar';
import { VerdictMark } from '../kit/VerdictMark';
import { minutesLeft } from '@/core/securement/road/minutes';
import { wordDue } from '@/wording/due';
import { useKeys } from '../useKeys';
import { useNow } from '../useNow';
import { type PlanPage, usePlanList } from './usePlanList';
import { Grow, Spaced, Stack } from '../kit/layout';

const Page = styled.div`
  padding: 16px 24px 24px;
  max-width: 1120px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 12px;
  padding-bottom: 14px;
  border-bottom: var(--w-strong) solid var(--ink);
`;
const Find = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  padding: 14px 0;
  & > * {
    flex: 1 1 220px;
    max-width: 420px;
  }
`;
const Row = styled.li`
  position: relative;
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr) 170px 210px 44px;
  gap: 12px;
  align-items: center;
  min-height: 58px;
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
    row-gap: 3px;
    & > * {
      grid-column: 1;
    }
    & > a {
      order: -1;
    }
    & > :last-child {
      grid-column: 2;
      grid-row: 1 / span 4;
    }
  }
`;
const TitleLink = styled(Link)`
  font: 640 17px/1.2 var(--font-figure);
  overflow-wrap: anywhere;
  text-decoration: none;
  &::after {
    content: '';
    position: absolute;
    inset: 0;
  }
  &:focus-visible::after {
    outline: var(--w-focus) solid var(--ink);
  }
`;
/** On the road: when its lines are to be looked at. */
const Due = styled.b`
  font: 640 13px/1.2 var(--font-figure);
  &[data-late='true'] {
    color: var(--signal);
  }
`;

function PlanRow({
  plan,
  now,
  canDelete,
  onDelete,
}: {
  plan: PlanSummary;
  now: Date | null;
  canDelete: boolean;
  onDelete: () => void;
}) {
  return (
    <Row>
      <Stack $gap={2}>
        <VerdictMark verdict={plan.verdict} />
        {plan.outdated ? <Small>is being judged again</Small> : null}
        {plan.checkDueAt && now ? (
          <Due data-late={minutesLeft(plan.checkDueAt, now) < 0}>
            {wordDue(plan.checkDueAt, now)}
          </Due>
        ) : null}
      </Stack>
      <TitleLink href={`/loads/${plan.id}`} prefetch={false}>
        {plan.title}
      </TitleLink>
      <Small>
        {RULE_SET_TITLES[plan.ruleSet].name}, {wordCount(plan.lineCount, 'line')}
      </Small>
      <Small>
        {plan.updatedBy}, {shortTime(plan.updatedAt)}
      </Small>
      {canDelete ? (
        <IconButton aria-label={`Delete ${plan.title}`} onPress={onDelete}>
          ×
        </IconButton>
      ) : (
        <span />
      )}
    </Row>
  );
}

/** The room Loads: what the crew has planned, newest first. */
export function PlanList({ first }: { first: PlanPage }) {
  const { viewer } = useMember();
  const router = useRouter();
  const list = usePlanList(first);
  const now = useNow();
  const [error, setError] = useState<string | null>(null);
  const [deleted, setDeleted] = useState<PlanSummary | null>(null);
  const open = (id: string): void => router.push(`/loads/${id}`);
  const files = useImport('POST /plans', open, setError);
  const search = useRef<HTMLInputElement>(null);
  useKeys({ '/': () => search.current?.focus() });
  const remove = async (plan: PlanSummary): Promise<void> => {
    const answer = await call('DELETE /plans/{id}', { params: { id: plan.id } });
    if (!answer.ok) return setError(messageOf(answer.problem));
    list.drop(plan.id);
    setDeleted(plan);
  };
  const restore = async (plan: PlanSummary): Promise<void> => {
    const answer = await call('POST /plans/{id}/restore', { params: { id: plan.id } });
    if (!answer.ok) return setError(messageOf(answer.problem));
    setDeleted(null);
    list.reload();
  };
  return (
    <Page>
      <Head>
        <Grow>
          <Label>{viewer.crewName}</Label>
          <h1>Loads</h1>
        </Grow>
        {viewer.canWrite ? (
          <>
            <ButtonLink as={Link} $kind="primary" href="/loads/new" prefetch={false}>
              Plan a load
            </ButtonLink>
            <ButtonLink as={Link} href="/loads/kept" prefetch={false}>
              Decks and loads kept
            </ButtonLink>
            <Button onPress={files.ask}>Import</Button>
            {files.control}
          </>
        ) : null}
      </Head>
      <Find>
        <TextField
          label="Find a load"
          type="search"
          boxRef={search}
          value={list.search}
          onChange={list.setSearch}
        />
        <Select
          label="Order"
          value={list.sort}
          onChange={list.setSort}
          choices={[
            { id: 'changed', name: 'last changed first' },
            { id: 'title', name: 'by name' },
          ]}
        />
      </Find>
      {(error ?? list.error) ? <ErrorText role="alert">{error ?? list.error}</ErrorText> : null}
      {deleted ? (
        <UndoBar onUndo={() => void restore(deleted)}>“{deleted.title}” is deleted.</UndoBar>
      ) : null}
      <ul aria-label="Plans">
        {list.page.plans.map((p) => (
          <PlanRow
            key={p.id}
            plan={p}
            now={now}
            canDelete={viewer.canDelete}
            onDelete={() => void remove(p)}
          />
        ))}
      </ul>
      {list.page.plans.length === 0 ? (
        <Spaced as="p" $top={24} $bottom={24}>
          {list.search
            ? `No load is called “${list.search}”.`
            : 'Nothing planned yet. Plan a load: what it is, what it weighs, what it stands on.'}
        </Spaced>
      ) : null}
      {list.page.next ? (
        <Spaced as="p" $top={16}>
          <Button onPress={list.more}>
            Show more<Hidden> plans</Hidden>
          </Button>
        </Spaced>
      ) : null}
    </Page>
  );
}
