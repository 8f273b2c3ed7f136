import type { Tracer } from '../working/working';
import { formula } from '../working/working';
import { N_PER_LBF } from '../units/constants';
import { formatCount } from '../units/format';
import {
  conditionFactor,
  CONDITION_FACTORS,
  RIGGING_MANUAL_USED_FACTOR,
  UNKNOWN_HISTORY_FACTOR,
} from './condition';
import { ROPE_MATERIALS } from './materials';
import type { Rope } from './rope';
import {
  MARINE_ROPE_FRACTION,
  PLACE_RULES,
  RIGGING_MANUAL_DIVISOR,
  type SchoolId,
} from './schools';
import { tabulatedAtMost, tabulatedMbs, US_ROPE_WLL } from './strength-tables';

/** How a rope's working load limit is found: the rule set decides, or leaves it to the crew's school. */
export interface StrengthBasis {
  readonly school: SchoolId;
  readonly designFactor: number;
  /** `us-cmv`: marked WLL, else table, else unknown; never the crew's school. */
  readonly markedOrTableOnly: boolean;
}

/** What is asked of a place: what it may carry, or what it stands before it parts. */
export type PlaceLimit = 'working' | 'breaking';

/** Part of a table's MBS that counts when the rope's own label is missing. From memory; pessimistic by design. */
const UNLABELLED_PART = 0.5;

const halfOfTable = formula({
  symbol: 'MBS',
  unit: 'N',
  text: 'M × h',
  source: 'rope with no label counts half of its table',
  confidence: 'default',
  compute: ({ M, h }: Record<'M' | 'h', number>) => M * h,
});

/** Breaking strength as the label or the material's table gives it, nothing taken off, or unknown. Interpolates only inside the table. */
function unfactoredStrength<V>(t: Tracer<V>, rope: Rope, symbol: string): V {
  if (rope.mbsN !== null) {
    return t.given({
      label: 'breaking strength',
      symbol: 'MBS',
      value: rope.mbsN,
      unit: 'N',
      source: rope.tag ? `rope ${rope.tag}, label` : 'your entry',
      confidence: rope.tag ? 'rope-tag' : 'entered',
    });
  }
  const entry = tabulatedMbs(rope.material, rope.diameterM);
  if (!entry) {
    return t.given({
      label: 'breaking strength',
      symbol,
      value: null,
      unit: 'N',
      source: 'no label, and no table for this material and size',
      confidence: 'entered',
    });
  }
  return t.given({
    label: 'tabulated strength',
    symbol,
    value: entry.strengthN,
    unit: 'N',
    confidence: entry.confidence,
    source: `${entry.source}${entry.between ? ', between two sizes' : ''}`,
  });
}

/** Breaking strength that counts: from the label, or half the material's table, or unknown. */
export function breakingStrength<V>(t: Tracer<V>, rope: Rope): V {
  const full = unfactoredStrength(t, rope, rope.mbsN !== null ? 'MBS' : 'M');
  if (rope.mbsN !== null || t.value(full) === null) return full;
  return t.apply(halfOfTable, 'breaking strength', {
    M: full,
    h: t.given({
      label: 'no label',
      symbol: 'h',
      value: UNLABELLED_PART,
      unit: 'ratio',
      source: 'no label: half',
      confidence: 'default',
    }),
  });
}

/** Working load limit that is marked on the rope or tabulated for it; unknown when neither. */
function markedOrTabulatedWll<V>(t: Tracer<V>, rope: Rope): V {
  const common = { label: 'working load limit, unknotted', symbol: 'WLL', unit: 'N' } as const;
  if (rope.markedWllN !== null) {
    return t.given({
      ...common,
      value: rope.markedWllN,
      source: rope.tag ? `rope ${rope.tag}, marking` : 'marking',
      confidence: 'rope-tag',
    });
  }
  const column = ROPE_MATERIALS[rope.material].usTable;
  const entry = column && tabulatedAtMost(US_ROPE_WLL[column], rope.diameterM);
  if (!entry)
    return t.given({
      ...common,
      value: null,
      source: 'not marked and not in 49 CFR 393.108',
      confidence: 'entered',
    });
  const lbf = Math.round(entry.strengthN / N_PER_LBF);
  return t.given({
    ...common,
    value: entry.strengthN,
    confidence: 'from-memory',
    source: `49 CFR 393.108, ${column}, ${entry.sizeIn} in: ${formatCount(lbf)} lbf`,
  });
}

function condition<V>(t: Tracer<V>, rope: Rope, school: SchoolId, temporary: boolean): V {
  const seen = conditionFactor(rope.condition, rope.damageIsolated, temporary);
  const isolated = seen !== CONDITION_FACTORS[rope.condition] ? ', isolated, temporary line' : '';
  const manual = school === 'rigging-manual' && seen > 0 && rope.condition !== 'new';
  const byState = manual ? Math.min(seen, RIGGING_MANUAL_USED_FACTOR) : seen;
  const doubted = !rope.historyKnown && byState > UNKNOWN_HISTORY_FACTOR;
  return t.given({
    label: `condition: ${rope.condition}${isolated}${rope.historyKnown ? '' : ', history unknown'}`,
    symbol: 'κ',
    value: doubted ? UNKNOWN_HISTORY_FACTOR : byState,
    unit: 'ratio',
    source: doubted
      ? 'history unknown: doubtful at best'
      : manual
        ? 'US Army FM 5-125: used rope counts half'
        : 'new 1.0, good 0.9, worn 0.75, doubtful 0.5, damaged 0',
    confidence: doubted ? 'default' : 'from-memory',
  });
}

function weather<V>(t: Tracer<V>, rope: Rope): V {
  const material = ROPE_MATERIALS[rope.material];
  const value =
    rope.weather === 'wet'
      ? material.wetFactor
      : rope.weather === 'frozen'
        ? material.frozenFactor
        : 1;
  return t.given({
    label: `${rope.weather}, ${material.name}`,
    symbol: 'ω',
    value,
    unit: 'ratio',
    source: 'wet: nylon 0.85, manila and sisal 0.95; frozen natural fibre 0.7',
    confidence: 'from-memory',
  });
}

function ownFigure<V>(t: Tracer<V>, basis: StrengthBasis, symbol: string, label: string): V {
  const own = {
    'design-factor': basis.designFactor,
    'rigging-manual': RIGGING_MANUAL_DIVISOR,
    'marine-msl': MARINE_ROPE_FRACTION,
    'tenth-doubled': 1,
    'us-table': 1,
  }[basis.school];
  const crew = basis.school === 'design-factor';
  return t.given({
    label,
    symbol,
    value: own,
    unit: 'ratio',
    confidence: crew ? 'crew-default' : 'from-memory',
    source: crew
      ? '5 new and static, 7 used, 10 unknown history, 12 more'
      : PLACE_RULES[basis.school].formula.source,
  });
}

/** What one place on a rope is: how many strands carry there, and the factor of knot and bend. */
export interface RopePlace<V> {
  readonly label: string;
  readonly strands: 1 | 2;
  readonly factor: V;
}

/** What is marked on the rope is a ceiling under every school: a school may say less, never more. */
function underMarking<V>(t: Tracer<V>, rope: Rope, place: RopePlace<V>, bySchool: V): V {
  if (rope.markedWllN === null) return bySchool;
  const label =
    place.strands === 2 ? 'marked working load limit, two strands' : 'marked working load limit';
  const marked = t.given({
    label,
    symbol: 'C',
    value: rope.markedWllN * place.strands,
    unit: 'N',
    source: rope.tag ? `rope ${rope.tag}, marking` : 'marking',
    confidence: 'rope-tag',
  });
  const [ceiling, said] = [t.value(marked), t.value(bySchool)];
  // The marking is only worth a line of the working where it is the lower one.
  return said !== null && ceiling !== null && said <= ceiling
    ? bySchool
    : t.extreme('least', place.label, 'C', [bySchool, marked]);
}

/**
 * Capacity in N of one place on a rope (the rope itself, a knot, a bend over an edge).
 *
 * Whole-rope factors (condition κ, weather ω) multiply into every place; the place factor η is knot, bend, or both
 * where they lie at the same spot. Under `us-table` the same factors multiply the tabulated WLL.
 * A rope with a marked WLL but no breaking strength on its label counts its marking, which gets no further design factor;
 * under every school the marking is a ceiling. `limit` breaking: the same without design factor and without that ceiling.
 */
export function placeCapacity<V>(
  t: Tracer<V>,
  rope: Rope,
  basis: StrengthBasis,
  temporary: boolean,
  place: RopePlace<V>,
  limit: PlaceLimit = 'working',
): V {
  const breaking = limit === 'breaking';
  const onlyMarked = rope.mbsN === null && rope.markedWllN !== null;
  const byMarking =
    onlyMarked || (!breaking && (basis.markedOrTableOnly || basis.school === 'us-table'));
  const school: SchoolId = byMarking ? 'us-table' : breaking ? 'design-factor' : basis.school;
  const common = {
    n: t.given({
      label: place.strands === 2 ? 'strands sharing' : 'single strand',
      symbol: 'n',
      value: place.strands,
      unit: 'count',
      source: 'your entry',
      confidence: 'entered',
    }),
    s: byMarking ? markedOrTabulatedWll(t, rope) : breakingStrength(t, rope),
    k: condition(t, rope, school, temporary),
    w: weather(t, rope),
    p: place.factor,
  };
  const rule = PLACE_RULES[school];
  if (rule.own === null)
    return underMarking(t, rope, place, t.apply(rule.formula, place.label, common));
  const own = breaking
    ? t.given({
        label: 'nothing taken off: until it parts',
        symbol: rule.own.symbol,
        value: 1,
        unit: 'ratio',
        source: 'breaking strength',
        confidence: 'exact',
      })
    : ownFigure(t, basis, rule.own.symbol, rule.own.label);
  const bySchool = t.apply(rule.formula, place.label, { ...common, d: own });
  return breaking ? bySchool : underMarking(t, rope, place, bySchool);
}

const stiffnessFormula = formula({
  symbol: 'EA',
  unit: 'N',
  text: '0.2 × MBS ÷ ε',
  source: 'secant stiffness at 20 % of MBS',
  confidence: 'from-memory',
  symbols: { M: 'MBS' },
  compute: ({ M, strain }: Record<'M' | 'strain', number>) => (0.2 * M) / strain,
});

/**
 * Stiffness EA in N from the unfactored MBS and the strain at 20 % of it: EA ≈ 0.20·MBS ÷ strain.
 * Source: rope makers' stretch figures, from memory.
 */
export function stiffness<V>(t: Tracer<V>, rope: Rope): V {
  const material = ROPE_MATERIALS[rope.material];
  return t.apply(stiffnessFormula, 'stiffness', {
    // A missing label lowers the strength that counts, not the stiffness: a rope does not know its label.
    M: unfactoredStrength(t, rope, 'MBS'),
    strain: t.given({
      label: `strain at 20 % of MBS, ${material.name}`,
      symbol: 'ε',
      value: material.workingStrain,
      unit: 'ratio',
      source: 'rope makers',
      confidence: 'from-memory',
    }),
  });
}

/** How much stiffer than its table a rope without label may be: good braid is sold up to half again as strong. Common practice, no source. */
const STIFFEST_OF_SIZE = 1.5;

const stiffestFormula = formula({
  symbol: 'EA′',
  unit: 'N',
  text: 'EA × u',
  source: 'no label: as stiff as any of its size',
  confidence: 'practice',
  compute: ({ EA, u }: Record<'EA' | 'u', number>) => EA * u,
});

/**
 * Stiffness in N that a rope without label may have at most: a stiff line loses more of its pull when it is let go, and
 * a label nobody read must not be worth more than one that was. Null: the label is there, and says it.
 */
export function stiffestOfSize<V>(t: Tracer<V>, rope: Rope): V | null {
  if (rope.mbsN !== null) return null;
  return t.apply(stiffestFormula, 'stiffness, no label', {
    EA: stiffness(t, rope),
    u: t.given({
      label: 'stiffest of its size',
      symbol: 'u',
      value: STIFFEST_OF_SIZE,
      unit: 'ratio',
      source: 'common practice, no source',
      confidence: 'practice',
    }),
  });
}
