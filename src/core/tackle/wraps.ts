import { fail, ok, type Result } from '../result';
import { formula, type Tracer } from '../working/working';
import { frictionOfHalfTurn, PASS_KINDS, type PassKind } from './passes';

/** Tail force that holds a load over wraps: T_load · exp(−μθ). Source: Euler and Eytelwein, exact. */
export const tailFormula = formula<'T' | 'mu' | 'theta'>({
  symbol: 'T₀',
  unit: 'N',
  text: 'T × exp(−μ × θ)',
  source: 'capstan equation',
  confidence: 'exact',
  symbols: { T: 'T', mu: 'μ', theta: 'θ' },
  compute: ({ T, mu, theta }) => T * Math.exp(-mu * theta),
});

/** What a rope is wrapped round, how much a unit of it turns, and how many units are usual. Source: common practice. */
export const WRAP_FORMS = {
  post: {
    name: 'turns on a post',
    unit: 'turns',
    baseRad: 0,
    unitRad: 2 * Math.PI,
    usual: 2,
    round: 'post',
    grips: false,
  },
  ring: {
    name: 'turns on a ring or rail',
    unit: 'turns',
    baseRad: 0,
    unitRad: 2 * Math.PI,
    usual: 2,
    round: 'ring',
    grips: false,
  },
  cleat: {
    name: 'base turn and figure-eights on a cleat',
    unit: 'figure-eights',
    baseRad: 1.5 * Math.PI,
    unitRad: 2 * Math.PI,
    usual: 2,
    round: 'ring',
    grips: false,
  },
  'pipe-hitch': {
    name: 'pipe hitch',
    unit: 'turns',
    baseRad: 0,
    unitRad: 2 * Math.PI,
    usual: 5,
    round: 'ring',
    grips: false,
  },
  'wrap-hitch': {
    name: 'wrap (tensionless) hitch on a tree',
    unit: 'wraps',
    baseRad: 0,
    unitRad: 2 * Math.PI,
    usual: 4,
    round: 'post',
    grips: false,
  },
  'taut-line': {
    name: 'taut-line hitch',
    unit: 'inside turns',
    baseRad: Math.PI,
    unitRad: 2 * Math.PI,
    usual: 2,
    round: 'rope-loop',
    grips: true,
  },
  'rolling-hitch': {
    name: 'rolling hitch',
    unit: 'turns',
    baseRad: Math.PI,
    unitRad: 2 * Math.PI,
    usual: 2,
    round: 'rope-loop',
    grips: true,
  },
  prusik: {
    name: 'prusik',
    unit: 'wraps of the doubled cord',
    baseRad: 0,
    unitRad: 4 * Math.PI,
    usual: 3,
    round: 'rope-loop',
    grips: true,
  },
} as const satisfies Record<
  string,
  {
    name: string;
    unit: string;
    baseRad: number;
    unitRad: number;
    usual: number;
    round: PassKind;
    grips: boolean;
  }
>;
export type WrapFormId = keyof typeof WRAP_FORMS;
export const WRAP_FORM_IDS = Object.keys(WRAP_FORMS) as [WrapFormId, ...WrapFormId[]];

/** Angle that a form with a number of units wraps, in radians. */
export const wrappedAngle = (form: WrapFormId, units: number): number =>
  WRAP_FORMS[form].baseRad + units * WRAP_FORMS[form].unitRad;

/** Rope wrapped round something round. */
export interface Wraps {
  readonly loadN: number;
  readonly angleRad: number;
  readonly round: PassKind;
}

/**
 * What must be held at the tail, between the most and the least friction of what the rope goes round: plan with the
 * greater. In N, with working. For grip hitches an estimate only: what the wraps do not take, the hitch must pinch.
 */
export function tailForce<V>(
  t: Tracer<V>,
  { loadN, angleRad, round }: Wraps,
): { readonly least: V; readonly greatest: V } {
  const { name, least, most } = PASS_KINDS[round];
  const tail = (label: string, efficiency: number): V =>
    t.apply(tailFormula, label, {
      T: t.given({
        label: 'tension of the loaded part',
        symbol: 'T',
        value: loadN,
        unit: 'N',
        source: 'your entry',
        confidence: 'entered',
      }),
      mu: t.given({
        label: `friction on a ${name}`,
        symbol: 'μ',
        value: frictionOfHalfTurn(efficiency),
        unit: 'ratio',
        source: `half turn leaves ${efficiency}`,
        confidence: 'from-memory',
      }),
      theta: t.given({
        label: 'wrapped angle',
        symbol: 'θ',
        value: angleRad,
        unit: 'rad',
        source: 'your entry',
        confidence: 'entered',
      }),
    });
  return {
    least: tail('to hold at the tail, most friction', least),
    greatest: tail('to hold at the tail, least friction', most),
  };
}

const QUARTERS = 4;

/**
 * Turns wanted so that a hand holds a load even with the least friction, rounded up to a quarter turn.
 * @returns `wraps-no-hand` when the hand pulls nothing: friction alone never holds in this model.
 */
export function turnsWanted(loadN: number, handN: number, round: PassKind): Result<number> {
  if (!(handN > 0)) return fail('wraps-no-hand');
  const mu = frictionOfHalfTurn(PASS_KINDS[round].most);
  const turns = Math.max(0, Math.log(loadN / handN) / mu) / (2 * Math.PI);
  // A hair below a quarter counts as that quarter: nobody measures wraps so finely.
  return ok(Math.max(0, Math.ceil(turns * QUARTERS - 1e-9)) / QUARTERS);
}
