import { describe, expect, it } from 'vitest';
import { chanceOf } from '../../chance';
import { INSPECTION_CHECKS } from '../checks';
import { canHave, damaged, FELT, soundStretch } from './damage';
import { laidTexture, PITCH_D } from './laid';
import { type Lay, LAYS } from './lay';
import { RADIUS_D, type Stretch } from './stretch';
import { drawnStretch } from './texture';

const ALL = INSPECTION_CHECKS.rope.flatMap((c) => c.extents.map((e) => [c.id, e.id] as const));
const ON = Object.keys(LAYS) as Lay[];
const drawn = (lay: Lay, check: string, extent: string): Stretch =>
  damaged(soundStretch(lay, 8, check === 'label' ? 'end' : 'on'), check, extent, {
    xD: 4,
    chance: chanceOf(5),
  });

describe('damage as it looks', () => {
  it.each(ALL)(
    '%s, %s is drawn on every lay, finite and in its box, unlike sound rope',
    (check, extent) => {
      for (const lay of ON.filter((l) => canHave(l, check))) {
        const stretch = drawn(lay, check, extent);
        const shapes = drawnStretch(stretch);
        const isIn = (v: number, i: number): boolean =>
          i % 2 ? v >= -1.3 && v <= 1.6 : v >= -0.1 && v <= 8.1;
        const out = shapes
          .flatMap((s) => s.lines)
          .filter((line) => line.length % 2 === 1 || !line.every(isIn));
        expect(out).toEqual([]);
        const sound = drawnStretch(soundStretch(lay, 8, stretch.begins));
        expect(JSON.stringify(shapes)).not.toBe(JSON.stringify(sound));
      }
    },
  );
  it('no two extents look alike on one lay', () => {
    for (const lay of ON) {
      const looks = ALL.filter(([c]) => canHave(lay, c)).map((e) =>
        JSON.stringify(drawn(lay, ...e)),
      );
      expect(new Set(looks).size).toBe(looks.length);
    }
  });
  it('what is felt is told of extents there are, and never where it is', () => {
    for (const [check, extents] of Object.entries(FELT))
      for (const [extent, words] of Object.entries(extents)) {
        expect(ALL).toContainEqual([check, extent]);
        expect(words).not.toMatch(/\b(end|tag|left|right|middle|stretch|part \d)\b/i);
      }
  });
  it('a check of another kind of gear has no drawing', () => {
    expect(() => drawn('braid', 'wires', 'few')).toThrow(RangeError);
  });
});

describe('three strands laid to the right', () => {
  // Strands of a right-hand laid rope go as the middle of a Z when it hangs: down to the right where it lies. Common knowledge.
  it('go down to the right, and come to the same place after one pitch', () => {
    const [faces] = laidTexture(soundStretch('three-strand', 3 * PITCH_D));
    const whole = faces!.lines.filter(
      (f) => f[0]! > 0.2 && Math.max(...f.filter((_, i) => i % 2 === 0)) < 9,
    );
    expect(whole.length).toBeGreaterThan(4);
    for (const face of whole) {
      const half = face.length / 2;
      expect(face[1]!).toBeLessThan(face[half - 1]!);
    }
    const starts = whole.map((f) => f[0]!).toSorted((a, b) => a - b);
    for (let i = 1; i < starts.length; i++)
      expect(starts[i]! - starts[i - 1]!).toBeCloseTo(PITCH_D / 3, 0);
  });
  it('fill the rope: touching strands reach its outline, 1 + 2/√3 strand radii from the middle', () => {
    const [faces] = laidTexture(soundStretch('three-strand', 8));
    const ys = faces!.lines.flatMap((f) => f.filter((_, i) => i % 2 === 1));
    expect(Math.max(...ys)).toBeCloseTo(RADIUS_D, 1);
    expect(Math.min(...ys)).toBeCloseTo(-RADIUS_D, 1);
  });
});
