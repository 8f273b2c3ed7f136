import { describe, expect, it } from 'vitest';
import { chanceOf } from '../../chance';
import { INSPECTION_CHECKS } from '../../inspection/checks';
import { soundStretch } from '../../inspection/drawing/damage';
import { readTag } from '../../inspection/drawing/label';
import { LAY_OF } from '../../inspection/drawing/lay';
import { middleAt, radiusAt } from '../../inspection/drawing/stretch';
import {
  askedToInspect,
  type Decision,
  DECISIONS,
  decisionFor,
  INSPECTED,
  type InspectingQuestion,
  markInspecting,
  PART_D,
  PARTS,
  type Place,
  STRETCHES,
  WHERES,
} from './inspecting';

const SEEDS = 5000;
const CHECKS = INSPECTION_CHECKS.rope;
const question = (seed: number): InspectingQuestion => askedToInspect(chanceOf(seed));
const PLACES: readonly Place[] = [...Array(STRETCHES * PARTS).keys(), ...WHERES];

/** Parts of the rope that do not look as sound rope looks: bent, thin, or with a mark in their middle. */
function unlike({ material, stretches }: InspectingQuestion): Set<number> {
  const parts = new Set<number>();
  const plain = soundStretch(LAY_OF[material], PARTS * PART_D);
  stretches.forEach((s, i) => {
    const tag = i === 0 ? readTag().length : 0;
    const marks = s.marks.slice(i === 0 && s.marks.length >= tag ? tag : 0);
    const at = (x: number): number => i * PARTS + Math.min(PARTS - 1, Math.floor(x / PART_D));
    for (const mark of marks)
      for (const line of mark.lines) {
        const xs = line.filter((_, k) => k % 2 === 0);
        const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
        if (middle > 0) parts.add(at(middle));
      }
    for (let x = PART_D / 2; x < s.lengthD; x += PART_D) {
      const thick = Math.abs(radiusAt(s, x) - radiusAt(plain, x));
      if (thick > 0.05 || Math.abs(middleAt(s, x)) > 0.05) parts.add(at(x));
    }
  });
  return parts;
}

describe('a rope to be inspected', () => {
  it(`${SEEDS} by chance: one decision is right, by the inspection's own outcome; every check and extent comes up`, () => {
    const seen = new Map<string, number>();
    const extents = new Set<string>();
    for (let seed = 1; seed <= SEEDS; seed++) {
      const q = question(seed);
      const subject = q.damage?.check.id ?? 'sound';
      seen.set(subject, (seen.get(subject) ?? 0) + 1);
      if (q.damage) extents.add(`${subject}/${q.damage.extent}`);
      const right = PLACES.flatMap((place) =>
        DECISIONS.filter((decision) => markInspecting(q, { place, decision }) === 'right').map(
          (decision) => ({ place, decision }),
        ),
      );
      if (!q.damage) {
        expect(right.every((r) => r.place === 'none')).toBe(true);
        continue;
      }
      expect(new Set(right.map((r) => r.decision))).toEqual(
        new Set([decisionFor(subject, q.damage.extent)]),
      );
      expect(right.map((r) => r.place)).toEqual(q.places);
    }
    expect([...seen.keys()].toSorted()).toEqual([...INSPECTED].toSorted());
    expect(Math.min(...seen.values())).toBeGreaterThan(SEEDS / INSPECTED.length / 2);
    expect(extents.size).toBe(CHECKS.reduce((n, c) => n + c.extents.length, 0));
  });
  it('what is drawn is where it is right to point, and nowhere else', () => {
    let local = 0;
    for (let seed = 1; seed <= 1500; seed++) {
      const q = question(seed);
      const parts = unlike(q);
      if (!q.damage) expect(parts, `seed ${seed}`).toEqual(new Set());
      else if (q.damage.check.local) {
        local++;
        const out = [...parts].filter((p) => !q.places.includes(p));
        // Fuzz and powder reach a little over; nothing is drawn further off than the part beside.
        expect(
          out.every((p) => q.places.some((at) => typeof at === 'number' && Math.abs(at - p) === 1)),
          `seed ${seed} ${q.damage.check.id} ${q.damage.extent}: ${out.join()} beside ${q.places.join()}`,
        ).toBe(true);
        expect(q.places.some((at) => parts.has(at as number))).toBe(true);
      }
    }
    expect(local).toBeGreaterThan(500);
  });
  it('kinder than it needs is never half right; stricter is', () => {
    const q = { places: [3], decision: 'isolate', damage: question(1).damage } as const;
    const damage = { check: question(2).damage?.check ?? question(3).damage!.check, extent: 'x' };
    const said = (place: Place, decision: Decision) =>
      markInspecting({ ...q, damage }, { place, decision });
    expect(said(3, 'isolate')).toBe('right');
    expect(said(3, 'retire')).toBe('strict');
    expect(said(3, 'doubtful')).toBe('kind');
    expect(said(4, 'retire')).toBe('elsewhere');
    expect(said('none', 'goes-on')).toBe('elsewhere');
    const note = { ...q, damage, decision: 'goes-on' } as const;
    expect(markInspecting(note, { place: 'none', decision: 'goes-on' })).toBe('unnoted');
    expect(markInspecting(note, { place: 3, decision: 'worn' })).toBe('strict');
  });
  // The rope's five reasons to retire: common practice, from memory.
  it.each([
    ['cut', 'strand'],
    ['sheath', 'core'],
    ['melt', 'melted'],
    ['chemical', 'chemical'],
    ['shock', 'yes'],
  ])('%s, %s: the rope is retired', (check, extent) => {
    expect(decisionFor(check, extent)).toBe('retire');
  });
});
