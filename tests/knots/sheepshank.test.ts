/**
 * The damaged span of a sheepshank carries nothing, in the contact graph of its own drawing. Statics of a rope without
 * stiffness: where it is bent and touches nothing, its tension is nothing, since nothing balances T·curvature.
 */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { sheepshank } from '@/core/knot/catalogue/sheepshank';
import { bodyOfFrame, FRAME_STATES, type ShippedForm, SNUG } from '@/core/knot/shape/frames';

/** Strands this near, in diameters between their middles, press on each other when the line is pulled. */
const TOUCH = 1.25;
/** Neighbours along the rope are near each other without touching. */
const APART = 8;

const shipped = JSON.parse(
  readFileSync('public/knot-forms/sheepshank--plain.json', 'utf8'),
) as ShippedForm;
const body = bodyOfFrame(shipped, shipped.frames[FRAME_STATES.indexOf(SNUG)]!);
const { count, u } = body.strands[0]!;
const noses = sheepshank.forms[0].spec.ropes[0].tips.map((tip) => u.findIndex((x) => x >= tip));
const place = (i: number): readonly [number, number, number] => [
  body.at[3 * i]!,
  body.at[3 * i + 1]!,
  body.at[3 * i + 2]!,
];
const far = (i: number, j: number): number =>
  Math.hypot(...place(i).map((v, k) => v - place(j)[k]!));

/** Pairs of nodes that touch. */
const touching: (readonly [number, number])[] = [];
for (let i = 0; i < count; i++)
  for (let j = i + APART; j < count; j++) if (far(i, j) <= TOUCH) touching.push([i, j]);
const touched = new Set(touching.flat());

/** Before the first ear's nose, between the noses, behind the second. */
const partOf = (i: number): 0 | 1 | 2 => (i < noses[0]! ? 0 : i <= noses[1]! ? 1 : 2);

describe('the sheepshank', () => {
  it('has no tension at the noses of its ears: they are bent, and touch nothing', () => {
    for (const nose of noses) {
      for (let i = nose - 3; i <= nose + 3; i++) expect(touched.has(i)).toBe(false);
      // Bent: the rope turns right back within a few diameters.
      const [a, b, c] = [place(nose - 10), place(nose), place(nose + 10)];
      const into = b.map((v, k) => v - a[k]!);
      const out = c.map((v, k) => v - b[k]!);
      expect(into.reduce((s, v, k) => s + v * out[k]!, 0)).toBeLessThan(0);
    }
  });

  it('so the span between them has none along its middle, which touches nothing either', () => {
    const [from, to] = noses as [number, number];
    const third = Math.round((to - from) / 3);
    const middle = Array.from({ length: third }, (_, k) => from + third + k);
    expect(middle.filter((i) => touched.has(i))).toEqual([]);
  });

  it('and the pull goes past it: at both hitches the two loaded parts press on each other', () => {
    const past = touching.filter(([i, j]) => partOf(i) === 0 && partOf(j) === 2);
    // One hitch is near the first end of the loaded part, the other near its nose.
    const half = noses[0]! / 2;
    expect(past.some(([i]) => i < half)).toBe(true);
    expect(past.some(([i]) => i > half)).toBe(true);
  });

  it('which cannot be said of a loaded part: it is pulled at its end, where nothing is bent', () => {
    const [a, b, c] = [place(0), place(6), place(12)];
    const into = b.map((v, k) => v - a[k]!);
    const out = c.map((v, k) => v - b[k]!);
    const cos =
      into.reduce((s, v, k) => s + v * out[k]!, 0) / (Math.hypot(...into) * Math.hypot(...out));
    expect(cos).toBeGreaterThan(0.98);
  });
});
