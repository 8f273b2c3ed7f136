import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { braidedNylon, context, elementsOf, ownAnchor } from '../../../../tests/support/lines';
import { type Gear, gearSchema } from '../../gear/schema';
import { CONDITIONS } from '../../rope/condition';
import { bare } from '../../working/working';
import { newElement } from '../compose';
import { lineCapacity } from '../line';
import { type ElementKindId, elementSchema, type LineElement } from '../schema';
import { lineTension } from '../tension';
import { isHardware, isRun, kindOf, KINDS, knotsIn, ropesIn } from '.';

const IDS = Object.keys(KINDS) as ElementKindId[];
const fresh = (kind: ElementKindId): LineElement => newElement(kind, []);

/** What each kind is and does; common practice, no source. A new kind adds its row. */
const TRAITS: Record<ElementKindId, string> = {
  anchor: 'anchor, hardware',
  knot: 'knot, fastens, in 1, 1 knot',
  rope: 'run, gear, 1 rope',
  bend: 'knot, fastens, in 2, 1 knot',
  edge: 'corner',
  hook: 'corner',
  loop: 'knot, in 1, 1 knot',
  truckers: 'knot, fastens, in 1, wants a lock, hauls, adjustable, 1 knot',
  tackle: 'knot, fastens, hauls, adjustable, 1 knot',
  lock: 'knot, fastens, in 1, locks, 1 knot',
  webbing: 'run, gear',
  ratchet: 'hardware, fastens, adjustable, tensions, gear',
  chain: 'run, gear',
  wire: 'run, gear',
  binder: 'hardware, fastens, adjustable, tensions, gear',
  fitting: 'hardware, gear',
};

function traitsOf(e: LineElement): string {
  const kind = kindOf(e);
  const count = (n: number, word: string): string | false => n > 0 && `${n} ${word}`;
  return [
    kind.role,
    kind.role === 'anchor' && isHardware(e) && 'hardware',
    kind.fastens && 'fastens',
    kind.tiedIn && `in ${kind.tiedIn}`,
    kind.needsLock && 'wants a lock',
    kind.locks && 'locks',
    kind.hauling && kind.hand && 'hauls',
    kind.adjustable?.(e) && 'adjustable',
    kind.tension && !kind.hauling && 'tensions',
    kind.gear && 'gear',
    count(knotsIn(e).length, 'knot'),
    count(ropesIn([e]).length, 'rope'),
  ]
    .filter((t) => typeof t === 'string')
    .join(', ');
}

describe('element kinds', () => {
  it.each(IDS)('%s: what it is and does', (id) => {
    // A tackle made of bought blocks has no knot in it; this one is fastened by one.
    const element = id === 'tackle' ? withKnot(fresh('tackle')) : fresh(id);
    expect(traitsOf(element)).toBe(TRAITS[id]);
  });
  it.each(IDS)('%s: hardware and what runs along a line are two things', (id) =>
    expect(isRun(fresh(id)) && isHardware(fresh(id))).toBe(false),
  );
  it.each(IDS)(
    '%s: what else could stand there is of its kind, reads back, and is named once',
    (id) => {
      const anchors = new Map([
        [
          'L1',
          { name: 'ring L1', rating: { state: 'unrated' }, barDiameterM: null, surface: 'metal' },
        ],
      ] as const);
      const variants = kindOf(fresh(id)).variants?.(fresh(id), context({ anchors })) ?? [];
      for (const { element } of variants) {
        expect(element.kind).toBe(id);
        expect(elementSchema.parse(element)).toEqual(element);
      }
      expect(new Set(variants.map((v) => v.key)).size).toBe(variants.length);
      expect(new Set(variants.map((v) => v.label)).size).toBe(variants.length);
    },
  );
  it('another hand, one loop more, a protected edge: the rest of the element stays as it is', () => {
    for (const e of IDS.map(fresh)) {
      const { hand, protect } = kindOf(e);
      if (hand) {
        const pulled = hand.pulled(e, 333);
        expect(hand.pullN(pulled)).toBe(333);
        expect({ ...pulled, handForceN: 0 }).toEqual({ ...e, handForceN: 0 });
        const twice = hand.secondLoop?.(e);
        if (twice) expect(hand.secondLoop!(twice)).toBeNull();
      }
      if (protect) {
        const sharp = { ...e, shape: 'sharp', bendDiameterM: null } as LineElement;
        expect([kindOf(sharp).sharp!(sharp), kindOf(sharp).sharp!(protect(sharp))]).toEqual([
          true,
          false,
        ]);
      }
    }
  });
});

/** A tackle whose first travelling body is held by a knot. */
function withKnot(e: LineElement): LineElement {
  if (e.kind !== 'tackle') throw new Error(`no tackle: ${e.kind}`);
  const at = e.bodies.findIndex((b) => b.kind === 'travelling');
  const held = { ...e.bodies[at]!, holds: { by: 'knot', knot: 'bowline' } } as const;
  return { ...e, bodies: e.bodies.with(at, held) };
}

describe('a line in series (statics, no other source)', () => {
  const LINE = elementsOf([
    ownAnchor(2000),
    { kind: 'knot', knot: 'bowline' },
    braidedNylon(),
    { kind: 'knot', knot: 'clove-hitch' },
    ownAnchor(2000),
  ]);
  const whole = lineCapacity(bare, LINE, context());
  // Another rope beside a knot changes what the knot is tied in; a system changes what its anchor bears.
  const calm = IDS.filter((id) => KINDS[id].hauling === undefined && KINDS[id].role !== 'run');
  it('no knot, corner or hardware that is put into it makes it stronger', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...calm), fc.nat(LINE.length)), { maxLength: 5 }),
        (more) => {
          const elements = [...LINE];
          for (const [kind, at] of more) elements.splice(at, 0, newElement(kind, elements));
          const { range } = lineCapacity(bare, elements, context());
          expect(range.highN).toBeLessThanOrEqual(whole.range.highN * (1 + 1e-9));
          expect(range.lowN).toBeLessThanOrEqual(whole.range.lowN * (1 + 1e-9));
        },
      ),
      { numRuns: 300 },
    ));
  it('two systems on one line: the anchor bears the larger share of both, whichever stands first', () => {
    const hitch = newElement('truckers', LINE);
    const tackle = { ...newElement('tackle', LINE), handAngleRad: Math.PI } as LineElement;
    const anchorAllows = (systems: readonly LineElement[]): number => {
      const elements = LINE.toSpliced(4, 0, ...systems);
      const places = lineCapacity(bare, elements, context()).places;
      return places.filter((p) => p.part === 'anchor').at(-1)!.allowed!;
    };
    const [one, other] = [anchorAllows([hitch]), anchorAllows([tackle])];
    expect(one).not.toBeCloseTo(other, 0);
    expect(anchorAllows([hitch, tackle])).toBeCloseTo(Math.min(one, other), 6);
    expect(anchorAllows([tackle, hitch])).toBeCloseTo(Math.min(one, other), 6);
  });
  it('two systems on one line: the least that is kept counts, and the most that is hauled', () => {
    const inputs = { routeLengthM: 4, settling: 0.2, enteredPretensionN: null };
    const [hitch, tackle] = [newElement('truckers', LINE), newElement('tackle', LINE)];
    const of = (systems: readonly LineElement[]) =>
      lineTension(bare, LINE.toSpliced(4, 0, ...systems), inputs);
    const [one, other, both] = [of([hitch]), of([tackle]), of([hitch, tackle])];
    expect(both.pretension).toBe(Math.min(one.pretension!, other.pretension!));
    expect(both.hauled).toBe(Math.max(one.hauled!, other.hauled!));
  });
});

describe('a kind as a thing of the locker', () => {
  const ITEMS: Partial<Record<ElementKindId, Record<string, unknown>>> = {
    rope: { kind: 'rope', material: 'polyester', diameterM: '12 mm', mbsN: '21 kN' },
    webbing: { kind: 'webbing', widthM: '50 mm', markedWllN: '25 kN' },
    chain: { kind: 'chain', grade: '70', sizeM: '10 mm', markedWllN: '20 kN' },
    wire: { kind: 'wire', sizeM: '10 mm', markedWllN: '20 kN' },
    ratchet: { kind: 'hardware', form: 'ratchet', markedWllN: '25 kN' },
    binder: { kind: 'hardware', form: 'binder', markedWllN: '20 kN' },
    fitting: { kind: 'hardware', form: 'shackle', markedWllN: '15 kN' },
  };
  const gear = (item: Record<string, unknown>): Gear =>
    gearSchema.parse({
      format: 'vast-cleat/gear',
      version: 1,
      code: 'X-1',
      lengthM: item['kind'] === 'hardware' ? null : 20,
      item,
    });
  const state = { condition: 'good' } as const;
  const things = Object.entries(ITEMS).map(([id, item]) => [id as ElementKindId, item] as const);

  it('every kind that may be one is here', () =>
    expect(IDS.filter((id) => KINDS[id].gear).sort()).toEqual(Object.keys(ITEMS).sort()));
  it.each(things)('%s: taken as it is, nothing is worse; every worse condition is', (id, item) => {
    const fit = kindOf(fresh(id)).gear!;
    const taken = fit.taken(fresh(id), { gear: gear(item), state }, 12)!;
    expect(elementSchema.parse(taken)).toEqual(taken);
    expect(fit.worse(taken, { gear: gear(item), state })).toBe(false);
    for (const condition of CONDITIONS) {
      const now = fit.taken(fresh(id), { gear: gear(item), state: { condition } }, 12)!;
      expect(fit.worse(taken, { gear: gear(item), state: { condition } })).toBe(
        condition === 'doubtful' ||
          condition === 'damaged' ||
          (id === 'rope' && condition === 'worn'),
      );
      // Taken as bad as it is, rope is planned as bad as it is; made gear has no condition on a line and stays doubted.
      if (id === 'rope')
        expect(fit.worse(now, { gear: gear(item), state: { condition } })).toBe(false);
    }
  });
  it.each(things)('%s: a label that says less now, or nothing, is worse', (id, item) => {
    const fit = kindOf(fresh(id)).gear!;
    const label = id === 'rope' ? 'mbsN' : 'markedWllN';
    const taken = fit.taken(fresh(id), { gear: gear(item), state }, null)!;
    const now = (value: unknown) => ({ gear: gear({ ...item, [label]: value }), state });
    expect(fit.worse(taken, now('1 kN'))).toBe(true);
    expect(fit.worse(taken, now(null))).toBe(true);
    expect(fit.worse(taken, now('99 kN'))).toBe(false);
  });
  it.each(things)('%s: other things do not fit, and another of its sort has no tag', (id) => {
    const fit = kindOf(fresh(id)).gear!;
    for (const [other, item] of things)
      if (other !== id) expect(fit.taken(fresh(id), { gear: gear(item), state }, null)).toBeNull();
    const own = fit.taken(fresh(id), { gear: gear(ITEMS[id]!), state }, 7)!;
    expect(JSON.stringify(own)).toContain('X-1');
    expect(JSON.stringify(fit.another(own))).not.toContain('X-1');
  });
});
