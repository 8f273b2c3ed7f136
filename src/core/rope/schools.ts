import { type Formula, formula } from '../working/working';

/**
 * The five schools that turn breaking strength into a working load limit. All are kept; a crew chooses its
 * default and the others are shown beside it.
 */
export const SCHOOLS = {
  'tenth-doubled': {
    name: 'a tenth, doubled',
    rule: 'MBS ÷ 10 × 2',
    source: 'common practice, no source',
    confidence: 'practice',
  },
  'design-factor': {
    name: 'design factor',
    rule: 'MBS ÷ N',
    source: 'rope makers; Cordage Institute guideline',
    confidence: 'from-memory',
  },
  'rigging-manual': {
    name: 'rigging manual',
    rule: 'MBS ÷ 4, used rope half',
    source: 'US Army FM 5-125',
    confidence: 'from-memory',
  },
  'marine-msl': {
    name: 'marine MSL',
    rule: '33 % of MBS',
    source: 'CSS Code Annex 13; CTU Code Annex 7',
    confidence: 'from-memory',
  },
  'us-table': {
    name: 'US table',
    rule: 'tabulated WLL',
    source: '49 CFR 393.108',
    confidence: 'from-memory',
  },
} as const;

export type SchoolId = keyof typeof SCHOOLS;
export const SCHOOL_IDS = Object.keys(SCHOOLS) as [SchoolId, ...SchoolId[]];

/** Fraction of MBS that is the maximum securing load of fibre rope. Source: CSS Code Annex 13, from memory. */
export const MARINE_ROPE_FRACTION = 0.33;
/** Divisor of the rigging manual for fibre rope. Source: US Army FM 5-125, from memory. */
export const RIGGING_MANUAL_DIVISOR = 4;
/** Default design factor: new, known, static. Source: Cordage Institute guideline, from memory. */
export const DEFAULT_DESIGN_FACTOR = 5;
/** Range offered for the design factor. */
export const DESIGN_FACTOR_RANGE = { least: 3, most: 20 } as const;

/** Inputs of a rope place: strands, strength, condition, weather, place factor (knot × bend). */
type CommonInput = 'n' | 's' | 'k' | 'w' | 'p';

/** How a school makes a capacity: with a figure of its own (divisor or fraction `d`) or without one. */
type PlaceRule =
  | {
      readonly own: { readonly symbol: string; readonly label: string };
      readonly formula: Formula<CommonInput | 'd'>;
    }
  | { readonly own: null; readonly formula: Formula<CommonInput> };

const capacity = { symbol: 'C', unit: 'N', symbols: { p: 'η' } } as const;
const product = ({ n, s, k, w, p }: Record<CommonInput, number>): number => n * s * k * w * p;

/** MBS over a number N: the crew's design factor, or the manual's divisor. */
function divided(school: SchoolId, label: string): PlaceRule {
  return {
    own: { symbol: 'N', label },
    formula: formula({
      ...capacity,
      text: 'n × MBS × κ × ω × η ÷ N',
      source: SCHOOLS[school].source,
      confidence: 'from-memory',
      compute: (v: Record<CommonInput | 'd', number>) => product(v) / v.d,
    }),
  };
}

/** Capacity of one place on a rope under each school. A knot factor multiplies MBS before the division. */
export const PLACE_RULES: Record<SchoolId, PlaceRule> = {
  'design-factor': divided('design-factor', 'design factor'),
  'tenth-doubled': {
    own: null,
    formula: formula({
      ...capacity,
      text: 'n × MBS × κ × ω × η ÷ 10 × 2',
      source: SCHOOLS['tenth-doubled'].source,
      confidence: 'practice',
      compute: (v) => (product(v) / 10) * 2,
    }),
  },
  'rigging-manual': divided('rigging-manual', 'divisor for new fibre rope'),
  'marine-msl': {
    own: { symbol: 'f', label: 'securing fraction of fibre rope' },
    formula: formula({
      ...capacity,
      text: 'n × MBS × κ × ω × η × f',
      source: SCHOOLS['marine-msl'].source,
      confidence: 'from-memory',
      compute: (v) => product(v) * v.d,
    }),
  },
  'us-table': {
    own: null,
    formula: formula({
      ...capacity,
      text: 'n × WLL × κ × ω × η',
      source: SCHOOLS['us-table'].source,
      confidence: 'from-memory',
      compute: product,
    }),
  },
};
