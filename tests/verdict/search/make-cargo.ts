import type { Random } from './random';
import type { RawPlan, RawElement } from './make-plan';

const LBF = 4.4482216152605;

export const round = (v: number, digits = 3): number => Number(v.toFixed(digits));

/** The same quantity as a number, or as text in some unit. */
function length(r: Random, m: number): number | string {
  const at = round(m);
  return r.chance(0.85)
    ? at
    : r.pick([`${round(m * 1000, 0)} mm`, `${round(m * 100, 1)} cm`, `${round(m / 0.3048, 3)} ft`]);
}

export const force = (r: Random, n: number): number | string =>
  r.chance(0.85)
    ? round(n, 0)
    : r.pick([`${round(n / 1000, 3)} kN`, `${round(n / LBF, 0)} lbf`, `${round(n / 10, 0)} daN`]);

export function cargoOf(
  r: Random,
  ruleSet: string,
  deck: { lengthM: number; widthM: number },
): Record<string, unknown> {
  // Boundaries of 49 CFR 393.110 come up more often than by chance.
  const lengthM = r.chance(0.12)
    ? r.pick([1.524, 3.048, 1.52, 3.05])
    : Math.min(r.ratio(0.4, 5), deck.lengthM * 0.95);
  const massKg =
    r.chance(0.05) && ruleSet === 'us-cmv'
      ? r.pick([498.95, 498.96, 1100 * 0.45359237])
      : r.ratio(40, 2500);
  const widthM = Math.min(r.ratio(0.35, 2.2), deck.widthM * (r.chance(0.05) ? 1.15 : 0.95));
  const heightM = r.ratio(0.25, 2.2);
  const fromFrontM = r.chance(0.95)
    ? r.between(0, Math.max(0.01, deck.lengthM - lengthM))
    : r.between(0, deck.lengthM);
  const mu = round(r.between(0.15, 0.8), 2);
  return {
    name: 'load',
    massKg: r.chance(0.03)
      ? null
      : r.chance(0.9)
        ? round(massKg, 2)
        : `${round(massKg / 0.45359237, 1)} lb`,
    lengthM: length(r, lengthM),
    widthM: length(r, widthM),
    heightM: length(r, heightM),
    fromFrontM: round(fromFrontM),
    cgHeightM: r.chance(0.06) ? null : round(heightM * r.between(0.35, 0.6)),
    fromCentreM: r.chance(0.8) ? 0 : round(r.between(-0.5, 0.5)),
    ...(r.chance(0.2)
      ? {
          cgForwardM: round(lengthM * r.between(-0.2, 0.2)),
          cgLeftM: round(widthM * r.between(-0.2, 0.2)),
        }
      : {}),
    friction: r.chance(0.05)
      ? { known: 'no' }
      : r.chance(0.3)
        ? {
            known: 'pair',
            pair: r.pick([
              'sawn-wood-plywood',
              'steel-plywood',
              'anti-slip-mat',
              'planed-wood-plywood',
            ]),
          }
        : { known: 'entered', mu },
    surface: r.chance(0.95) ? 'clean' : r.pick(['unswept', 'icy']),
    rows: r.chance(0.94) ? 1 : 2,
    ...(r.chance(0.04) ? { maxLineForceN: round(r.ratio(200, 6000), 0) } : {}),
    fullyContained: r.chance(0.1),
  };
}

export const num = (v: unknown): number =>
  typeof v === 'number'
    ? v
    : /ft/.test(String(v))
      ? parseFloat(String(v)) * 0.3048
      : /mm/.test(String(v))
        ? parseFloat(String(v)) / 1000
        : parseFloat(String(v)) / 100;

export function deckOf(r: Random, size: { lengthM: number; widthM: number }): RawPlan['deck'] {
  const step = r.between(0.5, 1.1);
  const anchors: Record<string, unknown>[] = [];
  const rating = (): Record<string, unknown> =>
    r.chance(0.03)
      ? { state: 'unrated' }
      : { state: 'rated', wllN: force(r, r.pick([5000, 8000, 12_000, 20_000, 20_000])) };
  for (let i = 0, x = 0.15; x < size.lengthM; i++, x += step) {
    for (const side of ['L', 'R']) {
      const y = (size.widthM / 2 - 0.05) * (side === 'L' ? 1 : -1);
      anchors.push({
        id: `${side}${i}`,
        name: `ring ${side}${i}`,
        fromFrontM: round(x),
        fromCentreM: round(y),
        rating: rating(),
        barDiameterM: r.chance(0.97) ? 0.016 : null,
      });
    }
  }
  const board = (): Record<string, unknown> =>
    r.chance(0.2)
      ? {
          touching: true,
          capacityN: r.chance(0.15) ? null : r.pick([0, 3000, 10_000, 30_000]),
          heightM: r.chance(0.4) ? null : round(r.between(0.1, 1.5)),
        }
      : { touching: false, capacityN: null };
  return {
    name: 'deck',
    ...size,
    anchors,
    blocking: { forward: board(), rearward: r.chance(0.3) ? board() : {}, left: {}, right: {} },
  };
}

export const edge = (r: Random, id: string): RawElement =>
  r.chance(0.96)
    ? { id, kind: 'edge', name: 'edge', shape: 'protected', bendDiameterM: 0.1 }
    : r.chance(0.5)
      ? {
          id,
          kind: 'edge',
          name: 'edge',
          shape: 'rounded',
          bendDiameterM: r.pick([null, 0.01, 0.06]),
        }
      : { id, kind: 'edge', name: 'edge', shape: 'sharp', bendDiameterM: null };

/**
 * Sets that ask for more get neither no line at all nor so many that one of them is sure to be wrong: else hardly a plan
 * would hold, and nothing could be said too kindly.
 */
const SOME: readonly number[] = [1, 2, 2, 3, 3, 3, 4, 4, 5];
export const OVER_COUNTS: Readonly<Record<string, readonly number[]>> = {
  'au-road': SOME,
  'uk-road': SOME,
  'sea-ctu-b': SOME,
  'sea-ctu-c': SOME,
};
