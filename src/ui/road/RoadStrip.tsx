'use client';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import type { Plan } from '@/core/securement/plan';
import { countedOnLess, foundOnLines, OFTEN_SLACK } from '@/core/securement/road/found';
import { minutesLeft } from '@/core/securement/road/minutes';
import { wordClock, wordFound } from '@/wording/road';
import { call } from '../api';
import { useMember } from '../frame/MemberContext';
import { Button, ButtonLink } from '../kit/Button';
import type { AnswerOf } from '../routes';
import { useNow } from '../useNow';

const Strip = styled.section<{ $late: boolean }>`
  display: grid;
  gap: 4px;
  padding: 10px 0;
  border-bottom: var(--w-rule) solid var(--ink);
  ${({ $late }) => $late && 'border-left: 6px solid var(--signal); padding-left: 10px;'}
`;
const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  & > :first-child {
    flex: 1 1 220px;
  }
`;

/** On the plan: when its lines are to be looked at next, and what checks have found on them. */
export function RoadStrip({
  planId,
  plan,
  onEdit,
}: {
  planId: string;
  plan: Plan;
  /** Null: it can only be looked at. */
  onEdit: ((change: (plan: Plan) => Plan) => void) | null;
}) {
  const { viewer } = useMember();
  const now = useNow();
  const [road, setRoad] = useState<AnswerOf<'GET /plans/{id}/checks'> | null>(null);
  useEffect(() => {
    let gone = false;
    void call('GET /plans/{id}/checks', { params: { id: planId } }).then((answer) => {
      if (!gone && answer.ok) setRoad(answer.value);
    });
    return () => {
      gone = true;
    };
    // Other rules, other intervals: it is asked again once they are kept.
  }, [planId, plan.ruleSet]);
  if (road === null || now === null || road.clock.state === 'not-driven') return null;
  const { clock } = road;
  const late = clock.state === 'on-the-road' && minutesLeft(clock.dueAt, now) < 0;
  const found = foundOnLines(plan, road.checks);
  return (
    <Strip aria-label="On the road" data-road={clock.state} data-late={late} $late={late}>
      <Row>
        <span>{wordClock(clock, now, viewer.units)}</span>
        <ButtonLink as={Link} $kind="quiet" href={`/loads/${planId}/check`} prefetch={false}>
          {clock.state === 'on-the-road' ? 'Check now' : 'Check the lines'}
        </ButtonLink>
      </Row>
      {found.map((f) => (
        <Row key={f.lineId}>
          <span>{wordFound(f)}</span>
          {onEdit && f.slackTimes >= OFTEN_SLACK ? (
            <Button
              $kind="quiet"
              onPress={() => onEdit((p) => countedOnLess(p, f.lineId))}
              aria-label={`Count on less of ${f.name}`}
            >
              Count on less
            </Button>
          ) : null}
        </Row>
      ))}
    </Strip>
  );
}
