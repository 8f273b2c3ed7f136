import { listen } from '@/db/news';
import { refuse } from './problem';
import { Slots } from './slots';

const RETRY_MS = 1000;
/** Something is said so often, so that a connection nobody is at the other end of is noticed. */
const BEAT_MS = 20_000;
/** A stream ends after a quarter of an hour; whoever still listens connects again by itself. */
const LIFE_MS = 15 * 60_000;

const [MOST_OF_ONE, MOST_STREAMS] = [4, 1000];
const slots = new Slots({ ofOne: MOST_OF_ONE, inAll: MOST_STREAMS }, () =>
  refuse(429, 'too-many-streams', { most: MOST_OF_ONE }),
);

/**
 * News of a topic as server-sent events: one at once, one whenever it changes. `who` listens; `signal`: ends when they go.
 * @throws Refusal when they, or everybody, listen too often already
 */
function newsStream(topic: string, who: string, signal: AbortSignal): ReadableStream<Uint8Array> {
  const encode = new TextEncoder();
  const giveBack = slots.take(who);
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
        giveBack();
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

/** The response that such a stream is. */
export const newsResponse = (topic: string, who: string, signal: AbortSignal): Response =>
  new Response(newsStream(topic, who, signal), { headers: HEADERS });

/** What a stream would be like, without one. */
export const newsHead = (): Response => new Response(null, { headers: HEADERS });
