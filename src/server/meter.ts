import { z } from 'zod';
import { issuesOf } from '@/core/exchange/issues';
import { meterLine } from '@/core/meter/reading';
import { type MeterScene, READINGS_PER_S, sceneReading } from '@/core/meter/stand-in';
import { Refusal, refuse } from './problem';
import { Slots } from './slots';

/**
 * The stand-in for an in-line load cell: plays a scene as lines of the cell's protocol over server-sent events.
 * Nothing is stored; where a scene stands follows from when it began, so that a cut connection goes on where the
 * cell is by then, and what was read meanwhile is missing, as with a real one.
 */

/** What the stand-in may be asked to get wrong, for practice. */
export const METER_FAULTS = ['none', 'garbage', 'cut', 'over'] as const;

const number = (least: number, most: number) => z.coerce.number().min(least).max(most);
const querySchema = z.strictObject({
  hauledN: number(0, 1e6),
  keptN: number(0, 1e6),
  settling: number(0, 0.9).default(0.2),
  capacityN: number(10, 1e6).default(5000),
  seed: z.coerce
    .number()
    .int()
    .min(0)
    .max(2 ** 31)
    .default(1),
  /** When the scene began, milliseconds since 1970. */
  since: number(0, 1e14),
  fault: z.enum(METER_FAULTS).default('none'),
  /** How many times faster than life it runs: ten minutes in six seconds at 100. */
  pace: number(1, 100).default(1),
});
export type MeterQuery = z.infer<typeof querySchema>;
/** Names of what may be asked. */
export const METER_QUERY = Object.keys(querySchema.shape);

/** What of the stand-in is asked for, out of an address. @throws Refusal with the first thing that is wrong. */
export function meterQuery(search: URLSearchParams): MeterQuery {
  const parsed = querySchema.safeParse(Object.fromEntries(search));
  if (!parsed.success) throw new Refusal(422, issuesOf(parsed.error, querySchema));
  return parsed.data;
}

const MOST_STREAMS = 50;
const MOST_OF_ONE = 2;
/** A stream ends after a quarter of an hour; whoever still listens connects again by itself. */
const LIFE_MS = 15 * 60_000;
/** Readings after which a connection that is to be cut is cut. */
const CUT_AFTER = 50;
const EVERY_NTH_IS_GARBAGE = 7;
const RETRY_MS = 1000;

/** A line as a bad plug delivers it: some characters changed. */
const spoilt = (line: string, sequence: number): string =>
  [...line].map((c, i) => ((i * 31 + sequence) % 5 === 0 ? '#' : c)).join('');

const sceneOf = ({ hauledN, keptN, settling, capacityN, seed, fault }: MeterQuery): MeterScene => ({
  hauledN,
  keptN,
  settling,
  seed,
  capacityN: fault === 'over' ? Math.max(10, 0.8 * hauledN) : capacityN,
});

/** One reading as a server-sent event; its id is the sequence. */
export function meterEvent(query: MeterQuery, sequence: number): string {
  const line = meterLine(sceneReading(sceneOf(query), sequence));
  const sent =
    query.fault === 'garbage' && sequence % EVERY_NTH_IS_GARBAGE === 0
      ? spoilt(line, sequence)
      : line;
  return `id: ${sequence}\ndata: ${sent}\n\n`;
}

/** Streams of the meter. */
export const meterSlots = new Slots('meter', { ofOne: MOST_OF_ONE, inAll: MOST_STREAMS }, (why) =>
  why === 'own'
    ? refuse(429, 'meter-yours', { most: MOST_OF_ONE })
    : refuse(503, 'meter-busy', { most: MOST_STREAMS }),
);
/**
 * The stream of one listener. `over`: called when it ends; `signal`: ends when the listener goes, which may be before it began.
 */
export function meterStream(
  query: MeterQuery,
  over: () => void,
  signal: AbortSignal,
): ReadableStream<Uint8Array> {
  const began = Date.now();
  const at = (): number =>
    Math.floor(((Date.now() - query.since) * READINGS_PER_S * query.pace) / 1000);
  const encode = new TextEncoder();
  let timer: ReturnType<typeof setInterval> | undefined;
  let next = Math.max(0, at());
  const first = next;
  const stop = (): void => {
    clearInterval(timer);
    over();
  };
  return new ReadableStream<Uint8Array>(
    {
      start(controller) {
        let ended = false;
        const end = (): void => {
          if (ended) return;
          ended = true;
          stop();
          controller.close();
        };
        if (signal.aborted) return end();
        signal.addEventListener('abort', end, { once: true });
        controller.enqueue(encode.encode(`retry: ${RETRY_MS}\n\n`));
        timer = setInterval(() => {
          // A listener that does not read is not waited for: its readings are missed, and memory stays where it is.
          const upTo = at();
          let text = '';
          if ((controller.desiredSize ?? 0) > 0)
            for (; next <= upTo; next++) text += meterEvent(query, next);
          else next = upTo + 1;
          if (text) controller.enqueue(encode.encode(text));
          if (Date.now() - began > LIFE_MS || (query.fault === 'cut' && next - first > CUT_AFTER))
            end();
        }, 1000 / READINGS_PER_S);
      },
      cancel: stop,
    },
    new ByteLengthQueuingStrategy({ highWaterMark: 64 * 1024 }),
  );
}
