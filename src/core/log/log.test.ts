import { describe, expect, it } from 'vitest';
import { demoPlan } from '../../../tests/support/demo';
import { entryOf } from '../knot/catalogue';
import { ENTRY_IDS } from '../knot/entry-ids';
import { ENTRY_NAMES } from '../knot/entry-names';
import { assess } from '../securement/assess';
import { LOCKER_NOT_ASKED } from '../securement/locker-word';
import { freeze, makeOf } from './frozen';
import { factsSchema } from './kept';
import { newEntrySchema } from './schema';
import { searchWords } from './words';

describe('words', () => {
  it('are small letters without marks, each once, of any script', () => {
    expect(searchWords('Crème  PE-12-1, crème: Öse & Öse/Straße №5')).toEqual([
      'creme',
      'pe',
      '12',
      '1',
      'ose',
      'straße',
      'no5',
    ]);
    expect(searchWords("'; DROP --")).toEqual(['drop']);
    expect(searchWords('x'.repeat(500))[0]).toHaveLength(40);
  });
});

describe('names of entries', () => {
  it('are those of the catalogue', () => {
    for (const id of ENTRY_IDS) expect(ENTRY_NAMES[id]).toBe(entryOf(id)!.name);
  });
});

describe('what is frozen', () => {
  it('is the plan with the figures of its assessment, and reads back as it was', () => {
    const plan = demoPlan('carousel-crate');
    const assessed = assess(plan, LOCKER_NOT_ASKED);
    const frozen = freeze(plan, 7, assessed);
    expect(frozen).toMatchObject({ version: 7, verdict: assessed.verdict, deck: plan.deck.name });
    frozen.lines.forEach((l, i) => {
      const { capacity, tension } = assessed.lines[i]!;
      expect([l.wllN, l.keptN]).toEqual([capacity.wll.value, tension.pretension.value]);
      // It names the place that allows just so much.
      const place = capacity.places.find((p) => p.name === l.weakest);
      if (l.wllN !== null) expect(place?.allowed.value).toBe(l.wllN);
    });
    expect(frozen.held).toHaveLength(assessed.statics.length);
    const facts = { plan: null, frozen, lines: [], gear: [], people: [] };
    expect(factsSchema.parse(JSON.parse(JSON.stringify(facts)))).toEqual(facts);
  });
  it('says of a line what it is made of and what keeps it tight', () => {
    const [rope] = demoPlan('carousel-crate').lines;
    expect(makeOf(rope!)).toMatchObject({ material: 'polyester' });
    expect(makeOf(rope!).knots.length).toBeGreaterThan(0);
    const [webbing] = demoPlan('apple-bins').lines;
    expect(makeOf(webbing!)).toMatchObject({ material: 'webbing', lock: 'ratchet', knots: [] });
    const [chain] = demoPlan('pipe-bundle').lines;
    expect(makeOf(chain!)).toMatchObject({ material: 'chain', lock: 'binder' });
    expect(makeOf({ ...rope!, elements: [] })).toMatchObject({ material: 'none', lock: 'none' });
  });
});

describe('an entry as it is sent', () => {
  const parse = (entry: unknown) => newEntrySchema.safeParse({ entry });
  it('says what it is of, with a cause that crews know, and nothing that is not known here', () => {
    const incident = { kind: 'incident', grade: 'near-miss', cause: 'other', what: 'x' };
    expect(parse(incident).success).toBe(true);
    for (const wrong of [
      { ...incident, cause: 'bad-luck' },
      { ...incident, what: ' ' },
      { ...incident, blame: 'him' },
      { kind: 'check', lines: [] },
      { kind: 'rope-event', what: 'x' },
    ])
      expect(parse(wrong).success).toBe(false);
  });
  it('takes readings with their unit, and pictures as base64', () => {
    const hauled = {
      kind: 're-tension',
      planId: crypto.randomUUID(),
      lineId: 'l1',
      afterN: '1 kN',
    };
    expect(parse(hauled).data!.entry).toMatchObject({ afterN: 1000, beforeN: null });
    const entry = { kind: 'note', what: 'x' };
    expect(newEntrySchema.safeParse({ entry, photos: ['no base64!'] }).success).toBe(false);
    expect(newEntrySchema.safeParse({ entry, photos: Array(5).fill('AAAA') }).success).toBe(false);
  });
});
