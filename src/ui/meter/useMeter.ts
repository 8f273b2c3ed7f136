'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { EMPTY_LOG, LineCutter, type MeterLog, withLines } from '@/core/meter/log';

/** Where lines come from: the product's stand-in, or a cell at a serial port. */
export type MeterSource =
  { readonly kind: 'stand-in'; readonly query: string } | { readonly kind: 'serial' };

/** How the connection is: nothing asked for, on its way, reading, or lost and being sought again. */
export type MeterLink = 'off' | 'connecting' | 'live' | 'lost';

export interface Meter {
  readonly link: MeterLink;
  readonly log: MeterLog;
  /** What went wrong with the connection itself, in words. */
  readonly trouble: string | null;
  readonly connect: (source: MeterSource) => void;
  readonly stop: () => void;
}

/** Without a line for so long the connection counts as lost, whatever it says of itself. */
const SILENCE_MS = 2000;
/** Lines are gathered and shown some times a second; a figure that changes more often cannot be read. */
const SHOWN_EVERY_MS = 200;
const BAUD = 115_200;

/** The part of the Web Serial interface that is used; browsers without it have none of it. */
interface SerialPort {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readonly readable: ReadableStream<Uint8Array> | null;
}
interface Serial {
  requestPort(): Promise<SerialPort>;
}
export const serialOf = (): Serial | null =>
  (navigator as unknown as { serial?: Serial }).serial ?? null;

type Feed = (lines: readonly string[]) => void;
type Say = (link: MeterLink, trouble?: string) => void;

/** Reads the stand-in; the browser connects again by itself when the connection breaks. @returns how to stop. */
function readStandIn(query: string, feed: Feed, say: Say): () => void {
  const events = new EventSource(`/api/v1/meter?${query}`);
  events.onopen = () => say('live');
  events.onmessage = (event: MessageEvent<string>) => feed([event.data]);
  events.onerror = () =>
    say(
      'lost',
      events.readyState === EventSource.CLOSED ? 'The meter does not answer.' : undefined,
    );
  return () => events.close();
}

/** Reads a cell at a serial port that the person chooses. @returns how to stop. */
function readSerial(feed: Feed, say: Say): () => void {
  let stopped = false;
  let port: SerialPort | null = null;
  let reader: ReadableStreamDefaultReader<Uint8Array> | null = null;
  const work = async (): Promise<void> => {
    port = await serialOf()!.requestPort();
    await port.open({ baudRate: BAUD });
    if (!port.readable) throw new Error('nothing to read');
    const cutter = new LineCutter();
    const decoder = new TextDecoder();
    reader = port.readable.getReader();
    say('live');
    for (let part = await reader.read(); !part.done && !stopped; part = await reader.read())
      feed(cutter.push(decoder.decode(part.value, { stream: true })));
    if (!stopped)
      say('lost', 'The cell was unplugged or switched off. Plug it in and connect again.');
  };
  work().catch((error: unknown) => {
    if (!stopped)
      say(
        'lost',
        error instanceof DOMException && error.name === 'NotFoundError'
          ? 'No port was chosen.'
          : 'The port cannot be read. Is another program using it?',
      );
  });
  return () => {
    stopped = true;
    void (reader?.cancel() ?? Promise.resolve())
      .catch(() => undefined)
      .then(() => port?.close())
      .catch(() => undefined);
  };
}

/** A load cell being read: its log, kept to a fixed size, and how the connection is. */
export function useMeter(): Meter {
  const [log, setLog] = useState<MeterLog>(EMPTY_LOG);
  const [state, setState] = useState<{ link: MeterLink; trouble: string | null }>({
    link: 'off',
    trouble: null,
  });
  const waiting = useRef<string[]>([]);
  const heard = useRef(0);
  const end = useRef<(() => void) | null>(null);
  const say = useCallback<Say>((link, trouble) => setState({ link, trouble: trouble ?? null }), []);
  const stop = useCallback(() => {
    end.current?.();
    end.current = null;
    say('off');
  }, [say]);
  const connect = useCallback(
    (source: MeterSource) => {
      end.current?.();
      waiting.current = [];
      heard.current = Date.now();
      setLog(EMPTY_LOG);
      say('connecting');
      const feed: Feed = (lines) => {
        waiting.current.push(...lines);
        heard.current = Date.now();
      };
      end.current =
        source.kind === 'serial' ? readSerial(feed, say) : readStandIn(source.query, feed, say);
    },
    [say],
  );
  useEffect(() => {
    const timer = setInterval(() => {
      const lines = waiting.current;
      waiting.current = [];
      if (lines.length > 0) setLog((l) => withLines(l, lines));
      if (end.current === null) return;
      const silent = Date.now() - heard.current > SILENCE_MS;
      setState((s) =>
        s.link === 'live' && silent
          ? { link: 'lost', trouble: null }
          : s.link === 'lost' && lines.length > 0
            ? { link: 'live', trouble: null }
            : s,
      );
    }, SHOWN_EVERY_MS);
    return () => {
      clearInterval(timer);
      end.current?.();
    };
  }, []);
  return { link: state.link, log, trouble: state.trouble, connect, stop };
}
