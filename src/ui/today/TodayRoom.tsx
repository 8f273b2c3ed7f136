'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { Due } from '@/core/today/due';
import type { DueToday } from '@/server/today';
import { DUE_KINDS, dueHref, dueTitle, dueWhen, nowWords } from '@/wording/today';
import { call, messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { Select } from '../kit/Select';
import { ErrorText, Hidden, Label, Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import { VerdictMark } from '../kit/VerdictMark';
import { KeepOffline } from '../offline/KeepOffline';
import { useNow } from '../useNow';

const Page = styled.div`
  padding: 16px 24px 24px;
  max-width: 760px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;
const Head = styled.header`
  display: flex;
  align-items: end;
  justify-content: space-between;
  gap: 12px;
  padding-bottom: 12px;
`;
/** One rope down the page: what is due hangs on it. */
const Rope = styled.div`
  position: relative;
  padding-left: 44px;
  &::before {
    content: '';
    position: absolute;
    left: 10px;
    top: 0;
    bottom: 0;
    width: 14px;
    border: 1.5px solid var(--rope-ink);
    border-radius: 2px;
    background: repeating-linear-gradient(
      28deg,
      var(--rope-ink) 0 1px,
      var(--rope) 1px 3px,
      var(--rope-lit) 3px 5px,
      var(--rope) 5px 7px
    );
  }
`;
const Part = styled.section`
  padding: 10px 0;
  & > h2 {
    font: 640 14px/1.2 var(--font-figure);
    color: var(--ink-2);
  }
  & > ul {
    list-style: none;
    padding: 0;
    display: grid;
    gap: 8px;
  }
`;
const Hung = styled.li`
  position: relative;
  &::before {
    content: '';
    position: absolute;
    left: -26px;
    top: 32px;
    width: 30px;
    border-top: 2px solid var(--ink);
  }
`;
/** A tag: large enough for a glove, its hole where the string goes through. */
const Tag = styled(Link)<{ $late: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 12px;
  min-height: 64px;
  padding: 8px 14px 8px 26px;
  background: var(--sheet);
  border: ${({ $late }) => ($late ? '2px solid var(--signal)' : 'var(--w-hair) solid var(--line)')};
  border-left-width: ${({ $late }) => ($late ? '8px' : '2px')};
  text-decoration: none;
  & > b {
    font: 680 18px/1.2 var(--font-figure);
    overflow-wrap: anywhere;
  }
  & > time {
    font: 640 16px/1.3 var(--font-figure);
    font-variant-numeric: tabular-nums;
    text-align: right;
  }
`;
const Now = styled.p`
  position: relative;
  margin: 4px 0 4px -44px;
  padding: 6px 0 6px 44px;
  border-top: var(--w-strong) solid var(--ink);
  font: 720 16px/1.2 var(--font-figure);
`;
const Leaving = styled.section`
  margin-top: 22px;
  padding-top: 12px;
  border-top: var(--w-rule) solid var(--ink);
  display: grid;
  gap: 10px;
`;

function HungTag({ due, late, now }: { due: Due; late: boolean; now: Date | null }) {
  return (
    <Hung>
      <Tag href={dueHref(due)} prefetch={false} $late={late}>
        <Label>{late && due.kind === 'lapse' ? 'Sign-off has lapsed' : DUE_KINDS[due.kind]}</Label>
        <time dateTime={due.at ?? undefined}>{now ? dueWhen(due, now) : ''}</time>
        <b>{dueTitle(due)}</b>
        {due.kind === 'going-out' ? <VerdictMark verdict={due.verdict} /> : null}
      </Tag>
    </Hung>
  );
}

function Hanging({
  title,
  dues,
  late,
  now,
}: {
  title: string;
  dues: readonly Due[];
  late: boolean;
  now: Date | null;
}) {
  if (dues.length === 0) return null;
  return (
    <Part aria-label={title}>
      <h2>{title}</h2>
      <ul>
        {dues.map((due) => (
          <HungTag key={JSON.stringify(due)} due={due} late={late} now={now} />
        ))}
      </ul>
    </Part>
  );
}

/** Hangs a load on the rope, at the hour it goes out. */
function GoesOut({ plans }: { plans: readonly { readonly id: string; readonly title: string }[] }) {
  const router = useRouter();
  const [planId, setPlanId] = useState(plans[0]!.id);
  const [at, setAt] = useState('');
  const [error, setError] = useState<string | null>(null);
  const note = async (iso: string | null): Promise<void> => {
    const answer = await call('PUT /plans/{id}/going-out', {
      params: { id: planId },
      body: { at: iso },
    });
    setError(answer.ok ? null : messageOf(answer.problem));
    if (answer.ok) router.refresh();
  };
  const time = at === '' ? null : new Date(at);
  return (
    <Leaving aria-label="A load goes out">
      <h2>A load goes out</h2>
      <Cluster $gap={12}>
        <Select
          label="Load"
          value={planId}
          choices={plans.map((p) => ({ id: p.id, name: p.title }))}
          onChange={setPlanId}
        />
        <TextField label="When" type="datetime-local" value={at} onChange={setAt} />
      </Cluster>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <Cluster>
        <Button
          $kind="primary"
          isDisabled={time === null || Number.isNaN(time.getTime())}
          onPress={() => time && void note(time.toISOString())}
        >
          Hang it on the rope
        </Button>
        <Button $kind="quiet" onPress={() => void note(null)}>
          It stays<Hidden>: it does not go out</Hidden>
        </Button>
      </Cluster>
    </Leaving>
  );
}

/** What is due now, down one rope: what should be done already above the line of now. */
export function TodayRoom({
  today: { overdue, soon, later },
  keep,
  plans,
}: {
  today: DueToday;
  /** Addresses that the device keeps for a day without a network. */
  keep: readonly string[];
  plans: readonly { readonly id: string; readonly title: string }[];
}) {
  const { viewer } = useMember();
  const now = useNow();
  const nothing = overdue.length + soon.length + later.length === 0;
  return (
    <Page>
      <KeepOffline memberId={viewer.id} pages={keep} />
      <Head>
        <div>
          <Label>{viewer.crewName}</Label>
          <h1>Today</h1>
        </div>
        {viewer.canWrite ? (
          <ButtonLink as={Link} $kind="primary" href="/loads/new" prefetch={false}>
            Plan a load
          </ButtonLink>
        ) : null}
      </Head>
      <Rope>
        <Hanging title="Should be done already" dues={overdue} late now={now} />
        <Now role="status" aria-label="Now">
          {now ? nowWords(now) : 'now'}
        </Now>
        <Hanging title="Within a day" dues={soon} late={false} now={now} />
        <Hanging title="In the coming days" dues={later} late={false} now={now} />
        {nothing ? (
          <Part>
            <p>Nothing is due. Plan a load, or say below when one goes out.</p>
          </Part>
        ) : null}
      </Rope>
      {viewer.canWrite && plans.length > 0 ? <GoesOut plans={plans} /> : null}
      {plans.length === 0 ? (
        <Small>
          <Link href="/loads">Plan a first load</Link>
        </Small>
      ) : null}
    </Page>
  );
}
