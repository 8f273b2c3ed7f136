import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Answer } from '../api';
import { Outbox, type OutboxEntry } from './outbox';

const no = (status: number): Answer<unknown> => ({
  ok: false,
  problem: { status, issues: [{ code: 'x', path: [], message: 'no' }] },
});
const yes: Answer<unknown> = { ok: true, value: {} };

/** A device with a server behind a bad line: each sending is done or not, and answered or not. */
function device(line: (sent: number) => { arrives: boolean; answer: Answer<unknown> }) {
  let kept: readonly OutboxEntry[] = [];
  const arrived: string[] = [];
  let sent = 0;
  const box = new Outbox(
    {
      read: () => kept,
      write: (entries) => (kept = structuredClone(entries)),
      send: async (e) => {
        const { arrives, answer } = line(sent++);
        // The server does each key once.
        if (arrives && !arrived.includes(e.key)) arrived.push(e.key);
        return answer;
      },
      alone: (work) => work(),
    },
    'ada',
  );
  const record = (key: string) =>
    box.record({ key, path: '/gear/1/history', body: {}, words: key, madeAt: '' });
  return { box, record, arrived, kept: () => kept };
}

describe('what is recorded', () => {
  it('is acknowledged and gone', async () => {
    const d = device(() => ({ arrives: true, answer: yes }));
    expect(await d.record('a')).toEqual(yes);
    expect(d.kept()).toEqual([]);
  });
  it('without an answer stays on the device, says so, and is sent again, once in the end', async () => {
    const d = device((n) => ({ arrives: true, answer: n === 0 ? no(0) : yes }));
    expect(await d.record('a')).toMatchObject({
      problem: { issues: [{ code: 'kept-on-device' }] },
    });
    expect(d.box.entries().map((e) => e.key)).toEqual(['a']);
    await d.box.flush();
    expect(d.kept()).toEqual([]);
    expect(d.arrived).toEqual(['a']);
  });
  it('later waits behind earlier', async () => {
    let up = false;
    const d = device(() => ({ arrives: up, answer: up ? yes : no(503) }));
    await d.record('cut');
    await d.record('inspection');
    expect(d.arrived).toEqual([]);
    up = true;
    await d.box.flush();
    expect(d.arrived).toEqual(['cut', 'inspection']);
  });
  it('refused at once comes back and is not kept; refused later stays, with the reason, and holds nothing up', async () => {
    const answers = [no(422), no(0), no(422), yes];
    const d = device((n) => ({ arrives: false, answer: answers[n]! }));
    expect(await d.record('a')).toEqual(no(422));
    expect(d.kept()).toEqual([]);
    await d.record('b');
    expect(await d.record('c')).toEqual(yes);
    expect(d.box.entries()).toMatchObject([{ key: 'b', refused: { status: 422 } }]);
    d.box.discard('b');
    expect(d.kept()).toEqual([]);
  });
  it.each([0, 401, 408, 429, 500, 503])(
    'status %i says nothing about the record: it stays',
    async (status) => {
      const d = device(() => ({ arrives: false, answer: no(status) }));
      await d.record('a');
      expect(d.box.entries()).toMatchObject([{ refused: null }]);
    },
  );
  it('of somebody else who was signed in on this device is left alone', async () => {
    const d = device(() => ({ arrives: true, answer: yes }));
    const theirs = {
      key: 'z',
      memberId: 'bo',
      path: '',
      body: 0,
      words: '',
      madeAt: '',
      refused: null,
    };
    d.kept();
    await d.record('a');
    const box = new Outbox(
      {
        read: () => [theirs],
        write: () => {
          throw new Error('nothing to write');
        },
        send: async () => yes,
        alone: (work) => work(),
      },
      'ada',
    );
    await box.flush();
    expect(box.entries()).toEqual([]);
  });
  it('over any bad line: everything arrives once, in order, and nothing is kept in the end', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.record({ arrives: fc.boolean(), answered: fc.boolean() }), { maxLength: 30 }),
        fc.integer({ min: 1, max: 8 }),
        async (line, records) => {
          const d = device((n) => {
            const at = line[n] ?? { arrives: true, answered: true };
            return { arrives: at.arrives, answer: at.arrives && at.answered ? yes : no(0) };
          });
          const keys = Array.from({ length: records }, (_, i) => `k${i}`);
          for (const key of keys) await d.record(key);
          for (let i = 0; i <= line.length; i++) await d.box.flush();
          return d.kept().length === 0 && d.arrived.join() === keys.join();
        },
      ),
      { seed: 4711, numRuns: 300 },
    );
  });
});
