import { describe, expect, it } from 'vitest';
import { factsSchema, type KeptBody } from '@/core/log/kept';
import { newEntrySchema } from '@/core/log/schema';
import { CAUSES, LOG_KINDS } from '@/core/log/vocabulary';
import { METRIC } from '@/core/units';
import { CAUSE_WORDS, entryTitle, LOG_KIND_WORDS, wordEntry, wordLock, wordMaterial } from './log';

const facts = factsSchema.parse({
  plan: { id: crypto.randomUUID(), title: 'Water tote', version: 3, deck: 'flatbed' },
  lines: [
    {
      id: 'l1',
      name: 'Over, rear',
      material: 'polyester',
      lock: 'two-half-hitches',
      knots: [],
      state: 'slack',
    },
  ],
});
const body = (entry: unknown): KeptBody => newEntrySchema.parse({ entry }).entry;
const says = (entry: unknown): string => wordEntry({ body: body(entry), facts }, METRIC);
const planId = facts.plan!.id;

describe('entries in words', () => {
  const incident = {
    kind: 'incident',
    grade: 'incident',
    cause: 'anchor-weaker',
    what: 'It bent.',
  };
  it('an incident says its cause first, where there is one to say', () => {
    expect(says(incident)).toBe('Anchor weaker than the line. It bent.');
    expect(says({ ...incident, cause: 'other' })).toBe('It bent.');
    expect(says({ ...incident, cause: 'not-known', knot: 'reef', hurt: true })).toBe(
      'It bent. Cause not known yet (Reef (square) knot). Somebody was hurt.',
    );
  });
  it('a line hauled again says what was read', () => {
    const hauled = { kind: 're-tension', planId, lineId: 'l1' };
    expect(says(hauled)).toBe('Over, rear, not measured');
    const both = says({ ...hauled, beforeN: 400, afterN: 1100, note: 'after rain' });
    expect(both.replaceAll('\u00a0', ' ')).toBe('Over, rear, from 0.400 kN to 1.10 kN. after rain');
  });
  it('a check names what was not as it should be, and counts the rest', () => {
    const check: KeptBody = {
      kind: 'check',
      occasion: 'on-the-road',
      madeAt: null,
      drivenM: null,
      lines: [
        { lineId: 'l1', state: 'slack', readingN: null },
        { lineId: 'l2', state: 'tight', readingN: null },
      ],
      notes: '',
    };
    expect(wordEntry({ body: check, facts }, METRIC)).toBe(
      'On the road; Over, rear slack found; 1 line tight',
    );
  });
  it('a correction says what was instead, or that nothing was; what cannot be read says so', () => {
    const correction = {
      kind: 'correction',
      corrects: crypto.randomUUID(),
      reason: 'looked again',
    };
    expect(says({ ...correction, instead: null })).toBe('Never happened: looked again');
    expect(says({ ...correction, instead: incident })).toBe(
      'looked again. Instead: Anchor weaker than the line. It bent.',
    );
    expect(wordEntry({ body: null, facts }, METRIC)).toContain('later program');
  });
  it('titles say of what kind, and of what', () => {
    expect(entryTitle({ body: body(incident), facts, kind: 'incident' })).toBe(
      'Incident: Water tote',
    );
    const bare = factsSchema.parse({});
    const note = body({ kind: 'note', what: 'x' });
    expect(entryTitle({ body: note, facts: bare, kind: 'note' })).toBe('Note');
  });
  it('every kind and cause has words; what a later program called otherwise stands for itself', () => {
    for (const kind of LOG_KINDS) expect(LOG_KIND_WORDS[kind]).not.toBe('');
    for (const cause of CAUSES) expect(CAUSE_WORDS[cause].length).toBeGreaterThan(5);
    expect([wordMaterial('polyester'), wordMaterial('moon-silk')]).toEqual([
      'polyester three-strand',
      'moon-silk',
    ]);
    expect([wordLock('ratchet'), wordLock('two-half-hitches')]).toEqual([
      'ratchet',
      'two half hitches',
    ]);
  });
});
