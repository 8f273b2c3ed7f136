import { describe, expect, it } from 'vitest';
import { demoPlan } from '../../../tests/support/demo';
import { wordDoubts } from '../../wording/doubts';
import { knot, KNOTS, type KnotId, knotsFor } from '../knot/knots';
import { lineContext, sharingOf } from '../securement/assess';
import type { Plan } from '../securement/plan';
import { alternatives } from './alternatives';
import { newElement } from './compose';
import type { LineElement } from './schema';

const crate = demoPlan('carousel-crate');
const [line] = crate.lines;

/** What the planner offers in place of an element of the crate's first line. */
function offered(elements: readonly LineElement[], index: number, plan: Plan = crate) {
  return alternatives(elements, index, lineContext(plan, line!, sharingOf(plan)));
}
const at = (kind: LineElement['kind']): number => line!.elements.findIndex((e) => e.kind === kind);
const keys = (list: readonly { key: string }[]): string[] => list.map((a) => a.key);
const before = (list: readonly { key: string }[], a: KnotId, b: KnotId): void =>
  expect(keys(list).indexOf(a), `${a} before ${b}`).toBeLessThan(keys(list).indexOf(b));

/** The line with a bend after its rope and another rope behind it. */
function joined(secondM: number): { elements: LineElement[]; index: number } {
  const rope = line!.elements[at('rope')]!;
  if (rope.kind !== 'rope') throw new Error('the crate is lashed with rope');
  const bend = newElement('bend', line!.elements);
  const second = { ...rope, id: 'second', rope: { ...rope.rope, diameterM: secondM } };
  const index = at('rope') + 1;
  return { elements: line!.elements.toSpliced(index, 0, bend, second), index };
}

describe('knots are offered by what suits the place first', () => {
  it('in a trucker’s hitch a butterfly comes before what jams, collapses, or is stronger on paper', () => {
    const list = offered(line!.elements, at('truckers'));
    expect(list[0]!.key).toBe('alpine-butterfly');
    before(list, 'alpine-butterfly', 'figure-eight-on-bight');
    before(list, 'figure-eight-on-bight', 'slip-loop');
    before(list, 'figure-eight-on-bight', 'overhand-on-bight');
  });
  it('at a metal ring a bowline comes before a timber hitch, which comes last but for its like', () => {
    const list = offered(line!.elements, at('knot')).filter((a) => a.key !== 'eye-splice');
    before(list, 'bowline', 'timber-hitch');
    before(list, 'round-turn-two-half-hitches', 'clove-hitch');
    const of = (id: KnotId) => list.find((a) => a.key === id)!.doubts;
    expect(of('timber-hitch')).toContain('slips-on-metal');
    expect(of('wrap-hitch')).toContain('needs-thick-post');
    expect(of('rolling-hitch')).toContain('along-a-pole-only');
    expect(of('bowline')).toEqual([]);
  });
  it('a double sheet bend comes before a single one, by far where ropes are unequal', () => {
    for (const secondM of [0.012, 0.018]) {
      const { elements, index } = joined(secondM);
      const list = offered(elements, index);
      before(list, 'double-sheet-bend', 'sheet-bend');
      expect(list.at(-1)!.key).toBe('reef');
      if (secondM === 0.018) expect(list[0]!.key).toBe('double-sheet-bend');
    }
  });
  it('a knot comes before another only if less speaks against it, or as much and it leaves no less', () => {
    for (const kind of ['truckers', 'knot', 'lock'] as const) {
      const list = offered(line!.elements, at(kind));
      expect(list.some((a) => a.doubts.length === 0) || kind === 'lock').toBe(true);
      list.slice(1).forEach((b, i) => {
        const a = list[i]!;
        if (a.doubts.join() === b.doubts.join())
          expect(a.lineWllN ?? -1).toBeGreaterThanOrEqual(b.lineWllN ?? -1);
      });
    }
  });
  it('says why', () => {
    const list = offered(line!.elements, at('lock'));
    const words = wordDoubts(list.find((a) => a.key === 'slipped-half-hitch')!);
    expect(words).toBe(
      'lets go when slack; better: two half hitches; nobody has published what it leaves',
    );
  });
});

describe('what is known of a knot on a line', () => {
  it.each(Object.keys(KNOTS) as KnotId[])('%s is complete', (id) => {
    const { saferForm, uses, taught, rope, holds } = knot(id);
    if (saferForm !== undefined)
      expect(uses.some((use) => knotsFor(use).includes(saferForm as KnotId))).toBe(true);
    // Only what the catalogue teaches can be measured.
    if (rope !== null) expect(taught).not.toBeNull();
    expect(Object.keys(holds).sort()).toEqual(['slack', 'slick', 'stiff', 'wet']);
  });
});
