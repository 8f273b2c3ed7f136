import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { inTurns } from './inTurns';

let nowMs = 0;

/** A computation of so many steps, each of which takes 2 ms; `taken`: how many it has got through. */
function work(count: number) {
  const taken = { steps: 0 };
  function* steps(): Generator<void, string> {
    for (; taken.steps < count; taken.steps++) {
      nowMs += 2;
      yield;
    }
    return 'all';
  }
  return { taken, steps };
}

describe('steps taken turn by turn', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    vi.spyOn(performance, 'now').mockImplementation(() => nowMs);
  });
  afterEach(() => {
    vi.restoreAllMocks();
    vi.useRealTimers();
  });

  it('leave the page its turn after a few, and come to an end', () => {
    const { taken, steps } = work(7);
    const done = vi.fn();
    inTurns(steps(), done, vi.fn());
    expect(taken.steps).toBe(0);
    const turns: number[] = [];
    while (vi.getTimerCount() > 0) {
      vi.runOnlyPendingTimers();
      turns.push(taken.steps);
    }
    expect(turns).toEqual([2, 5, 7]);
    expect(done.mock.calls).toEqual([['all']]);
  });
  it('are not gone on with once it is ended', () => {
    const { taken, steps } = work(7);
    const done = vi.fn();
    const end = inTurns(steps(), done, vi.fn());
    vi.runOnlyPendingTimers();
    end();
    vi.runAllTimers();
    expect([taken.steps, done.mock.calls]).toEqual([2, []]);
  });
  it('tell what was thrown', () => {
    const [done, failed] = [vi.fn(), vi.fn()];
    inTurns(
      (function* (): Generator<void, never> {
        throw new Error('broken');
      })(),
      done,
      failed,
    );
    vi.runAllTimers();
    expect([done.mock.calls, failed.mock.calls]).toEqual([[], [[new Error('broken')]]]);
  });
});
