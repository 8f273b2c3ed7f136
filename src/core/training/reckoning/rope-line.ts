import { plainRope } from '../../rope/plain';
import { placeCapacity } from '../../rope/strength';
import { N_PER_LBF } from '../../units';
import { traced, type Working } from '../../working/working';
import { oneOf, roundNumber } from '../../chance';
import type { Reckoned, ReckoningKind, Slip } from './reckoning';

/** A new nylon rope with what lies in one line with it. */
export interface RopeLine {
  readonly breakingN: number;
  /** Design factor; 5 is a tenth, doubled. */
  readonly divisor: number;
  /** Part of the strength each knot leaves, at places of their own. */
  readonly knots: readonly number[];
  readonly wet: boolean;
  /** Working load limit of a ring or hook in the same line. */
  readonly fittingN: number | null;
}

const DIAMETER_M = 0.008;

function placeOf(facts: RopeLine, label: string, factor: number, wet = facts.wet): Working {
  const rope = plainRope({
    material: 'nylon-braid',
    diameterM: DIAMETER_M,
    mbsN: facts.breakingN,
    condition: 'new',
    weather: wet ? 'wet' : 'dry',
  });
  const basis = {
    school: 'design-factor',
    designFactor: facts.divisor,
    markedOrTableOnly: false,
  } as const;
  const left = traced.given({
    label: factor === 1 ? 'no knot' : 'knot',
    symbol: 'η',
    value: factor,
    unit: 'ratio',
    source: 'the question',
    confidence: 'entered',
  });
  return placeCapacity(traced, rope, basis, false, { label, strands: 1, factor: left });
}

function least(facts: RopeLine): Working {
  const { knots, fittingN } = facts;
  const places =
    knots.length === 0
      ? [placeOf(facts, 'rope', 1)]
      : knots.map((f, i) => placeOf(facts, `knot ${i + 1}`, f));
  if (fittingN !== null)
    places.push(
      traced.given({
        label: 'ring',
        symbol: 'C',
        value: fittingN,
        unit: 'N',
        source: 'marking',
        confidence: 'entered',
      }),
    );
  return places.length === 1
    ? places[0]!
    : traced.extreme('least', 'what the line may carry', 'WLL', places);
}

/** What the line may carry by the least figure of its parts, and what comes of forgetting or mixing one. */
function slipsOf(facts: RopeLine): Slip[] {
  const { breakingN, divisor, knots, wet, fittingN } = facts;
  const value = (f: RopeLine): number => least(f).value!;
  const plain = value({ ...facts, knots: [], fittingN: null });
  const weakest = Math.min(1, ...knots);
  return [
    { code: 'breaking-as-working', value: breakingN },
    ...(divisor === 5 && knots.length === 0 && fittingN === null
      ? [{ code: 'not-doubled', value: breakingN / 10 } as const]
      : []),
    ...(knots.length > 0
      ? ([
          { code: 'knot-forgotten', value: value({ ...facts, knots: [] }) },
          { code: 'not-divided', value: breakingN * weakest },
        ] as const)
      : []),
    ...(knots.length === 1
      ? ([
          { code: 'loss-kept', value: plain * (1 - weakest) },
          { code: 'percent-subtracted', value: plain - (1 - weakest) * 100 * N_PER_LBF },
        ] as const)
      : []),
    ...(knots.length > 1
      ? [{ code: 'knots-multiplied', value: knots.reduce((v, f) => v * f, plain) } as const]
      : []),
    ...(wet ? [{ code: 'wet-forgotten', value: value({ ...facts, wet: false }) } as const] : []),
    ...(fittingN === null
      ? []
      : ([
          { code: 'fitting-forgotten', value: value({ ...facts, fittingN: null }) },
          { code: 'fitting-divided', value: fittingN / divisor },
        ] as const)),
  ];
}

export const ropeLine: ReckoningKind<RopeLine> = {
  make(chance) {
    const knot = (): number => roundNumber(chance, 45, 85, 5) / 100;
    const first = knot();
    const breakingN = roundNumber(chance, 400, 6000, 50) * N_PER_LBF;
    const divisor = oneOf(chance, [5, 5, 7, 10]);
    const shape = oneOf(chance, ['plain', 'knot', 'knots', 'wet', 'ring']);
    const knots = shape === 'plain' ? [] : shape === 'knots' ? [first, knot()] : [first];
    const plain = (breakingN / divisor) * first;
    const ring =
      shape === 'ring' ? Math.max(20, Math.round((0.75 * plain) / N_PER_LBF / 10) * 10) : 0;
    return {
      breakingN,
      divisor,
      knots,
      wet: shape === 'wet',
      fittingN: shape === 'ring' ? ring * N_PER_LBF : null,
    };
  },
  reckon: (facts): Reckoned => ({ sheet: least(facts), slips: slipsOf(facts) }),
};
