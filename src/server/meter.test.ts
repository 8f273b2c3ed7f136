import { afterEach, describe, expect, it, vi } from 'vitest';
import { EMPTY_LOG, withLines } from '@/core/meter/log';
import { readLine } from '@/core/meter/reading';
import { meterEvent, meterQuery, meterStream } from './meter';
import { Refusal } from './problem';

const asked = (extra: Record<string, string> = {}) =>
  meterQuery(new URLSearchParams({ hauledN: '900', keptN: '827', since: '0', ...extra }));
const dataOf = (events: string): string[] =>
  [...events.matchAll(/^data: (.*)$/gm)].map((m) => m[1]!);

describe('what is asked of the stand-in', () => {
  it('defaults, and refusals with the place', () => {
    expect(asked()).toMatchObject({ settling: 0.2, capacityN: 5000, fault: 'none', pace: 1 });
    for (const bad of [{ hauledN: 'x' }, { pace: '1000' }, { fault: 'fire' }, { keptN: '-1' }]) {
      try {
        asked(bad as unknown as Record<string, string>);
        expect.unreachable();
      } catch (e) {
        expect(e).toBeInstanceOf(Refusal);
        expect((e as Refusal).issues[0]!.path).toEqual([Object.keys(bad)[0]]);
      }
    }
    expect(() => meterQuery(new URLSearchParams())).toThrow(Refusal);
  });
  it('an event is an id and one line of the protocol', () => {
    expect(meterEvent(asked(), 40)).toMatch(/^id: 40\ndata: 40 4000 \d+\.\d ok [0-9a-f]{2}\n\n$/);
  });
  it('a bad plug damages every seventh line so that it is noticed; too small a cell says so', () => {
    const lines = Array.from(
      { length: 70 },
      (_, i) => dataOf(meterEvent(asked({ fault: 'garbage' }), i))[0]!,
    );
    expect(lines.filter((l) => typeof readLine(l) === 'string')).toHaveLength(10);
    expect(readLine(dataOf(meterEvent(asked({ fault: 'over' }), 45))[0]!)).toMatchObject({
      state: 'over',
      tensionN: 720,
    });
  });
});

describe('the stream', () => {
  const over = vi.fn();
  afterEach(() => over.mockClear());
  const read = async (stream: ReadableStream<Uint8Array>, forMs: number): Promise<string> => {
    const reader = stream.getReader();
    const decoder = new TextDecoder();
    let text = '';
    const began = Date.now();
    for (;;) {
      await vi.advanceTimersByTimeAsync(100);
      const part = await Promise.race([reader.read(), Promise.resolve(null)]);
      if (part?.done) return text;
      if (part?.value) text += decoder.decode(part.value);
      if (Date.now() - began >= forMs) {
        await reader.cancel();
        return text;
      }
    }
  };
  it('ten a second, with how soon to connect again; ends with its listener', async () => {
    vi.useFakeTimers({ now: 1_000_000 });
    const text = await read(
      meterStream(asked({ since: '1000000' }), over, new AbortController().signal),
      3000,
    );
    expect(text).toContain('retry: 1000');
    expect(dataOf(text).length).toBeGreaterThanOrEqual(28);
    expect(dataOf(text).length).toBeLessThanOrEqual(32);
    expect(over).toHaveBeenCalledOnce();
    vi.useRealTimers();
  });
  it('a loose cable cuts after five seconds; connected again it goes on where the cell is by then', async () => {
    vi.useFakeTimers({ now: 2_000_000 });
    const query = asked({ since: '2000000', fault: 'cut' });
    const first = dataOf(
      await read(meterStream(query, over, new AbortController().signal), 60_000),
    );
    expect(first.length).toBeGreaterThan(45);
    expect(first.length).toBeLessThan(60);
    await vi.advanceTimersByTimeAsync(2000);
    const second = dataOf(await read(meterStream(query, over, new AbortController().signal), 1000));
    const log = withLines(EMPTY_LOG, [...first, ...second]);
    expect(log.missed).toBeGreaterThan(5);
    expect(log.faults.garbage).toBe(0);
    vi.useRealTimers();
  });
  it('a request that was broken off before it began is over at once, however often', async () => {
    for (let i = 0; i < 200; i++) {
      const stream = meterStream(asked(), over, AbortSignal.abort());
      expect(await stream.getReader().read()).toEqual({ done: true, value: undefined });
    }
    expect(over).toHaveBeenCalledTimes(200);
  });
  it('a listener that does not read costs nothing: at a hundred times the pace, nothing heaps up', async () => {
    vi.useFakeTimers({ now: 3_000_000 });
    const stream = meterStream(
      asked({ since: '3000000', pace: '100' }),
      over,
      new AbortController().signal,
    );
    await vi.advanceTimersByTimeAsync(600_000);
    const reader = stream.getReader();
    // Everything that was put by for the listener, though 600,000 readings (some 30 MB) went past.
    let waiting = 0;
    for (;;) {
      const part = await Promise.race([
        reader.read(),
        Promise.resolve()
          .then(() => Promise.resolve())
          .then(() => null),
      ]);
      if (!part?.value) break;
      waiting += part.value.byteLength;
    }
    expect(waiting).toBeGreaterThan(10_000);
    expect(waiting).toBeLessThan(200_000);
    await reader.cancel().catch(() => undefined);
    vi.useRealTimers();
  });
});
