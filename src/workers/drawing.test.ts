import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { ShippedForm } from '@/core/knot/shape/frames';
import { type DrawingAnswer, type DrawingRequest, PROTOCOL } from './protocol';
import { shippedAt } from './useDrawingUp';

const form = JSON.parse(
  readFileSync(new URL('../../public/knot-forms/overhand--plain.json', import.meta.url), 'utf8'),
) as ShippedForm;

interface Inside {
  onmessage?: (event: { data: DrawingRequest }) => void;
  postMessage: (answer: DrawingAnswer) => void;
}

/** The worker's own world: what it posts is collected. */
async function worker(): Promise<{
  send: (request: DrawingRequest) => void;
  answers: DrawingAnswer[];
}> {
  const answers: DrawingAnswer[] = [];
  const inside: Inside = {
    postMessage: (answer) => answers.push({ ...answer, at: answer.at.slice() }),
  };
  vi.stubGlobal('self', inside);
  vi.resetModules();
  await import('./drawing.worker');
  return { send: (data) => inside.onmessage!({ data }), answers };
}
const rest = (answers: DrawingAnswer[]): Promise<void> =>
  vi.waitFor(() => expect(answers.at(-1)?.rest).toBe(true), { timeout: 200_000, interval: 10 });

describe('the drawing-up worker', () => {
  beforeEach(() => vi.useRealTimers());
  afterEach(() => vi.unstubAllGlobals());
  it('shows pictures on the way and says when the rope is at rest', async () => {
    const { send, answers } = await worker();
    send({ protocol: PROTOCOL, kind: 'form', form });
    expect(answers).toEqual([]);
    send({ protocol: PROTOCOL, kind: 'toward', drawn: 0.6 });
    await rest(answers);
    expect(answers.filter((a) => a.rest).length).toBe(1);
    expect(answers.at(-1)!.drawn).toBeGreaterThan(0.5);
    expect(answers.at(-1)!.at.length).toBe(
      3 * answers.at(-1)!.strands.reduce((n, s) => n + s.count, 0),
    );
    expect(answers.at(-1)!.at.every(Number.isFinite)).toBe(true);
  });
  it('a later wish replaces an earlier one', async () => {
    const { send, answers } = await worker();
    send({ protocol: PROTOCOL, kind: 'form', form });
    send({ protocol: PROTOCOL, kind: 'toward', drawn: 1 });
    send({ protocol: PROTOCOL, kind: 'toward', drawn: 0.1 });
    await rest(answers);
    expect(answers.at(-1)!.drawn).toBeLessThan(0.4);
  });
  it('messages of another version are not for it', async () => {
    const { send, answers } = await worker();
    send({ protocol: 0 as typeof PROTOCOL, kind: 'form', form });
    send({ protocol: PROTOCOL, kind: 'toward', drawn: 1 });
    // What it heeds is answered before this line.
    expect(answers).toEqual([]);
  });
});

describe('shipped states', () => {
  it('are met exactly at their places and mixed between', () => {
    const [loose, next] = [shippedAt(form, 0), shippedAt(form, 0.2)];
    const half = shippedAt(form, 0.1);
    for (const i of [30, 150, 300])
      expect(half.at[i]).toBeCloseTo((loose.at[i]! + next.at[i]!) / 2, 9);
    expect(shippedAt(form, 1).at.length).toBe(loose.at.length);
  });
});
