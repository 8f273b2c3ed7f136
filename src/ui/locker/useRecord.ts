'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { ToRecord } from '@/core/gear/events';
import { wordHappening } from '@/wording/gear';
import { messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import { isKept, useOutbox } from '../outbox/OutboxContext';
import type { LockerItem } from './useLockerList';

/** Adds a line to a thing's history and shows what it did; without an answer it stays on the device. */
export function useRecord({ id, document }: LockerItem, done: () => void) {
  const { units } = useMember();
  const outbox = useOutbox();
  const router = useRouter();
  const [error, setError] = useState<string | null>(null);
  /** The last entry of a history that moved on while this was being looked at. */
  const [moved, setMoved] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const record = async (body: ToRecord): Promise<void> => {
    setBusy(true);
    const what = body.kind === 'corrected' ? 'a correction' : wordHappening(body, units);
    const words = `${document.code}: ${what}`;
    const answer = await outbox.record('POST /gear/{id}/history', { params: { id }, body }, words);
    setBusy(false);
    if (isKept(answer)) return done();
    if (!answer.ok) {
      const since = answer.problem.issues.find((i) => i.code === 'history-moved');
      setMoved(since ? String(since.values?.['last']) : null);
      return setError(messageOf(answer.problem));
    }
    done();
    router.refresh();
  };
  return { error, moved, busy, record };
}
