import { assert } from '../../result';
import { parsePlan, type Plan } from '../../securement/plan';
import { DIRECTION_IDS, type Direction } from '../../securement/vocabulary';
import { type Chance, oneOf, roundNumber, shuffled } from '../../chance';

/** A flatbed with a ring on each side of the load and one at each of its corners; invented. */
const [DECK_LENGTH_M, DECK_WIDTH_M] = [6, 2.4];
const RING_SIDE_M = 1.15;
const FOREMOST_M = 0.1;
const ring = (id: string, fromFrontM: number, fromCentreM: number) => ({
  id,
  name: `ring ${id}`,
  fromFrontM,
  fromCentreM,
  rating: { state: 'rated', wllN: '20 kN' },
  barDiameterM: '20 mm',
});

/** A crate by chance: low, or so tall and narrow that it tips. */
function crate(chance: Chance, tall: boolean) {
  return {
    id: 'u1',
    name: oneOf(chance, tall ? (['cabinet', 'rack'] as const) : (['crate', 'machine'] as const)),
    massKg: roundNumber(chance, 1000, 3000, 100),
    lengthM: tall ? roundNumber(chance, 0.8, 1.2, 0.1) : roundNumber(chance, 1.4, 2.2, 0.2),
    widthM: tall ? roundNumber(chance, 0.7, 1, 0.1) : roundNumber(chance, 1.2, 1.8, 0.1),
    heightM: tall ? roundNumber(chance, 1.8, 2.4, 0.1) : roundNumber(chance, 0.6, 1, 0.1),
    cgHeightM: tall ? 1 : 0.35,
    cgForwardM: 0,
    cgLeftM: 0,
    fromFrontM: 2,
    friction: { known: 'entered', mu: oneOf(chance, tall ? [0.6] : [0.2, 0.3, 0.4]) },
  };
}
type Crate = ReturnType<typeof crate>;

/**
 * The side of the load a line pulls at, and the ring it goes to: away from the load on that side, level with its middle or, where
 * it need not be straight, aside.
 */
function lineAt(chance: Chance, side: Direction, unit: Crate, straight: boolean) {
  const [front, rear] = [unit.fromFrontM, unit.fromFrontM + unit.lengthM];
  const heightM = unit.heightM > 1.5 ? 0.15 : roundNumber(chance, 0.2, 0.4, 0.1);
  const label = oneOf(chance, straight ? ['10 kN'] : ['10 kN', '16 kN', '20 kN']);
  const asideM = straight ? 0 : oneOf(chance, [-0.5, 0, 0.5]);
  const awayM = roundNumber(chance, 0.9, 1.4, 0.1);
  const middleM = (front + rear) / 2;
  const half = unit.widthM / 2;
  const at = {
    forward: { ring: [front - awayM, asideM], point: [front, 0] },
    rearward: { ring: [rear + awayM, asideM], point: [rear, 0] },
    left: { ring: [middleM + asideM, RING_SIDE_M], point: [middleM, half] },
    right: { ring: [middleM + asideM, -RING_SIDE_M], point: [middleM, -half] },
  }[side] as { ring: [number, number]; point: [number, number] };
  return { ...at, heightM, label };
}

function directLine(n: number, { point, heightM, label }: ReturnType<typeof lineAt>) {
  return {
    id: `l${n}`,
    name: `Line ${n}`,
    kind: 'direct',
    units: ['u1'],
    points: [{ unitId: 'u1', fromFrontM: point[0], fromCentreM: point[1], heightM }],
    elements: [
      { id: 'a', kind: 'anchor', at: { on: 'deck', anchorId: `R${n}` } },
      {
        id: 'rat',
        kind: 'ratchet',
        rating: { state: 'rated', wllN: label },
        standardTensionN: '2 kN',
      },
      { id: 'web', kind: 'webbing', widthM: '50 mm', markedWllN: label },
      {
        id: 'b',
        kind: 'anchor',
        at: {
          on: 'own',
          name: 'lug on the load',
          rating: { state: 'rated', wllN: '20 kN' },
          barDiameterM: '20 mm',
        },
      },
    ],
    settling: 0,
  };
}

/** What a deck is to be like, so that what is sought in it is found soon; where it is not said, it is so at times. */
export interface Like {
  readonly tall?: boolean;
  readonly board?: boolean;
}
const AT_TIMES = 0.2;

/** A load by chance with a line at some of its sides, and at times a headboard it stands against. */
export function deckByChance(chance: Chance, like: Like = {}): Plan {
  const tall = like.tall ?? chance() < AT_TIMES;
  const board = like.board ?? chance() < AT_TIMES;
  const unit = crate(chance, tall);
  // What stands against the headboard has light lines at its sides.
  const sides = shuffled(chance, board ? (['left', 'right'] as const) : DIRECTION_IDS);
  const lines = sides
    .slice(0, (board ? 1 : 2) + Math.floor(chance() * 2))
    .map((side) => lineAt(chance, side, unit, board));
  const fromFrontM = board ? 0 : unit.fromFrontM;
  const shift = fromFrontM - unit.fromFrontM;
  const parsed = parsePlan({
    format: 'vast-cleat/plan',
    version: 2,
    title: 'What governs',
    ruleSet: 'eu-road',
    units: [{ ...unit, fromFrontM, against: board ? ['forward'] : [] }],
    deck: {
      name: 'flatbed',
      lengthM: DECK_LENGTH_M,
      widthM: DECK_WIDTH_M,
      anchors: lines.map((l, i) =>
        ring(`R${i + 1}`, Math.max(FOREMOST_M, l.ring[0] + shift), l.ring[1]),
      ),
      ...(board
        ? {
            boards: {
              forward: { capacityN: oneOf(chance, ['20 kN', '30 kN']), heightM: '1.2 m' },
              rearward: {},
              left: {},
              right: {},
            },
          }
        : {}),
    },
    lines: lines.map((l, i) =>
      directLine(i + 1, { ...l, point: [l.point[0] + shift, l.point[1]] }),
    ),
  });
  assert(parsed.ok, 'a deck by chance is a plan');
  return parsed.value;
}
