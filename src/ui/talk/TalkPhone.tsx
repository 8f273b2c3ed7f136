'use client';
import { useCallback, useEffect, useState } from 'react';
import { call, messageOf } from '../api';
import { AnyQuestion } from '../drills/AnyQuestion';
import type { Given } from '../drills/question';
import { UnitsProvider } from '../frame/MemberContext';
import { Stack } from '../kit/layout';
import { ErrorText, Small } from '../kit/text';
import type { AnswerOf } from '../routes';
import { JoinTalk, PhonePage } from './JoinTalk';
import { useNews } from '../useNews';

type Seen = AnswerOf<'GET /talk'>;

/** The question on the phone, and what is said to one's own answer once it is shown. */
function PhoneQuestion({ seen, onSeen }: { seen: Seen; onSeen: (seen: Seen) => void }) {
  const [sending, setSending] = useState(false);
  const [error, setError] = useState<string | null>(null);
  const { asked, marked, item } = seen;
  if (!asked || item === null) return null;
  const give = async (answer: Given): Promise<void> => {
    setSending(true);
    const said = await call('POST /talk/answers', { body: { item, answer } });
    setSending(false);
    setError(said.ok ? null : messageOf(said.problem));
    if (said.ok) onSeen(said.value);
  };
  const common = {
    error,
    sending,
    give: (given: Given) => void give(given),
    onProblem: setError,
  };
  return (
    <>
      <AnyQuestion asked={asked} marked={marked} {...common} />
      {error && asked.ask !== 'reckon' ? <ErrorText role="alert">{error}</ErrorText> : null}
    </>
  );
}

/** What one is told while there is nothing to do. */
function wordsOf({ at, answered, marked }: Seen): string | null {
  if (at === 'gathering') return 'You are in. The first question comes here by itself.';
  if (at === 'over') return 'The talk is over. Thank you.';
  if (at === 'asked' && answered) return 'Your answer is in. Look at the big screen.';
  if (at === 'shown' && !marked) return 'You gave no answer to this one. Look at the big screen.';
  return null;
}

/** A talk on a phone: joined once, it always comes back to where the talk is. */
export function TalkPhone() {
  const [seen, setSeen] = useState<Seen | 'looking' | 'outside'>('looking');
  const [away, setAway] = useState(false);
  const look = useCallback(async (): Promise<void> => {
    const answer = await call('GET /talk');
    setAway(!answer.ok && answer.problem.status !== 401);
    if (answer.ok) setSeen(answer.value);
    else if (answer.problem.status === 401) setSeen('outside');
  }, []);
  useEffect(() => {
    void look();
  }, [look]);
  const inside = typeof seen === 'object' && seen.at !== 'over';
  useNews(inside ? '/api/v1/talk/news' : null, () => void look());
  if (seen === 'looking') return <PhonePage title="Toolbox talk" />;
  if (seen === 'outside') return <JoinTalk onJoined={setSeen} />;
  const words = wordsOf(seen);
  return (
    <UnitsProvider system={seen.units}>
      <PhonePage
        title={seen.asked?.title ?? 'Toolbox talk'}
        over={seen.item === null ? seen.name : `${seen.item + 1} of ${seen.of} · ${seen.name}`}
      >
        <Stack $gap={12} data-at={seen.at}>
          {words === null ? (
            <PhoneQuestion key={seen.item} seen={seen} onSeen={setSeen} />
          ) : (
            <p role="status">
              <b>{words}</b>
            </p>
          )}
          {away ? (
            <Small role="status">
              The server does not answer just now. It is asked again by itself; stay on this page.
            </Small>
          ) : null}
        </Stack>
      </PhonePage>
    </UnitsProvider>
  );
}
