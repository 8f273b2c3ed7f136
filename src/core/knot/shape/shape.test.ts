import { describe, expect, it } from 'vitest';
import { entryOf } from '../catalogue';
import { readForm } from '../form/form';
import { copyOf, lengthOf, respace, thinned } from './body';
import { checkShape } from './check';
import { DrawingUp } from './drawing-up';
import { between, bodyOfFrame, frameOf, type ShippedForm, shippedStrands } from './frames';
import { ropeInside, sharpestTurnRad, worstOverlap } from './measure';
import { projected } from './project';
import { drawnUp, looseOf, settled, Tightening } from './tighten';

const read = readForm('overhand/plain', entryOf('overhand')!.forms[0]!.spec);
if (!read.ok) throw new Error('overhand');
const form = read.value;
const loose = looseOf(form, 0.5);
const tight = drawnUp(loose);
const shipped: ShippedForm = {
  version: 1,
  source: '',
  strands: shippedStrands(loose),
  fixtures: [],
  insideD: [0],
  frames: [frameOf(loose, 0), frameOf(settled(tight), 1)],
};

describe('drawing up', () => {
  it('shortens the rope inside and keeps the ends where they are', () => {
    expect(lengthOf(tight, tight.strands[0]!)).toBeLessThan(
      0.9 * lengthOf(loose, loose.strands[0]!),
    );
    expect([...tight.at.slice(0, 3)]).toEqual([...loose.at.slice(0, 3)]);
    expect([...tight.at.slice(-3)]).toEqual([...loose.at.slice(-3)]);
  });
  it('leaves the loose body as it was', () => {
    const before = loose.at.slice();
    new Tightening(loose, 0.15).advance();
    expect(loose.at).toEqual(before);
  });
  it('an overhand drawn up holds about the ideal trefoil: from memory, a closed ideal trefoil has 16.4 diameters of rope', () => {
    const inside = ropeInside(tight, 0);
    expect(inside).toBeGreaterThan(10);
    expect(inside).toBeLessThan(1.8 * 16.4);
  });
  it('nothing overlaps and nothing zigzags', () => {
    for (const body of [loose, settled(tight)])
      expect(checkShape(form, body)).toMatchObject({ sameInvariants: true, holds: true });
  });
});

describe('what is measured can fail', () => {
  it('a strand pushed through another overlaps', () => {
    const bad = copyOf(loose);
    const [a, b] = [20, 60];
    for (let k = 0; k < 3; k++) bad.at[3 * a + k] = bad.at[3 * b + k]! + 0.05;
    expect(worstOverlap(bad)).toBeGreaterThan(0.3);
  });
  it('a node pulled aside zigzags', () => {
    const bad = copyOf(loose);
    bad.at[3 * 30 + 1] = bad.at[3 * 30 + 1]! + 2;
    expect(sharpestTurnRad(bad)).toBeGreaterThan(1);
  });
  it('a crossing pushed to the other side changes the invariants', () => {
    const bad = copyOf(loose);
    const crossing = projected(loose).crossings[0]!;
    const near = crossing.over.piece;
    for (let i = near - 6; i <= near + 6; i++) bad.at[3 * i + 2] = bad.at[3 * i + 2]! - 6;
    expect(checkShape(form, bad).sameInvariants).toBe(false);
  });
});

describe('shipping', () => {
  it('hundredths of a diameter come back, however long the rope', () => {
    const back = bodyOfFrame(shipped, shipped.frames[0]!);
    back.at.forEach((v, i) => expect(Math.abs(v - loose.at[i]!)).toBeLessThanOrEqual(0.00501));
    back.strands[0]!.u.forEach((u, i) =>
      expect(Math.abs(u - loose.strands[0]!.u[i]!)).toBeLessThanOrEqual(0.00501),
    );
  });
  it('between two frames lies their mean', () => {
    const [a, b] = [
      bodyOfFrame(shipped, shipped.frames[0]!),
      bodyOfFrame(shipped, shipped.frames[1]!),
    ];
    expect(between(a, b, 0.5).at[90]).toBeCloseTo((a.at[90]! + b.at[90]!) / 2, 12);
  });
});

describe('nodes', () => {
  it('respacing keeps the length and evens the steps', () => {
    const body = copyOf(loose);
    const long = lengthOf(body, body.strands[0]!);
    respace(body);
    expect(lengthOf(body, body.strands[0]!)).toBeCloseTo(long, 0);
  });
  it('thinning keeps the ends, the shape and what is held', () => {
    const few = thinned(loose, 1);
    expect(few.strands[0]!.count).toBeLessThan(loose.strands[0]!.count * 0.6);
    expect([...few.at.slice(0, 3)]).toEqual([...loose.at.slice(0, 3)]);
    expect(lengthOf(few, few.strands[0]!)).toBeGreaterThan(
      0.97 * lengthOf(loose, loose.strands[0]!),
    );
    expect([few.free[0], few.free[10], few.free.at(-1)]).toEqual([0, 1, 0]);
  });
});

describe('a slider', () => {
  it('reaches what is asked for, and walks back', () => {
    const hand = new DrawingUp(shipped);
    expect(hand.drawn).toBe(0);
    for (let i = 0; i < 60 && !hand.toward(0.5, 10); i++);
    expect(hand.drawn).toBeGreaterThan(0.45);
    expect(hand.drawn).toBeLessThan(0.6);
    for (let i = 0; i < 10 && !hand.toward(0.2, 10); i++);
    expect(hand.drawn).toBeLessThan(0.3);
    hand.toward(0, 10);
    expect(hand.drawn).toBeLessThan(0.02);
  });
  it('gives up when the rope gives no more', () => {
    const hand = new DrawingUp(shipped);
    let calls = 0;
    while (!hand.toward(1, 20) && calls < 200) calls++;
    expect(calls).toBeLessThan(200);
    expect(hand.drawn).toBeGreaterThan(0.9);
  });
});
