'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { Proposal } from '@/server/talk/leading';
import type { TalkRecord } from '@/db/queries/talk-records';
import { call, messageOf } from '../api';
import { type DrillKinds, DrillRoom } from '../drills/DrillRoom';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { Check } from '../kit/Check';
import { Cluster, Narrow, Stack } from '../kit/layout';
import { Select } from '../kit/Select';
import { ErrorText, Small } from '../kit/text';

const Lines = styled.ul`
  list-style: none;
  padding: 0;
  max-width: 760px;
  & > li {
    padding: 2px 0;
    border-bottom: var(--w-hair) solid var(--line);
  }
`;
const Item = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 300px);
  gap: 0 16px;
  align-items: center;
  @media (max-width: 820px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  gap: 12px;
`;
const Held = styled.li`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 4px 16px;
  align-items: center;
`;

const MINUTES = [5, 8, 10] as const;
const NO_PLAN = 'none';

/** What is asked in the next talk: proposed with its reason, taken or left. */
function Prepare({
  proposal,
  plans,
  plan,
  minutes,
}: {
  proposal: Proposal;
  plans: readonly { readonly id: string; readonly title: string }[];
  plan: string | null;
  minutes: number;
}) {
  const router = useRouter();
  const [left, setLeft] = useState<readonly string[]>([]);
  const [error, setError] = useState<string | null>(null);
  const drills = proposal.items.map((i) => i.drill).filter((d) => !left.includes(d));
  const ask = (of: { plan?: string | null; minutes?: number }): void => {
    const next = { plan, minutes, ...of };
    const forPlan = next.plan === null ? '' : `&plan=${next.plan}`;
    router.push(`/drills/talk?minutes=${next.minutes}${forPlan}`);
  };
  const begin = async (): Promise<void> => {
    const answer = await call('POST /talks', { body: { drills } });
    if (answer.ok) router.push(`/talk/${answer.value.id}`);
    else setError(messageOf(answer.problem));
  };
  return (
    <Stack $gap={12}>
      <Narrow $most={760}>
        <Two>
          <Select
            label="What is to be done next"
            value={plan ?? NO_PLAN}
            choices={[
              { id: NO_PLAN, name: 'No plan' },
              ...plans.map((p) => ({ id: p.id, name: p.title })),
            ]}
            onChange={(id) => ask({ plan: id === NO_PLAN ? null : id })}
          />
          <Select
            label="Time"
            value={String(minutes)}
            choices={MINUTES.map((m) => ({ id: String(m), name: `${m} minutes` }))}
            onChange={(m) => ask({ minutes: Number(m) })}
          />
        </Two>
      </Narrow>
      <Lines aria-label="Questions of the talk">
        {proposal.items.map((item) => (
          <Item key={item.drill}>
            <Check
              selected={!left.includes(item.drill)}
              onChange={(on) =>
                setLeft((l) => (on ? l.filter((d) => d !== item.drill) : [...l, item.drill]))
              }
            >
              {item.title}
            </Check>
            <Small>{item.why}</Small>
          </Item>
        ))}
      </Lines>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <Cluster>
        <Button $kind="primary" isDisabled={drills.length === 0} onPress={() => void begin()}>
          Begin on this screen
        </Button>
      </Cluster>
    </Stack>
  );
}

/** Toolbox talks: the next one is put together; those that were held are on record. */
export function TalkRoom({
  kinds,
  records,
  next,
  ...prepare
}: {
  kinds: DrillKinds;
  /** Null for who leads no talks. */
  proposal: Proposal | null;
  plans: readonly { readonly id: string; readonly title: string }[];
  plan: string | null;
  minutes: number;
  records: readonly TalkRecord[];
  /** Marker of the next page of records. */
  next: string | null;
}) {
  const { viewer } = useMember();
  const { proposal } = prepare;
  return (
    <DrillRoom
      current="talk"
      kinds={kinds}
      title="Toolbox talk"
      says="A few questions on one big screen, answered by everybody on their phones."
    >
      {proposal ? (
        <Prepare key={proposal.items.map((i) => i.drill).join()} {...prepare} proposal={proposal} />
      ) : (
        <p>An instructor or the lead of {viewer.crewName} holds it.</p>
      )}
      <p>
        <Link href="/talk" prefetch={false}>
          Take part in a talk
        </Link>{' '}
        by its code.
      </p>
      <h3>Held</h3>
      {records.length === 0 ? (
        <p>None yet. What is held and signed stands here, with who took part.</p>
      ) : (
        <Lines aria-label="Talks that were held">
          {records.map((r) => (
            <Held key={r.id}>
              <span>
                <b>{r.heldAt.slice(0, 10)}</b>, {r.signedBy}. Took part: {r.body.people.length}.
                Questions: {r.body.questions.length}.
              </span>
              <ButtonLink $kind="quiet" href={`/api/v1/talks/${r.id}/record.pdf`} download>
                Record, PDF
              </ButtonLink>
            </Held>
          ))}
        </Lines>
      )}
      <Cluster>
        {next ? (
          <Link href={`/drills/talk?after=${encodeURIComponent(next)}`}>Earlier ones</Link>
        ) : null}
        {records.length > 0 ? (
          <ButtonLink $kind="quiet" href="/api/v1/talks/export.csv" download>
            Who took part, CSV
          </ButtonLink>
        ) : null}
      </Cluster>
    </DrillRoom>
  );
}
