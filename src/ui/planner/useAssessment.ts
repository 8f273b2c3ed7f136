'use client';
import { startTransition, useEffect, useRef, useState } from 'react';
import type { Assessment } from '@/core/securement/assess';
import type { LockerWord } from '@/core/securement/locker-word';
import type { Plan } from '@/core/securement/plan';
import { inTurns } from '../inTurns';
import { keepingUnchanged } from './unchanged';

type Judge = (plan: Plan, locker: LockerWord) => Generator<void, Assessment>;

/** How soon a judge that could not be fetched is asked for again. */
const AGAIN_MS = 3000;

/** What judges a plan. It weighs more than the rest of the page, so it comes after the first picture. */
function useJudge(): { readonly judge: Judge | null; readonly failing: boolean } {
  const [judge, setJudge] = useState<Judge | null>(null);
  const [failing, setFailing] = useState(false);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let gone = false;
    const ask = (): void => {
      import('@/core/securement/assess').then(
        ({ assessing }) => {
          if (gone) return;
          setJudge(() => assessing);
          setFailing(false);
        },
        () => {
          if (gone) return;
          setFailing(true);
          timer = setTimeout(ask, AGAIN_MS);
        },
      );
    };
    ask();
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, []);
  return { judge, failing };
}

/** A plan as it was served, and what it came to there, in outline. */
export interface Served {
  readonly plan: Plan;
  readonly assessment: Assessment;
}

/** What a plan comes to. */
export interface Judged {
  /** The plan that `assessment` is of: the newest that was judged. */
  readonly drawn: Plan;
  readonly assessment: Assessment;
  /** Its figures can be opened; until the judge is there they come from the server, in outline. */
  readonly whole: boolean;
  /** The judge cannot be fetched: what is shown stays what was served, whatever is changed. */
  readonly failing: boolean;
}

/** What a plan comes to, where that is what it came to before as the same thing. */
function* judging(
  judge: Judge,
  plan: Plan,
  locker: LockerWord,
  before: Assessment,
): Generator<void, Assessment> {
  return yield* keepingUnchanged(before, yield* judge(plan, locker));
}

/** What a plan comes to while it is worked on: as served at first, then judged here as soon as typing leaves time. */
export function useAssessment(plan: Plan, locker: LockerWord, served: Served): Judged {
  const { judge, failing } = useJudge();
  const [judged, setJudged] = useState({
    drawn: served.plan,
    assessment: served.assessment,
    whole: false,
  });
  const last = useRef(served.assessment);
  const wanted = useRef<(() => void) | null>(null);
  const end = useRef<(() => void) | null>(null);
  useEffect(() => {
    if (judge === null) return;
    const begin = (): void => {
      wanted.current = null;
      end.current = inTurns(
        judging(judge, plan, locker, last.current),
        (assessment) => {
          end.current = null;
          last.current = assessment;
          startTransition(() => setJudged({ drawn: plan, assessment, whole: true }));
          wanted.current?.();
        },
        // What goes wrong here is the page's own error, as if it had gone wrong while drawing.
        (error) =>
          setJudged(() => {
            throw error;
          }),
      );
    };
    // What is being judged is judged to its end: else fast typing would keep every verdict from coming.
    if (end.current === null) begin();
    else wanted.current = begin;
  }, [judge, plan, locker]);
  useEffect(
    () => () => {
      end.current?.();
      end.current = null;
      wanted.current = null;
    },
    [],
  );
  return { ...judged, failing };
}
