'use client';
import { useRouter } from 'next/navigation';
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
} from 'react';
import { UNIT_CHOICES, type UnitChoice } from '@/core/units';
import { type Answer, post } from '../api';
import { addressOf, type AnswerOf, type Asked, type AskOf } from '../routes';
import { attachedBody, detached, dropPhotos } from './attachments';
import { Outbox, type OutboxEntry } from './outbox';

const STORE = 'outbox';
const LOCK = 'outbox';
const AGAIN_MS = 8000;

function read(): readonly OutboxEntry[] {
  try {
    const kept: unknown = JSON.parse(window.localStorage.getItem(STORE) ?? '[]');
    return Array.isArray(kept) ? (kept as OutboxEntry[]) : [];
  } catch {
    return [];
  }
}

/** One page of the device sends at a time, where the browser can say so; where it cannot, keys keep it from being done twice. */
const alone = <T,>(work: () => Promise<T>): Promise<T> =>
  navigator.locks ? navigator.locks.request(LOCK, work) : work();

/** Browsers make keys themselves, but not on pages that came without https from another machine. */
export const fetchKeyMaker = (): Promise<() => string> =>
  'randomUUID' in crypto
    ? Promise.resolve(() => crypto.randomUUID())
    : import('uuid').then((m) => m.v4);

/** What is recorded, and done once. */
type Recorded =
  | 'POST /gear'
  | 'POST /gear/cuts'
  | 'POST /gear/{id}/history'
  | 'POST /plans/{id}/checks'
  | 'POST /log'
  | 'POST /drills/ties';

interface OutboxState {
  /** Units that records are shown in. */
  readonly units: UnitChoice;
  /** What waits on this device, or was not taken. */
  readonly entries: readonly OutboxEntry[];
  /** Records something: kept on the device until it is acknowledged, done once. `words`: what it is. */
  readonly record: <R extends Recorded>(
    route: R,
    asked: AskOf<R>,
    words: string,
  ) => Promise<Answer<AnswerOf<R>>>;
  readonly flush: () => void;
  readonly discard: (key: string) => void;
}

const Context = createContext<OutboxState | null>(null);

/** What is recorded on these pages, until the server has it. */
export function OutboxProvider({
  memberId,
  system,
  children,
}: {
  memberId: string;
  system: 'metric' | 'us';
  children: ReactNode;
}) {
  const router = useRouter();
  const [entries, setEntries] = useState<readonly OutboxEntry[]>([]);
  const outbox = useMemo(
    () =>
      new Outbox(
        {
          read,
          write: (next) => {
            const before = read();
            window.localStorage.setItem(STORE, JSON.stringify(next));
            void dropPhotos(before, next);
          },
          send: async (entry) =>
            post(entry.path, await attachedBody(entry), { 'idempotency-key': entry.key }),
          alone,
        },
        memberId,
      ),
    [memberId],
  );
  const show = useCallback(() => setEntries(outbox.entries()), [outbox]);
  const flush = useCallback(async (): Promise<void> => {
    const answers = await outbox.flush();
    show();
    if ([...answers.values()].some((a) => a.ok)) router.refresh();
  }, [outbox, show, router]);
  useEffect(() => {
    show();
    void flush();
    const online = (): void => void flush();
    const elsewhere = (event: StorageEvent): void => {
      if (event.key === STORE) show();
    };
    window.addEventListener('online', online);
    window.addEventListener('storage', elsewhere);
    return () => {
      window.removeEventListener('online', online);
      window.removeEventListener('storage', elsewhere);
    };
  }, [flush, show]);
  const waits = entries.some((e) => e.refused === null);
  useEffect(() => {
    if (!waits) return;
    const timer = setInterval(() => void flush(), AGAIN_MS);
    return () => clearInterval(timer);
  }, [waits, flush]);
  const state = useMemo(
    (): OutboxState => ({
      units: UNIT_CHOICES[system],
      entries,
      record: async (route, asked, words) => {
        const { body, ...rest } = asked as Asked;
        const [, path] = addressOf(route, rest);
        const key = (await fetchKeyMaker())();
        const made = { key, path, body, words, madeAt: new Date().toISOString() };
        const entry = await detached(made);
        const answer = await outbox.record<AnswerOf<typeof route>>(entry);
        show();
        return answer;
      },
      flush: () => void flush(),
      discard: (key) => {
        outbox.discard(key);
        show();
      },
    }),
    [system, entries, outbox, show, flush],
  );
  return <Context.Provider value={state}>{children}</Context.Provider>;
}

/** What is recorded, and what waits. Throws outside a signed-in page. */
export function useOutbox(): OutboxState {
  const state = useContext(Context);
  if (!state) throw new Error('Broken invariant: no outbox here');
  return state;
}

/** Whether an answer says that the record stays on the device for now. */
export const isKept = (answer: Answer<unknown>): boolean =>
  !answer.ok && answer.problem.issues[0]?.code === 'kept-on-device';
