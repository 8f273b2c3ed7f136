'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Asked } from '@/server/drills/question';
import type { Counts } from '@/server/drills/today';
import { wordAgain } from '@/wording/drill-words';
import { call } from '../api';
import { ButtonLink } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { Small } from '../kit/text';
import { type DrillKinds, DrillRoom } from './DrillRoom';
import { QuestionView } from './QuestionView';

/** A sitting of chosen length: what is due, then something new. Every answer is kept. */
export function Session({
  asked,
  counts,
  kinds,
  done,
  of,
}: {
  asked: Asked | null;
  counts: Counts;
  kinds: DrillKinds;
  /** How many of the sitting are answered, and how many it has. */
  done: number;
  of: number;
}) {
  const router = useRouter();
  const [again, setAgain] = useState<string | null>(null);
  const over = done >= of || asked === null;
  return (
    <DrillRoom
      current="today"
      kinds={kinds}
      title={over ? 'Done' : asked.title}
      says="Every answer is kept: what you know is asked less and less often."
    >
      {over ? (
        <>
          <p>
            {counts.answeredToday === 1
              ? 'One question answered today.'
              : `${counts.answeredToday} questions answered today.`}{' '}
            {counts.due + counts.fresh === 0
              ? 'There is nothing more for today.'
              : `${counts.due} more are due, ${counts.fresh} new ones may follow.`}
          </p>
          <Cluster>
            <ButtonLink $kind="primary" href="/drills">
              To today
            </ButtonLink>
          </Cluster>
        </>
      ) : (
        <>
          <Small>
            Question {done + 1} of {of}
          </Small>
          <QuestionView
            asked={asked}
            send={async (given, tookMs) => {
              const answer = await call('POST /drills/reviews', {
                body: { answer: given, tookMs },
              });
              if (!answer.ok) return answer;
              const { dueAt } = answer.value;
              setAgain(dueAt && wordAgain(dueAt, new Date()));
              return { ...answer, value: answer.value.marked };
            }}
            next={() => router.push(`/drills/today?of=${of}&done=${done + 1}`)}
            nextWords={done + 1 < of ? 'Next question' : 'Done'}
            aside={again ? <Small>Asked again {again}.</Small> : null}
          />
        </>
      )}
    </DrillRoom>
  );
}
