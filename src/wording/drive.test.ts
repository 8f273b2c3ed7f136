import { describe, expect, it } from 'vitest';
import { DRIVE_REFUSALS, type LimitBeside } from '@/core/securement/drive/plan-drive';
import type { DriveRun } from '@/core/securement/drive/run';
import { DRIVE_EVENTS, WAYS_OF_GIVING } from '@/core/securement/drive/vocabulary';
import type { DriveEvent } from '@/core/securement/drive/watch';
import { DOUBTS } from '@/core/securement/uncertainty/vocabulary';
import type { DirectionSure } from '@/core/securement/uncertainty/summary';
import type { Plan } from '@/core/securement/plan';
import { METRIC, US_CUSTOMARY } from '@/core/units';
import { numberedLines, wordEvent, wordLimit, wordRefusal, wordRun } from './drive';
import { wordDoubt, wordShare } from './sure';

const names = new Map([['l1', 'Over, front']]);
const event = (kind: DriveEvent['kind'], pushG: number): DriveEvent => ({
  kind,
  atS: 10 * pushG,
  pushG,
  lineId: 'l1',
  limit: 'forward',
  movedM: 0.012,
});
const run = (part: Partial<DriveRun>): DriveRun =>
  ({ events: [], way: null, gaveWayAtG: null, mostMovedM: 0.004, ...part }) as unknown as DriveRun;

describe('a drive in words', () => {
  it('tells lines of one name apart by the number they have on the stage', () => {
    const lines = ['l1', 'l2'].map((id) => ({ id, name: 'Over' }));
    const two = numberedLines({ lines } as unknown as Plan);
    expect(wordEvent({ ...event('line-slack', 0.3), lineId: 'l2' }, two, METRIC)).toBe(
      'Line 2 (Over) goes slack.',
    );
  });
  it('never says how much holds before it says what bears more than it may', () => {
    const gone = { way: 'slides', gaveWayAtG: 0.9 } as const;
    const over = [event('line-over', 0.4), event('gives-way', 0.95)];
    expect(wordRun(run(gone), true, names, METRIC)).toBe(
      'It stays where it is up to 0.900\u00a0g, then it slides away.',
    );
    expect(wordRun(run({ ...gone, events: [event('moves', 0.7)] }), true, names, METRIC)).toBe(
      'It moves from 0.700\u00a0g on, and at 0.900\u00a0g it slides away.',
    );
    expect(wordRun(run({ ...gone, events: over }), true, names, METRIC)).toBe(
      'From 0.400\u00a0g on Over, front is over its working load limit. At 0.900\u00a0g it slides away.',
    );
    expect(wordRun(run({ events: [event('board-breaks', 0.2)] }), false, names, METRIC)).toMatch(
      /^After 2.0.s the headboard is gone\. It moves 4.00.mm at most\.$/u,
    );
    expect(wordRun(run({}), false, names, US_CUSTOMARY)).toContain('and stays on');
    // What happens once it has gone says nothing of before.
    const late = [event('gives-way', 0.95), event('line-over', 1)];
    expect(wordRun(run({ ...gone, events: late }), true, names, METRIC)).toMatch(/^It stays/);
  });
  it('has words for everything that may happen, be refused, or give way', () => {
    for (const kind of DRIVE_EVENTS)
      expect(wordEvent(event(kind, 0.3), names, METRIC)).toMatch(/^[A-Z].*\.$/);
    for (const why of DRIVE_REFUSALS) expect(wordRefusal(why, ['line 1'])).toMatch(/^[A-Z].*\.$/);
    for (const way of WAYS_OF_GIVING)
      expect(wordRun(run({ way, gaveWayAtG: 0.3 }), false, names, METRIC)).toMatch(
        /at 0.300.g it \w+/u,
      );
  });
  it('says a share of the map rounded down, and why no more', () => {
    const limit: LimitBeside = {
      direction: 'forward',
      mapG: 0.804,
      elasticG: 0.431,
      end: { kind: 'line', lineId: 'l1' },
      movedM: 0.01,
    };
    expect(wordLimit(limit, names)).toBe(
      'Of 0.804\u00a0g, elastic lines reach 53\u00a0%: 0.431\u00a0g; then Over, front is at its limit first.',
    );
    expect(wordLimit({ ...limit, elasticG: 0.804 }, names)).toMatch(/reach all of it/);
    expect(wordLimit({ ...limit, mapG: null }, names)).toMatch(/own lines draw/);
    expect(wordLimit({ ...limit, mapG: 0, elasticG: 0 }, names)).toMatch(/Nothing holds/);
  });
});

describe('how sure that is, in words', () => {
  const sure = (share: number, doubts: DirectionSure['doubts'] = []): DirectionSure => ({
    direction: 'forward',
    requiredG: 0.5,
    saidG: 0.6,
    share,
    standardError: 0,
    quantilesG: [0.4, 0.5, 0.6],
    doubts,
  });
  it('is never rounded up, and never all or none while a case says otherwise', () => {
    expect(
      [0.99999, 0.9996, 0.9789, 0.5, 0.004, 0.0004, 0, 1].map((s) => wordShare(sure(s))),
    ).toEqual([
      'in more than 99.9\u00a0%',
      'in more than 99.9\u00a0%',
      'in 97\u00a0%',
      'in 50\u00a0%',
      'in 0.4\u00a0%',
      'in less than 0.1\u00a0%',
      'in no case',
      'in every case',
    ]);
  });
  it('names what matters most and what removes it', () => {
    expect(wordDoubt(sure(0.9, [{ doubt: 'friction', part: 0.8 }]))).toBe(
      'Most of the doubt is friction: a mat under the load removes it.',
    );
    expect(wordDoubt(sure(0.9))).toBeNull();
    for (const doubt of DOUBTS)
      expect(wordDoubt(sure(0.9, [{ doubt, part: 0.3 }]))).toMatch(/doubt is .+: .+\.$/);
  });
});
