import { listen, tell } from '@/db/news';
import { type Database, pool } from '@/db/pool';
import type { Member } from '@/db/queries/members';
import { looking } from '@/db/queries/streams';
import { refuse } from './problem';
import { Slots } from './slots';

const RETRY_MS = 1000;
/** Something is said so often, so that a connection nobody is at the other end of is noticed. */
const BEAT_MS = 20_000;
/** A stream ends after a quarter of an hour; whoever still listens connects again by itself. */
const LIFE_MS = 15 * 60_000;

const [MOST_OF_ONE, MOST_STREAMS] = [4, 1000];
const slots = new Slots('news', { ofOne: MOST_OF_ONE, inAll: MOST_STREAMS }, () =>
  refuse(429, 'too-many-streams', { most: MOST_OF_ONE }),
);

/** What of a crew is looked at together. */
type LiveKind = 'plan' | 'deck';

/** The topic that tells of a plan or a deck: it was saved, what it uses changed, or somebody came or went. */
export const liveTopic = (kind: LiveKind, id: string): string => `${kind}:${id}`;

/** News of a topic as server-sent events: one at once, one whenever it changes. `over` is called when it is. */
function newsStream(
  topic: string,
  over: () => void,
  signal: AbortSignal,
): ReadableStream<Uint8Array> {
  const encode = new TextEncoder();
  let stop: () => void = () => undefined;
  return new ReadableStream<Uint8Array>({
    start(controller) {
      const say = (text: string): void => controller.enqueue(encode.encode(text));
      const hearing = listen(topic, () => say('data: news\n\n'));
      const beat = setInterval(() => say(': still here\n\n'), BEAT_MS);
      const life = setTimeout(() => end(), LIFE_MS);
      let ended = false;
      stop = (): void => {
        ended = true;
        hearing();
        over();
        clearInterval(beat);
        clearTimeout(life);
      };
      const end = (): void => {
        if (ended) return;
        stop();
        controller.close();
      };
      if (signal.aborted) return end();
      signal.addEventListener('abort', end, { once: true });
      say(`retry: ${RETRY_MS}\n\ndata: news\n\n`);
    },
    cancel: () => stop(),
  });
}

const HEADERS = {
  'content-type': 'text/event-stream',
  'cache-control': 'no-store, no-transform',
  'x-accel-buffering': 'no',
};

/** The response that such a stream is. `who` listens; `signal`: ends when they go. @throws Refusal when they listen too often already */
export async function newsResponse(
  topic: string,
  who: string,
  signal: AbortSignal,
): Promise<Response> {
  const giveBack = await slots.take(who);
  return new Response(
    newsStream(topic, () => void giveBack(), signal),
    { headers: HEADERS },
  );
}

/** The same for somebody who looks at a plan or a deck: others see that they are there. @throws Refusal */
export async function lookingResponse(
  topic: string,
  { id, crewId }: Member,
  signal: AbortSignal,
): Promise<Response> {
  const giveBack = await slots.take(id, { topic, crewId, memberId: id });
  const left = async (): Promise<void> => {
    await giveBack();
    await tell(pool(), topic).catch(() => undefined);
  };
  await tell(pool(), topic);
  return new Response(
    newsStream(topic, () => void left(), signal),
    { headers: HEADERS },
  );
}

/** Who else of a crew looks at a plan or a deck now. */
export const othersAt = async (
  db: Database,
  kind: LiveKind,
  id: string,
  { id: me, crewId }: Member,
): Promise<{ readonly id: string; readonly name: string }[]> =>
  (await looking(db, liveTopic(kind, id), crewId)).filter((m) => m.id !== me);

/** What a stream would be like, without one. */
export const newsHead = (): Response => new Response(null, { headers: HEADERS });
