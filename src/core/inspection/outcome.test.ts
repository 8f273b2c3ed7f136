import { describe, expect, it } from 'vitest';
import { GEAR_KINDS } from '../gear/vocabulary';
import { checkOf, INSPECTION_CHECKS } from './checks';
import { type DamageFound, inspectionOutcome, soundLengths, worseCondition } from './outcome';

const ALL = INSPECTION_CHECKS.rope.map((c) => c.id);
const outcome = (found: DamageFound[], before: 'new' | 'good' | 'worn' | 'doubtful' = 'good') =>
  inspectionOutcome({ kind: 'rope', before, lengthM: 20, found, answered: ALL });
const at = (check: string, extent: string, atM: number | null = null): DamageFound => ({
  check,
  extent,
  atM,
});

describe('what an inspection comes to', () => {
  it.each([
    ['a cut strand', at('cut', 'strand', 1)],
    ['core visible', at('sheath', 'core', 1)],
    ['melted', at('melt', 'melted', 1)],
    ['chemical', at('chemical', 'chemical', 1)],
    ['shock-loaded', at('shock', 'yes')],
  ])('%s retires it (common practice, no source)', (_, found) =>
    expect(outcome([found])).toMatchObject({ outcome: 'retire', condition: 'damaged' }),
  );
  it('nothing found passes as it was, never better', () => {
    for (const before of ['new', 'good', 'worn', 'doubtful'] as const)
      expect(outcome([], before)).toMatchObject({
        outcome: 'pass',
        condition: before,
        reasons: [],
      });
  });
  it('wear downgrades, but not what counts less already', () => {
    expect(outcome([at('fuzz', 'round', 3)])).toMatchObject({
      outcome: 'downgrade',
      condition: 'worn',
    });
    expect(outcome([at('fuzz', 'round', 3), at('uv', 'brittle')])).toMatchObject({
      outcome: 'downgrade',
      condition: 'doubtful',
    });
    expect(outcome([at('fuzz', 'round', 3)], 'doubtful')).toMatchObject({
      outcome: 'pass',
      condition: 'doubtful',
    });
  });
  it('the worst decides and stands first among the reasons', () => {
    const both = outcome([at('uv', 'faded'), at('fuzz', 'round', 2), at('hard', 'one', 7.4)]);
    expect(both.outcome).toBe('isolate');
    expect(both.reasons.map((r) => r.then.does)).toEqual(['isolate', 'downgrade', 'note']);
  });
  it('cut out with a hand’s width to each side, the sound lengths are left', () => {
    const [a, b] = outcome([at('hard', 'one', 7.4)]).soundM;
    expect([a!.toFixed(3), b!.toFixed(3)]).toEqual(['12.500', '7.300']);
    expect(soundLengths(10, [0.05, 5]).map((m) => Number(m.toFixed(3)))).toEqual([4.9, 4.75]);
    expect(soundLengths(10, [])).toEqual([10]);
  });
  it('counts what was not looked at', () =>
    expect(
      inspectionOutcome({
        kind: 'rope',
        before: 'good',
        lengthM: 20,
        found: [],
        answered: ALL.slice(3),
      }).unchecked,
    ).toBe(3));
  it('webbing that is cut, metal that is bent or cracked, are retired', () => {
    expect(
      inspectionOutcome({
        kind: 'webbing',
        before: 'good',
        lengthM: 9,
        found: [at('cut', 'cut', 4)],
        answered: [],
      }).outcome,
    ).toBe('retire');
    for (const kind of ['chain', 'hardware'] as const)
      expect(
        inspectionOutcome({
          kind,
          before: 'good',
          lengthM: null,
          found: [at('crack', 'crack')],
          answered: [],
        }).outcome,
      ).toBe('retire');
  });
  it('every kind of gear has its list; ids are told apart; only local damage has a place', () => {
    for (const kind of GEAR_KINDS) {
      const ids = INSPECTION_CHECKS[kind].map((c) => c.id);
      expect(new Set(ids).size).toBe(ids.length);
      expect(ids).toContain('label');
      for (const c of INSPECTION_CHECKS[kind])
        expect(new Set(c.extents.map((e) => e.id)).size, `${kind} ${c.id}`).toBe(c.extents.length);
    }
    expect(INSPECTION_CHECKS.rope).toHaveLength(12);
    expect(checkOf('rope', 'stitching')).toBeNull();
    expect(worseCondition('new', 'worn')).toBe('worn');
  });
});
