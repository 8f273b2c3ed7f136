'use client';
import Link from 'next/link';
import type { CSSProperties } from 'react';
import styled from 'styled-components';
import type { Today } from '@/server/drills/today';
import type { AnswerOf } from '../routes';
import { GRADE_WORDS } from '@/wording/drill-words';
import { ButtonLink } from '../kit/Button';
import { Cluster, Stack } from '../kit/layout';
import { Small } from '../kit/text';
import { type DrillKinds, DrillRoom } from './DrillRoom';

type Kept = AnswerOf<'GET /drills/reviews'>['reviews'];

/** Lengths of a sitting: at a light, over coffee, in an evening. */
const LENGTHS = [5, 10, 20];
const [SHORT, USUAL] = LENGTHS;

const Answer = styled.p`
  font: 740 30px/1.15 var(--font-figure);
`;
const Days = styled.ol`
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 64px));
  gap: 8px;
  align-items: end;
  height: 118px;
  list-style: none;
  padding: 0;
  text-align: center;
  font: 600 14px/1.3 var(--font-figure);
  & i {
    display: block;
    background: var(--plate);
    height: calc(72px * var(--part));
    min-height: 2px;
  }
`;
const Lines = styled.ul`
  list-style: none;
  padding: 0;
  max-width: 640px;
  & > li {
    display: flex;
    justify-content: space-between;
    gap: 16px;
    padding: 7px 0;
    border-bottom: var(--w-hair) solid var(--line);
  }
`;
function Expected({ forecast, names }: { forecast: readonly number[]; names: readonly string[] }) {
  const most = Math.max(1, ...forecast);
  return (
    <div>
      <h3>What is coming</h3>
      <Small $block>Questions a day, if every day’s are answered.</Small>
      <Days aria-label="Questions to be expected">
        {forecast.map((n, i) => (
          <li key={names[i]}>
            {Math.round(n)}
            <i style={{ '--part': n / most } as CSSProperties} />
            {names[i]}
          </li>
        ))}
      </Days>
    </div>
  );
}

const ready = ({ due, fresh }: Today): string =>
  due + fresh === 0
    ? 'Nothing more for today.'
    : [due > 0 ? `${due} due` : '', fresh > 0 ? `${fresh} new` : ''].filter(Boolean).join(', ');

/** What there is to be asked today, what is coming, what keeps slipping, and the last answers. */
export function TodayRoom({
  today,
  last,
  days,
  kinds,
}: {
  today: Today;
  last: Kept;
  days: readonly string[];
  kinds: DrillKinds;
}) {
  const some = today.due + today.fresh;
  return (
    <DrillRoom
      current="today"
      kinds={kinds}
      title="Today"
      says="What you know is asked less and less often; what slips comes back."
    >
      <Stack $gap={22}>
        <div>
          <Answer>{ready(today)}</Answer>
          <Small $block>
            {today.answeredToday} answered today. {today.begun} of {today.of} begun.
          </Small>
        </div>
        {some > 0 ? (
          <Cluster>
            {LENGTHS.filter((n) => n <= some || n === SHORT).map((n) => (
              <ButtonLink
                key={n}
                href={`/drills/today?of=${Math.min(n, Math.max(some, 1))}`}
                {...(n === (some >= USUAL! ? USUAL : SHORT) ? { $kind: 'primary' as const } : {})}
              >
                {Math.min(n, some) === 1 ? 'One question' : `${Math.min(n, some)} questions`}
              </ButtonLink>
            ))}
          </Cluster>
        ) : null}
        {today.leeches.length > 0 ? (
          <div>
            <h3>What keeps slipping</h3>
            <Small $block>Asking alone does not teach it. Have it shown, or tie it slowly.</Small>
            <Lines aria-label="What keeps slipping">
              {today.leeches.map((l) => (
                <li key={l.drill}>
                  <Link href={l.href} prefetch={false}>
                    {l.title}
                  </Link>
                  <span>forgotten {l.lapses} times</span>
                </li>
              ))}
            </Lines>
          </div>
        ) : null}
        <Expected forecast={today.forecast} names={days} />
        {last.length > 0 ? (
          <div>
            <h3>Last answers</h3>
            <Lines aria-label="Last answers">
              {last.map((r) => (
                <li key={r.id}>
                  <span>{r.title}</span>
                  <span>{GRADE_WORDS[r.grade]}</span>
                </li>
              ))}
            </Lines>
          </div>
        ) : null}
      </Stack>
    </DrillRoom>
  );
}
