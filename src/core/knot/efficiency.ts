import { ROPE_MATERIALS, type RopeMaterialId, SLICK_KNOT_CAP } from '../rope/materials';
import type { Confidence, Given } from '../working/working';
import { KNOT_SCHOOLS, type KnotId, type KnotSchool, knot } from './knots';

/** `lowest`: the least of all schools, the pessimistic default. */
export type KnotSchoolChoice = KnotSchool | 'lowest';
export const KNOT_SCHOOL_CHOICES = [
  'lowest',
  'seamanship',
  'field',
  'rescue',
] as const satisfies readonly KnotSchoolChoice[];

/** What a knot keeps when no school has measured it. Practice: as the weakest knot known, no published value. */
export const UNPUBLISHED_EFFICIENCY = 0.45;

const SCHOOL_NAMES: Record<KnotSchool, string> = {
  seamanship: 'seamanship school',
  field: 'field school',
  rescue: 'rope-rescue pull tests',
};
const SCHOOL_CONFIDENCE: Record<KnotSchool, Confidence> = {
  seamanship: 'practice',
  field: 'practice',
  rescue: 'from-memory',
};

interface Choice {
  readonly value: number;
  readonly source: string;
  readonly confidence: Confidence;
}

function ofSchool(id: KnotId, school: KnotSchool): Choice | null {
  const range = knot(id).efficiency[school];
  if (!range) return null;
  const span =
    range[0] === range[1]
      ? ''
      : `, lower end of ${Math.round(range[0] * 100)} to ${Math.round(range[1] * 100)} %`;
  return {
    value: range[0],
    source: SCHOOL_NAMES[school] + span,
    confidence: SCHOOL_CONFIDENCE[school],
  };
}

function lowest(id: KnotId): Choice | null {
  const known = KNOT_SCHOOLS.map((school) => ofSchool(id, school)).filter((c) => c !== null);
  if (known.length === 0) return null;
  return known.reduce((least, c) => (c.value < least.value ? c : least));
}

/**
 * Efficiency of a knot: the part of breaking strength it leaves.
 *
 * The chosen school's value, a range at its lower end; a school without a value falls back to the lowest other school;
 * no value anywhere: 45 %, "no published value". Slick fibre caps it at 40 %. The choice is stated in the source text.
 */
export function knotEfficiency(
  id: KnotId,
  choice: KnotSchoolChoice,
  material: RopeMaterialId,
): Given {
  const chosen = choice === 'lowest' ? null : ofSchool(id, choice);
  const fallback = chosen ? null : lowest(id);
  const picked: Choice = chosen ??
    fallback ?? {
      value: UNPUBLISHED_EFFICIENCY,
      source: 'no published value',
      confidence: 'practice',
    };
  const note =
    choice === 'lowest'
      ? fallback
        ? `${picked.source}: the lowest school`
        : picked.source
      : chosen || !fallback
        ? picked.source
        : `${SCHOOL_NAMES[choice]} has no value; ${picked.source} taken`;
  const capped =
    ROPE_MATERIALS[material].slick && !knot(id).splice && picked.value > SLICK_KNOT_CAP;
  return {
    label: `left after ${knot(id).name}`,
    symbol: 'η',
    unit: 'ratio',
    value: capped ? SLICK_KNOT_CAP : picked.value,
    source: capped ? 'slick fibre: knots slip, 40 % at most' : note,
    confidence: capped ? 'from-memory' : picked.confidence,
  };
}

/** What one school says a knot leaves. */
export interface SchoolValue {
  readonly school: KnotSchool;
  readonly name: string;
  readonly least: number;
  readonly most: number;
  readonly confidence: Confidence;
}

/** Every school's own figure for a knot, none missing filled in. */
export function schoolValues(id: KnotId): SchoolValue[] {
  return KNOT_SCHOOLS.flatMap((school) => {
    const range = knot(id).efficiency[school];
    return range
      ? [
          {
            school,
            name: SCHOOL_NAMES[school],
            least: range[0],
            most: range[1],
            confidence: SCHOOL_CONFIDENCE[school],
          },
        ]
      : [];
  });
}
