import { assert } from '../../result';
import { assess } from '../../securement/assess';
import { LOCKER_NOT_ASKED } from '../../securement/locker-word';
import { parsePlan, type Plan } from '../../securement/plan';
import { type Chance, oneOf, roundNumber } from '../../chance';

/** A flatbed with rings along both sides; invented. */
const [DECK_LENGTH_M, DECK_WIDTH_M] = [6, 2.4];
const RINGS_M = [0.3, 0.8, 1.3, 1.8, 2.3, 2.8, 3.3, 3.8, 4.3, 4.8, 5.3];
const RING_SIDE_M = 1.15;
/** A crate is tied down over at least so many rings' places. */
const FEWEST_PLACES = 3;

const ring = (side: 'L' | 'R', i: number) => ({
  id: `${side}${i + 1}`,
  name: `ring ${side}${i + 1}`,
  fromFrontM: RINGS_M[i]!,
  fromCentreM: side === 'L' ? RING_SIDE_M : -RING_SIDE_M,
  rating: { state: 'rated', wllN: '20 kN' },
  barDiameterM: '20 mm',
});

/** A strap from a ring over the load to the ring across. */
const strap = (n: number, at: number) => ({
  id: `l${n + 1}`,
  name: `Strap ${n + 1}`,
  kind: 'over',
  elements: [
    { id: 'a', kind: 'anchor', at: { on: 'deck', anchorId: `L${at + 1}` } },
    { id: 'web', kind: 'webbing', widthM: '50 mm', markedWllN: '25 kN' },
    edge('e1', 'edge, left side'),
    edge('e2', 'edge, right side'),
    {
      id: 'rat',
      kind: 'ratchet',
      rating: { state: 'rated', wllN: '25 kN' },
      standardTensionN: '3.5 kN',
    },
    { id: 'b', kind: 'anchor', at: { on: 'deck', anchorId: `R${at + 1}` } },
  ],
  units: ['u1'],
  settling: 0,
});
const edge = (id: string, name: string) => ({
  id,
  kind: 'edge',
  name,
  shape: 'protected',
  bendDiameterM: '100 mm',
});

/** A crate by chance, low enough that it slides before it tips. */
function crate(chance: Chance) {
  const lengthM = roundNumber(chance, 1.6, 3.6, 0.2);
  return {
    id: 'u1',
    name: oneOf(chance, ['crate', 'boards', 'machine', 'panels']),
    massKg: roundNumber(chance, 1500, 6000, 100),
    lengthM,
    widthM: roundNumber(chance, 1.2, 2, 0.1),
    heightM: roundNumber(chance, 0.5, 1, 0.1),
    cgHeightM: 0.3,
    cgForwardM: 0,
    cgLeftM: 0,
    fromFrontM: roundNumber(chance, 0.2, Math.min(1.6, DECK_LENGTH_M - lengthM - 0.4), 0.1),
    friction: { known: 'entered', mu: oneOf(chance, [0.4, 0.5, 0.6]) },
  };
}

/** A strap lies well on the load, not at its very end. */
const INSIDE_M = 0.1;
const isBeside = (
  ringM: number,
  { fromFrontM, lengthM }: { fromFrontM: number; lengthM: number },
) => ringM > fromFrontM + INSIDE_M && ringM < fromFrontM + lengthM - INSIDE_M;

/** Places of two or more straps over a load, spread evenly over the rings beside it. */
function spread(places: readonly number[], count: number): number[] {
  return Array.from({ length: count }, (_, i) =>
    places.at(Math.round((i * (places.length - 1)) / (count - 1))),
  ) as number[];
}

function planWith(unit: ReturnType<typeof crate>, places: readonly number[]): Plan {
  const parsed = parsePlan({
    format: 'vast-cleat/plan',
    version: 2,
    title: 'A deck to be read',
    ruleSet: 'eu-road',
    units: [unit],
    deck: {
      name: 'flatbed',
      lengthM: DECK_LENGTH_M,
      widthM: DECK_WIDTH_M,
      anchors: (['L', 'R'] as const).flatMap((side) => RINGS_M.map((_, i) => ring(side, i))),
    },
    lines: places.map((at, n) => strap(n, at)),
  });
  assert(parsed.ok, 'a deck to be read is a plan');
  return parsed.value;
}

/** How many straps the rows of a plan ask for, as what each adds goes by number. */
function strapsAsked(plan: Plan, mu: number): number {
  const wanted = assess(plan, LOCKER_NOT_ASKED).rows.map(({ code, required, provided }) => {
    const each = (provided.value! - mu) / plan.lines.length;
    return code === 'sliding' ? Math.ceil((required.value! - mu) / each - 1e-9) : 0;
  });
  return Math.max(0, ...wanted);
}

/** A crate tied down with just as many straps as the rules ask for, and held by statics too. */
export function soundDeck(chance: Chance): Plan {
  for (;;) {
    const unit = crate(chance);
    const places = [...RINGS_M.keys()].filter((i) => isBeside(RINGS_M[i]!, unit));
    if (places.length < FEWEST_PLACES) continue;
    const two = planWith(unit, spread(places, 2));
    const count = strapsAsked(two, unit.friction.mu);
    // What one strap holds is no load to count straps on.
    if (count < 2 || count > places.length) continue;
    const plan = count === 2 ? two : planWith(unit, spread(places, count));
    if (assess(plan, LOCKER_NOT_ASKED).verdict === 'holds') return plan;
  }
}
