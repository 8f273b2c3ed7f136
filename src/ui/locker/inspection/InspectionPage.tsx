'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import styled from 'styled-components';
import { wordItem } from '@/wording/gear';
import { RopeLength } from '../../diagrams/RopeLength';
import { useMember } from '../../frame/MemberContext';
import { Button } from '../../kit/Button';
import { Tag } from '../../kit/Tag';
import { Label, Small } from '../../kit/text';
import type { LockerItem } from '../useLockerList';
import type { HistoryEntry } from '@/core/gear/events';
import { AgedDraft } from './AgedDraft';
import { CheckStep } from './CheckStep';
import { OutcomeStep } from './OutcomeStep';
import { useInspection } from './useInspection';
import { Cluster, Grow } from '../../kit/layout';

const Page = styled.div`
  display: flex;
  flex-direction: column;
  gap: 14px;
  max-width: 720px;
  min-height: calc(100vh - 44px);
  padding: 14px 24px 20px;
  @media (max-width: 760px) {
    padding: 10px 14px 14px;
    min-height: calc(100vh - 132px);
  }
`;
const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  border-bottom: var(--w-strong) solid var(--ink);
  padding-bottom: 10px;
  & h1 {
    font-size: 18px;
    flex: 1 1 160px;
  }
`;
const Steps = styled.ol`
  display: flex;
  gap: 3px;
  & li {
    flex: 1;
  }
`;
const Dot = styled.i<{ $is: 'clear' | 'found' | 'open'; $now: boolean }>`
  display: block;
  height: 10px;
  border: 1.5px solid ${({ $is }) => ($is === 'found' ? 'var(--signal)' : 'var(--ink)')};
  background: ${({ $is }) => ({ clear: 'var(--plate)', found: 'var(--p-short)', open: 'none' })[$is]};
  ${({ $now }) => $now && 'outline:2.5px solid var(--ink);outline-offset:2px;'}
`;

/** The inspection walk-through: made for one hand, and for keys. */
export function InspectionPage({
  item,
  history,
}: {
  item: LockerItem;
  /** What is on its record as the page is opened. */
  history: readonly HistoryEntry[];
}) {
  const { units } = useMember();
  const router = useRouter();
  const state = useInspection(item, history.at(-1)?.id ?? null);
  const { document: gear, standing } = item;
  const { checks, check, draft } = state;
  const is = (id: string): 'clear' | 'found' | 'open' =>
    draft.found.some((f) => f.check === id)
      ? 'found'
      : draft.answered.includes(id)
        ? 'clear'
        : 'open';
  const places = draft.found.map((f) => f.atM).filter((m) => m !== null);
  const overview =
    standing.remainingM !== null ? (
      <RopeLength
        fullM={standing.remainingM}
        leftM={standing.remainingM}
        damagedAtM={places}
        units={units}
        rope={gear.item.kind === 'rope'}
        thickness={14}
        withRuler
      />
    ) : null;
  return (
    <Page>
      <Head>
        <Tag>{gear.code}</Tag>
        <h1>{wordItem(gear.item, units)}</h1>
        <Label aria-live="polite">
          {state.aged
            ? 'Begun before'
            : check
              ? `Check ${draft.at + 1} of ${checks.length}`
              : 'Outcome'}
        </Label>
      </Head>
      <Steps aria-hidden>
        {checks.map((c, i) => (
          <li key={c.id}>
            <Dot $is={is(c.id)} $now={i === draft.at} />
          </li>
        ))}
      </Steps>
      {state.aged ? (
        <AgedDraft
          draft={state.aged}
          history={history}
          onGoOn={state.goOn}
          onAgain={state.forget}
        />
      ) : check ? (
        <CheckStep key={check.id} check={check} item={item} state={state} overview={overview} />
      ) : (
        <>
          {overview}
          <OutcomeStep
            item={item}
            state={state}
            onRecorded={() => router.push(`/locker/${item.id}`)}
          />
        </>
      )}
      <Cluster as="footer">
        <Button
          $kind="quiet"
          isDisabled={draft.at === 0 || state.aged !== null}
          onPress={state.back}
        >
          Check before
        </Button>
        {check && draft.answered.includes(check.id) ? (
          <Button $kind="quiet" onPress={state.next}>
            Check after
          </Button>
        ) : null}
        <Grow as="span" />
        <Small>
          <Link href={`/locker/${item.id}`}>Leave; what you marked stays on this device</Link>
        </Small>
      </Cluster>
    </Page>
  );
}
