'use client';
import { type FormEvent, type ReactNode, useRef, useState } from 'react';
import type { Asked } from '@/server/drills/question';
import { type Answer, messageOf } from '../api';
import { Button } from '../kit/Button';
import { Cluster, Stack } from '../kit/layout';
import { ErrorText } from '../kit/text';
import { AnyQuestion } from './AnyQuestion';
import type { Given, Marked } from './question';

/** One question, whatever its manner: asked, answered once, marked, explained; then on to the next. */
export function QuestionView({
  asked,
  send,
  next,
  nextWords,
  aside,
  skip,
}: {
  asked: Asked;
  /** Has the answer marked. `tookMs`: since the question was shown. */
  send: (given: Given, tookMs: number) => Promise<Answer<Marked>>;
  next: () => void;
  nextWords: string;
  /** Said beside the button that goes on. */
  aside?: ReactNode;
  /** Another question instead of an answer. */
  skip?: () => void;
}) {
  const [marked, setMarked] = useState<Marked | null>(null);
  const [error, setError] = useState<string | null>(null);
  const [sending, setSending] = useState(false);
  const shownAt = useRef<number | null>(null);
  const give = async (given: Given): Promise<void> => {
    if (marked || sending) return;
    setSending(true);
    setError(null);
    const answer = await send(given, Math.round(performance.now() - (shownAt.current ?? 0)));
    setSending(false);
    if (answer.ok) setMarked(answer.value);
    else setError(messageOf(answer.problem));
  };
  const common = {
    error,
    sending,
    give: (given: Given) => void give(given),
    onProblem: setError,
  };
  const submit = (e: FormEvent): void => {
    e.preventDefault();
    if (marked) next();
  };
  return (
    <Stack
      $gap={16}
      as="form"
      onSubmit={submit}
      ref={() => {
        shownAt.current ??= performance.now();
      }}
    >
      <AnyQuestion asked={asked} marked={marked} {...common} />
      {error && asked.ask !== 'reckon' ? <ErrorText>{error}</ErrorText> : null}
      {marked ? (
        <Cluster>
          {/* Another button than the one before it: keys come to it when it appears. */}
          <Button key="on" $kind="primary" type="submit" autoFocus>
            {nextWords}
          </Button>
          {aside}
        </Cluster>
      ) : skip ? (
        <Cluster>
          <Button key="skip" $kind="quiet" onPress={skip}>
            Another one
          </Button>
        </Cluster>
      ) : null}
    </Stack>
  );
}
