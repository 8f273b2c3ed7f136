import { describe, expect, it } from 'vitest';
import { braidedNylon, elementsOf, ownAnchor } from '../../../tests/support/lines';
import { lineGaps } from './complete';

const ring = ownAnchor(5000);
const gaps = (elements: readonly Record<string, unknown>[]): string[] =>
  lineGaps(elementsOf(elements)).map((g) => `${g.code}@${g.elementId}`);
const [bowline, splice, bend, lock] = [
  { kind: 'knot', knot: 'bowline' },
  { kind: 'knot', knot: 'eye-splice' },
  { kind: 'bend', knot: 'zeppelin' },
  { kind: 'lock', knot: 'two-half-hitches' },
];
const [hitch, web, ratchet, shackle, edge] = [
  { kind: 'truckers', loop: 'slip-loop' },
  { kind: 'webbing', widthM: '50 mm' },
  { kind: 'ratchet', rating: { state: 'unrated' } },
  { kind: 'fitting', name: 'shackle', rating: { state: 'unrated' } },
  { kind: 'edge', shape: 'protected' },
];

describe('a line is complete', () => {
  it.each([
    ['rope tied at both ends', [ring, bowline, braidedNylon(), hitch, lock, ring]],
    ['rope with a splice and a ratchet', [ring, splice, braidedNylon(), edge, ratchet, ring]],
    [
      'two ropes bent together',
      [ring, bowline, braidedNylon(), bend, braidedNylon(), hitch, lock, ring],
    ],
    [
      'two ropes on a shackle',
      [ring, splice, braidedNylon(), bowline, shackle, bowline, braidedNylon(), splice, ring],
    ],
    ['webbing with a ratchet', [ring, web, edge, ratchet, ring]],
  ])('%s', (_, elements) => {
    expect(gaps(elements)).toEqual([]);
    expect(gaps(elements.toReversed())).toEqual([]);
  });
});

describe('what is missing is named where it is', () => {
  it('an end without anchor, and nothing at all', () => {
    expect(gaps([web, ratchet, ring])).toEqual(['end-not-anchored@e0']);
    expect(gaps([web, ratchet])).toEqual(['end-not-anchored@e0', 'end-not-anchored@e1']);
    expect(gaps([])).toEqual(['no-run@null']);
    expect(gaps([ring])).toEqual(['end-not-anchored@e0', 'no-run@e0']);
  });
  it('a rope end tied to nothing: at a ring, at a shackle, at another rope, behind an edge or a mid-line loop', () => {
    expect(gaps([ring, braidedNylon(), ratchet, ring])).toEqual(['rope-end-loose@e1']);
    expect(
      gaps([ring, bowline, braidedNylon(), shackle, bowline, braidedNylon(), splice, ring]),
    ).toEqual(['rope-end-loose@e2']);
    expect(gaps([ring, bowline, braidedNylon(), braidedNylon(), splice, ring])).toEqual([
      'rope-end-loose@e2',
      'rope-end-loose@e3',
    ]);
    expect(
      gaps([ring, edge, { kind: 'loop', knot: 'alpine-butterfly' }, braidedNylon(), ratchet, ring]),
    ).toEqual(['rope-end-loose@e3']);
  });
  it('a bend that joins nothing, a knot that has lost its rope', () => {
    expect(gaps([ring, bowline, braidedNylon(), bend, hitch, lock, ring])).toEqual([
      'bend-joins-nothing@e3',
    ]);
    expect(gaps([ring, bend, braidedNylon(), hitch, lock, ring])).toEqual([
      'bend-joins-nothing@e1',
    ]);
    expect(gaps([ring, splice, bowline, shackle, bowline, braidedNylon(), splice, ring])).toEqual([
      'knot-without-rope@e1',
      'knot-without-rope@e2',
    ]);
  });
  it('a hitch without its lock, an anchor in the middle, no rope', () => {
    expect(gaps([ring, bowline, braidedNylon(), hitch, ring])).toEqual(['hitch-not-locked@e3']);
    expect(gaps([ring, web, ring, ratchet, ring])).toEqual(['anchor-between@e2']);
    expect(gaps([ring, ratchet, ring])).toEqual(['no-run@e0']);
  });
});
