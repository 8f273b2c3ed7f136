import { describe, expect, it } from 'vitest';
import type { PartLabel } from '@/core/knot/catalogue/entry';
import type { Trace } from '@/core/knot/drawing/outline';
import { METRIC, US_CUSTOMARY } from '@/core/units';
import {
  filling,
  freeCorner,
  labelsOf,
  lensesOf,
  nearer,
  placed,
  pointAt,
  WORKING_END,
} from './layout';
import {
  DIAMETERS_M,
  lookStyle,
  ROPE_LOOKS,
  type RopeLookId,
  thicknessOf,
  thicknessText,
} from '../diagrams/ropeLooks';

/** A rope straight down from (0, 0), a control interval a diameter. */
const rope = (strand = 0, x = 0): Trace => {
  const of = (f: (i: number) => number): Float64Array =>
    Float64Array.from({ length: 41 }, (_, i) => f(i));
  return {
    strand,
    width: 1,
    x: of(() => x),
    y: of((i) => i),
    z: of(() => 0),
    u: of((i) => i),
    s: of((i) => i),
  };
};
const box = { x: -10, y: 0, width: 20, height: 40 };
const label = (u: number, text: string, more: Partial<PartLabel> = {}): PartLabel => ({
  u,
  text,
  ...more,
});

describe('a picture in its frame', () => {
  it('fills it without being stretched, and keeps the knot in the middle', () => {
    const { whole, unit } = filling(box, { width: 500, height: 400 }, 100, 0);
    expect(whole.width / whole.height).toBeCloseTo(500 / 400, 12);
    expect(whole.x + whole.width / 2).toBeCloseTo(0, 12);
    expect(unit).toBeCloseTo(0.1, 12);
    expect(whole.height).toBeGreaterThanOrEqual(box.height);
  });
  it('a frame not yet measured does not divide by nothing', () => {
    const { unit } = filling(box, { width: 0, height: 0 }, 100, 0);
    expect(Number.isFinite(unit) && unit > 0).toBe(true);
  });
});

describe('a small frame', () => {
  const knot = { x: -3, y: 17, width: 6, height: 6 };
  it('goes nearer to the knot of a long form only', () => {
    expect(nearer(box, knot)).toBe(box);
    const long = { x: -30, y: 10, width: 60, height: 20 };
    expect(nearer(long, knot).width).toBeCloseTo(60 * 0.4 + 6 * 0.6, 12);
  });
});

describe('labels', () => {
  it('stand at their point, toward the nearer side', () => {
    const list = placed([label(5, 'left one')], [rope(0, -4)], box, 1, null);
    expect(list).toEqual([{ x: -4, y: 5, text: 'left one', beside: 'left' }]);
    expect(placed([label(5, 'right one')], [rope(0, 4)], box, 1, null)[0]!.beside).toBe('right');
  });
  it('do not lie on each other', () => {
    const list = placed([label(5, 'a'), label(5.2, 'b'), label(6, 'c')], [rope()], box, 2, null);
    expect(list.map((l) => l.y)).toEqual([5, 7, 9]);
  });
  it('the working end is named over its tip, or under it when the arrow points up', () => {
    const end = [label(30, WORKING_END)];
    expect(placed(end, [rope()], box, 1, { x: 0, y: 0, dx: 1, dy: 0 })[0]!.beside).toBe('above');
    expect(placed(end, [rope()], box, 1, { x: 0, y: 0, dx: 0, dy: -1 })[0]!.beside).toBe('below');
  });
  it('of a rope that is not drawn are left out; beyond the drawn end they stand at it', () => {
    expect(placed([label(3, 'x', { rope: 1 })], [rope()], box, 1, null)).toEqual([]);
    expect(pointAt([rope()], 0, 99)).toEqual({ x: 0, y: 40 });
    expect(pointAt([rope()], 1, 1)).toBeNull();
  });
  it('of a step are those in sight, and the working end', () => {
    const all = [label(1, 'standing part'), label(20, 'loop'), label(2, 'other', { rope: 1 })];
    const texts = (
      shown: Parameters<typeof labelsOf>[1]['shown'],
      accents: Parameters<typeof labelsOf>[2] = [],
    ): string[] => labelsOf(all, { shown }, accents).map((l) => l.text);
    expect(texts({ upTo: [10] }, [{ strand: 0, from: 0, to: 10 }])).toEqual([
      'standing part',
      WORKING_END,
    ]);
    expect(texts({ upTo: [10, 5] })).toEqual(['standing part', 'other']);
    expect(texts({ bight: [15, 25] })).toEqual(['standing part', 'other']);
    expect(texts('whole')).toEqual(['standing part', 'loop', 'other']);
  });
});

describe('lenses', () => {
  const whole = { x: -30, y: 0, width: 60, height: 40 };
  const asked = [
    label(5, 'loop', { inset: true }),
    label(30, 'lock', { inset: true }),
    label(35, 'end'),
  ];
  it('only where the rope is small, only for labels that ask, inside the picture and not on each other', () => {
    expect(lensesOf(asked, [rope()], whole, 1 / 20)).toEqual([]);
    const [loop, lock, ...more] = lensesOf(asked, [rope()], whole, 0.1);
    expect(more).toEqual([]);
    expect([loop!.text, lock!.text]).toEqual(['loop', 'lock']);
    expect(loop!.to.x + loop!.radius).toBeLessThanOrEqual(whole.x + whole.width);
    expect(loop!.to.y - loop!.radius).toBeGreaterThanOrEqual(whole.y);
    expect(lock!.to.y - loop!.to.y).toBeGreaterThanOrEqual(2 * loop!.radius);
    expect(loop!.zoom).toBeGreaterThan(1);
  });
  it('not of what is not tied yet', () => {
    const short = rope();
    const cut = {
      ...short,
      u: short.u.slice(0, 11),
      x: short.x.slice(0, 11),
      y: short.y.slice(0, 11),
    };
    expect(lensesOf(asked, [cut], whole, 0.1).map((l) => l.text)).toEqual(['loop']);
  });
  it('lie in the corner farthest from rope', () => {
    const corner = freeCorner([rope(0, -25)], whole, 5, { x: -25, y: 20 });
    expect(corner.x).toBeGreaterThan(0);
    const near = freeCorner([rope(0, 0)], { x: -20, y: 0, width: 40, height: 40 }, 2, {
      x: 10,
      y: 39,
    });
    expect(near).toEqual({ x: 17.8, y: 37.8 });
  });
});

describe('ropes', () => {
  it('hemp is the theme’s own; every other look brings all three colours, dimmed by the theme', () => {
    expect(lookStyle('hemp')).toEqual({});
    for (const id of (Object.keys(ROPE_LOOKS) as RopeLookId[]).filter((i) => i !== 'hemp')) {
      const style = lookStyle(id) as Record<string, string>;
      expect(Object.keys(style)).toEqual(['--rope', '--rope-ink', '--rope-lit']);
      for (const colour of Object.values(style))
        expect(colour).toMatch(/^color-mix\(in srgb, #[0-9A-F]{6}, #000 var\(--rope-dim\)\)$/);
    }
  });
  it('thickness is written as people say it, and thin cord is drawn thinner', () => {
    expect(thicknessText(0.012, METRIC)).toBe('12\u00a0mm');
    expect(thicknessText(0.012, US_CUSTOMARY)).toBe('0.472\u00a0in');
    const drawn = DIAMETERS_M.map(thicknessOf);
    expect(drawn).toEqual(drawn.toSorted((a, b) => a - b));
    expect(Math.min(...drawn)).toBeGreaterThan(0.5);
    expect(Math.max(...drawn)).toBe(1);
  });
});
