import { describe, expect, it } from 'vitest';
import { inspectionDue } from '@/core/gear/due';
import { gearSchema, itemSchema } from '@/core/gear/schema';
import { INSPECTION_CHECKS } from '@/core/inspection/checks';
import { METRIC, US_CUSTOMARY } from '@/core/units';
import {
  tagLines,
  wordDay,
  wordDue,
  wordFindings,
  wordFit,
  wordHappening,
  wordItem,
  wordReason,
  wordStanding,
} from './gear';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');
const rope = (diameterM: number | string, material = 'polyester') =>
  itemSchema.parse({ kind: 'rope', material, diameterM });

describe('what a thing is called', () => {
  it('nominal sizes, in millimetres or as fractions of an inch', () => {
    expect(wordItem(rope(0.012), METRIC)).toBe('12 mm polyester three-strand');
    expect(wordItem(rope('3/8 in'), METRIC)).toBe('9.52 mm polyester three-strand');
    expect(wordItem(rope('3/8 in'), US_CUSTOMARY)).toBe('3/8 in polyester three-strand');
    expect(wordItem(rope('1 1/2 in'), US_CUSTOMARY)).toBe('1 1/2 in polyester three-strand');
    expect(wordItem(rope('1 in'), US_CUSTOMARY)).toBe('1 in polyester three-strand');
    expect(wordItem(rope(0.0105), US_CUSTOMARY)).toBe('0.413 in polyester three-strand');
    expect(wordItem(rope(0.004, 'paracord'), METRIC)).toBe('550 cord');
    expect(wordItem(itemSchema.parse({ kind: 'hardware', form: 'hook' }), METRIC)).toBe('hook');
    expect(
      wordItem(itemSchema.parse({ kind: 'chain', grade: 'unmarked', sizeM: '10 mm' }), METRIC),
    ).toBe('10 mm chain, unmarked');
  });
  it('a tag names what the label says, in the units of who prints it', () => {
    const gear = gearSchema.parse({
      format: 'vast-cleat/gear',
      version: 1,
      code: 'A',
      lengthM: '100 ft',
      item: { kind: 'rope', material: 'manila', diameterM: '1/2 in', mbsN: '2,650 lbf' },
    });
    expect(tagLines(gear, 'us').map(plain)).toEqual(['1/2 in manila', '100 ft', 'MBS 2,650 lbf']);
    expect(plain(tagLines({ ...gear, item: { ...gear.item, mbsN: null } }, 'metric')[2]!)).toBe(
      'no strength on the label',
    );
    expect(
      plain(tagLines({ ...gear, item: { ...gear.item, markedWllN: 2000 } }, 'metric')[2]!),
    ).toBe('WLL 2.00 kN');
  });
  it('days as they are said, whatever the machine’s zone', () =>
    expect(wordDay('2026-11-03')).toBe('3 Nov 2026'));
  it('condition for what is in service, else the state', () => {
    expect(wordStanding({ state: 'in-service', condition: 'worn' })).toBe('worn');
    expect(wordStanding({ state: 'set-aside', condition: 'damaged' })).toBe('set aside');
  });
});

describe('why and what', () => {
  const gear = { use: 'normal', item: rope(0.012) } as const;
  it('when it is due', () => {
    const due = (state: Partial<Parameters<typeof inspectionDue>[1]>, months = 6): string =>
      wordDue(
        inspectionDue(
          gear,
          { state: 'in-service', suspect: false, inspectedOn: '2026-05-03', ...state },
          { normalMonths: months, dailyMonths: 1 },
          '2026-01-01',
        ),
      );
    expect(due({})).toBe('Last inspected 3 May 2026; every 6 months.');
    expect(due({}, 1)).toBe('Last inspected 3 May 2026; every month.');
    expect(due({ inspectedOn: null })).toContain('Never inspected');
    expect(due({ suspect: true })).toContain('Something happened');
    expect(due({ state: 'retired' })).toContain('Retired');
  });
  it('every reason of a choice, rounded against us', () => {
    expect(plain(wordFit({ code: 'too-short', byM: 1.2341 }, METRIC))).toBe('1.24 m too short');
    expect(plain(wordFit({ code: 'long-enough', spareM: 1.2399 }, METRIC))).toBe(
      'long enough, 1.23 m over',
    );
    expect(plain(wordFit({ code: 'too-weak', wllN: 999.9, wantedN: 1000.1 }, METRIC))).toBe(
      'the line carries 0.999 kN with it, and is hauled to 1.01 kN',
    );
    expect(wordFit({ code: 'plan-worse', verdict: 'short' }, METRIC)).toBe(
      'the plan is SHORT with it',
    );
    for (const code of [
      'retired',
      'damaged',
      'overdue',
      'suspect',
      'no-strength',
      'history-unknown',
    ] as const)
      expect(wordFit({ code }, METRIC).length).toBeGreaterThan(5);
  });
  it('what an inspection met, with its place and what follows', () => {
    const found = { check: 'hard', extent: 'one', atM: 7.4 };
    const check = INSPECTION_CHECKS.rope.find((c) => c.id === 'hard')!;
    expect(
      plain(
        wordReason(
          { found, name: check.name, extent: 'one place', then: { does: 'isolate' } },
          METRIC,
        ),
      ),
    ).toBe('Hard or thin places at 7.40 m: one place. That place may carry nothing.');
    expect(
      plain(
        wordReason(
          {
            found: { ...found, atM: null },
            name: 'Sun',
            extent: 'chalks',
            then: { does: 'downgrade', to: 'worn' },
          },
          METRIC,
        ),
      ),
    ).toBe('Sun: chalks. Counts as worn.');
    expect(
      wordFindings('rope', [found, { check: 'gone', extent: 'x', atM: null }], METRIC).map(plain),
    ).toEqual(['Hard or thin places at 7.40 m: one place', 'gone: x']);
  });
  it('every happening in a line of the history', () => {
    const say = (h: Parameters<typeof wordHappening>[0]): string => plain(wordHappening(h, METRIC));
    expect(
      say({
        kind: 'entered',
        condition: 'good',
        remainingM: 30,
        lastInspectedOn: '2026-05-03',
        suspect: false,
        damagedAtM: [],
        retired: false,
      }),
    ).toBe('Entered as good, 30.0 m long, inspected 3 May 2026');
    expect(
      say({
        kind: 'inspected',
        seen: null,
        answered: [],
        found: [],
        decided: 'pass',
        condition: 'good',
        reason: 'used since spring',
      }),
    ).toBe('Inspected: PASS, counts as good, nothing found. used since spring');
    expect(
      say({
        kind: 'cut',
        pieces: [{ lengthM: 2.14, what: 'utility cord' }],
        scrapM: 0.5,
        damageGone: true,
      }),
    ).toBe('Cut: 2.14 m utility cord, 0.500 m thrown away, the damage with it');
    expect(say({ kind: 'cut', pieces: [], scrapM: 0, damageGone: false })).toBe(
      'Cut: nothing kept',
    );
    expect(say({ kind: 'moved', place: 'barn' })).toBe('Moved to barn');
    expect(say({ kind: 'incident', what: 'snatch' })).toBe('Happened: snatch');
    expect(say({ kind: 'retired', reason: 'burnt' })).toBe('Retired: burnt');
  });
});
