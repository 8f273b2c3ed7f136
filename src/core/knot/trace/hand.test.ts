import { describe, expect, it } from 'vitest';
import { readDrawing, type Drawing } from './drawn';
import { fitted, shaped, withHeld, withoutLast } from './hand';

const rope = (points: readonly (readonly [number, number])[]): Drawing['lines'][number] => ({
  kind: 'rope',
  points: points.map(([x, y]) => ({ x, y })),
});
const crossed: Drawing = {
  lines: [
    rope([
      [0, 0],
      [20, 0],
    ]),
    rope([
      [10, -9],
      [10, 9],
    ]),
  ],
  turned: [],
  held: [],
};

describe('what a hand does to a drawing', () => {
  it('a trembling line has fewer points, and its ends stay', () => {
    const points = Array.from({ length: 200 }, (_, i) => ({ x: i / 10, y: (i % 2) / 10 }));
    const calm = shaped('rope', points);
    expect(calm.length).toBeLessThan(20);
    expect(calm[0]).toEqual(points[0]);
    expect(calm.every((p) => p.y <= 0.1)).toBe(true);
  });
  it('a pole is straight, a ring is round its middle and shut', () => {
    const drag = [
      { x: 5, y: 5 },
      { x: 7, y: 9 },
      { x: 8, y: 9 },
    ];
    expect(shaped('pole', drag)).toEqual([drag[0], drag[2]]);
    const ring = shaped('ring', drag);
    expect(ring.every((p) => Math.abs(Math.hypot(p.x - 5, p.y - 5) - 5) < 1e-9)).toBe(true);
    expect(ring.at(-1)).toEqual(ring[0]);
  });
  it('a loop that holds something is marked where a rope is near, and unmarked there', () => {
    const marked = withHeld(crossed, { x: 19, y: 1 });
    expect(marked.held).toEqual([{ line: 0, point: 1 }]);
    expect(withHeld(marked, { x: 19, y: 1 }).held).toEqual([]);
    expect(withHeld(crossed, { x: 50, y: 50 })).toBe(crossed);
  });
  it('the last line goes with all that was said of it', () => {
    const { key } = readDrawing(crossed).crossings[0]!;
    const said = withHeld({ ...crossed, turned: [key] }, { x: 10, y: 9 });
    expect(said.held.length).toBe(1);
    expect(withoutLast(said)).toEqual({ lines: [crossed.lines[0]], turned: [], held: [] });
  });
  it('a drawing fills its sheet and keeps its shape', () => {
    const { lines } = fitted(crossed, 100);
    const all = lines.flatMap((l) => l.points);
    expect(Math.max(...all.map((p) => p.x)) - Math.min(...all.map((p) => p.x))).toBeCloseTo(88, 9);
    expect(all.every((p) => p.x >= 0 && p.x <= 100 && p.y <= 0 && p.y >= -100)).toBe(true);
  });
});
