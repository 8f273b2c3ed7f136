'use client';
import { useRouter } from 'next/navigation';
import type { Asked } from '@/server/drills/question';
import { call } from '../api';
import { type DrillKinds, DrillRoom } from './DrillRoom';
import { QuestionView } from './QuestionView';

/** Questions of one manner, one after the other, as many as somebody likes; nothing is kept. */
export function Practice({
  asked,
  next,
  kinds,
}: {
  asked: Asked;
  next: number;
  kinds: DrillKinds;
}) {
  const router = useRouter();
  const of = asked.ask === 'reckon' ? `ask=reckon&kind=${asked.kind}` : `ask=${asked.ask}`;
  const go = (): void => router.push(`/drills/practice?${of}&n=${next}`);
  return (
    <DrillRoom
      current={asked.ask === 'reckon' ? asked.kind : asked.ask}
      kinds={kinds}
      title={asked.title}
      says="Practice: nothing is kept. Figures are right within one part in a hundred."
    >
      <QuestionView
        asked={asked}
        send={(given) => call('POST /drills/marks', { body: given })}
        next={go}
        nextWords="Next question"
        skip={go}
      />
    </DrillRoom>
  );
}
