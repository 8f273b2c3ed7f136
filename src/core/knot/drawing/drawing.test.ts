import { describe, expect, it } from 'vitest';
import { readForm } from '../form/form';
import { entryOf } from '../catalogue';
import type { Body } from '../shape/body';
import { looseOf } from '../shape/tighten';
import { type Trace, traceOf } from './outline';
import { boxOf, knotBoxOf, mixed, pictureOf, ropeTraces } from './picture';
import { cutTo, withoutBight } from './slice';
import { accentsOf, arrowOf } from './step';
import type { DrawnItem } from './strokes';
import { viewSigns } from './view';

const bodyOf = (id: string, form = 0): Body => {
  const read = readForm(id, entryOf(id)!.forms[form]!.spec);
  if (!read.ok) throw new Error(id);
  return looseOf(read.value, 0.5);
};
const bowline = bodyOf('bowline');

/** Which of two traces is drawn later where they pass closest in the picture. */
function topAt(
  traces: readonly Trace[],
  items: readonly DrawnItem[],
  x: number,
  y: number,
): { strand: number; u: number; z: number }[] {
  return items.flatMap((item) => {
    if (item.kind !== 'stroke') return [];
    const t = traces[item.trace]!;
    let best = -1;
    for (let i = item.from; i <= item.to; i++)
      if (
        best < 0 ||
        Math.hypot(t.x[i]! - x, t.y[i]! - y) < Math.hypot(t.x[best]! - x, t.y[best]! - y)
      )
        best = i;
    return Math.hypot(t.x[best]! - x, t.y[best]! - y) < 0.2
      ? [{ strand: t.strand, u: t.u[best]!, z: t.z[best]! }]
      : [];
  });
}

describe('strokes', () => {
  it.each(['overhand', 'bowline', 'zeppelin', 'prusik'])(
    '%s: every sample is drawn once, and what lies over is drawn after what lies under',
    (id) => {
      const picture = pictureOf(bodyOf(id));
      picture.traces.forEach((t, k) => {
        const drawn = new Uint8Array(t.x.length);
        for (const item of picture.items)
          if (item.kind === 'stroke' && item.trace === k)
            for (let i = item.from; i <= item.to; i++) drawn[i] = drawn[i]! + 1;
        expect([...drawn].every((n) => n === 1)).toBe(true);
      });
      let crossings = 0;
      for (const [k, a] of picture.traces.entries())
        for (const [m, b] of picture.traces.entries())
          for (let i = 0; i < a.x.length; i++)
            for (let j = 0; j < b.x.length; j++) {
              if (
                m < k ||
                (m === k && Math.abs(a.s[i]! - b.s[j]!) < 2) ||
                Math.hypot(a.x[i]! - b.x[j]!, a.y[i]! - b.y[j]!) > 0.24 ||
                Math.abs(a.z[i]! - b.z[j]!) < 0.8
              )
                continue;
              crossings += 1;
              const heights = topAt(picture.traces, picture.items, a.x[i]!, a.y[i]!).map(
                (s) => s.z,
              );
              expect(heights.at(-1)).toBeGreaterThan(Math.max(...heights) - 0.1);
            }
      expect(crossings).toBeGreaterThanOrEqual(3);
    },
  );
  it('a rope in front of a bar is drawn after it, one behind before it', () => {
    const picture = pictureOf(bodyOf('clove-hitch'));
    const bar = picture.items.findIndex((i) => i.kind === 'bar');
    expect(bar).toBeGreaterThan(0);
    expect(bar).toBeLessThan(picture.items.length - 1);
  });
  it('stays far below a hundred strokes for any entry', () => {
    for (const id of ['truckers-hitch', 'alpine-butterfly', 'figure-eight-on-bight'])
      expect(pictureOf(bodyOf(id)).items.length).toBeLessThan(60);
  });
});

describe('views', () => {
  const [mine] = ropeTraces(bowline);
  it('facing me: left and right change, and so do front and back; up stays', () => {
    const [facing] = ropeTraces(bowline, { side: 'facing', leftHanded: false });
    expect(facing!.x[40]).toBeCloseTo(-mine!.x[40]!, 12);
    expect(facing!.z[40]).toBeCloseTo(-mine!.z[40]!, 12);
    expect(facing!.y[40]).toBe(mine!.y[40]);
  });
  it('left-handed is the mirror image: only left and right change', () => {
    const [left] = ropeTraces(bowline, { side: 'mine', leftHanded: true });
    expect(left!.x[40]).toBeCloseTo(-mine!.x[40]!, 12);
    expect(left!.z[40]).toBe(mine!.z[40]);
    expect(viewSigns({ side: 'facing', leftHanded: true })).toEqual({ x: 1, z: -1 });
  });
});

describe('slicing', () => {
  const [trace] = ropeTraces(bowline);
  it('a cut trace ends where it is told and its lengths begin at nothing', () => {
    const cut = cutTo(trace!, 10.6)!;
    expect(cut.u.at(-1)).toBeLessThanOrEqual(10.6);
    expect(cut.u.at(-1)).toBeGreaterThan(10.3);
    expect(cut.s[0]).toBe(0);
    expect(cutTo(trace!, 0)).toBeNull();
  });
  it('a bight left out is bridged without a jump', () => {
    const [rope] = ropeTraces(bodyOf('alpine-butterfly'));
    const open = withoutBight(rope!, [5.5, 26.5]);
    expect(open.x.length).toBeLessThan(rope!.x.length);
    for (let i = 1; i < open.x.length; i++) {
      expect(open.s[i]! - open.s[i - 1]!).toBeLessThan(0.6);
      expect(open.u[i]!).toBeGreaterThanOrEqual(open.u[i - 1]!);
    }
  });
  it('samples lie evenly', () => {
    const t = traceOf({
      strand: 0,
      diameter: 1,
      at: Array.from({ length: 30 }, (_, i) => (i % 3 === 0 ? i : 0)),
      u: Array.from({ length: 10 }, (_, i) => i),
    });
    for (let i = 20; i < t.x.length - 20; i++)
      expect(t.x[i]! - t.x[i - 1]!).toBeCloseTo(27 / (t.x.length - 1), 6);
  });
});

describe('steps', () => {
  const { steps } = entryOf('bowline')!.forms[0]!;
  it('a step is coloured from where the last one ended', () => {
    expect(accentsOf(steps, 0, 1)).toEqual([{ strand: 0, from: 0, to: 10.6 }]);
    expect(accentsOf(steps, 2, 1)).toEqual([{ strand: 0, from: 20.4, to: 23.3 }]);
    expect(accentsOf(steps, steps.length - 1, 1)).toEqual([]);
  });
  it('the arrow stands at the tip and points the way the rope goes', () => {
    const picture = pictureOf(bowline, undefined, steps[1]!.shown);
    const arrow = arrowOf(picture, accentsOf(steps, 1, 1), steps[1]!)!;
    const t = picture.traces[0]!;
    expect([arrow.x, arrow.y]).toEqual([t.x.at(-1), t.y.at(-1)]);
    // Up through the small loop: up is negative in a picture.
    expect(arrow.dy).toBeLessThan(-0.8);
    expect(arrowOf(picture, [], { shown: 'drawn up' })).toBeNull();
  });
  it('a rope not yet in hand is not drawn', () => {
    expect(pictureOf(bodyOf('reef'), undefined, { upTo: [9, 0] }).traces.length).toBe(1);
    expect(pictureOf(bodyOf('reef'), undefined, 'whole').traces.length).toBe(2);
  });
});

describe('boxes', () => {
  it('the knot’s own box lies within the whole and is smaller', () => {
    const picture = pictureOf(bowline);
    const [whole, knot] = [boxOf(picture), knotBoxOf(picture, 1)];
    expect(knot.width * knot.height).toBeLessThan(0.6 * whole.width * whole.height);
    expect(knot.x).toBeGreaterThan(whole.x);
    expect(mixed(whole, knot, 0)).toEqual(whole);
    expect(mixed(whole, knot, 1).width).toBeCloseTo(knot.width, 9);
  });
});
