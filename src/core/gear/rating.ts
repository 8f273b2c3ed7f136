import { knotEfficiency, type KnotSchoolChoice } from '../knot/efficiency';
import { type KnotId, knot } from '../knot/knots';
import { bendFactor } from '../rope/bend';
import { plainRope } from '../rope/plain';
import type { Rope } from '../rope/rope';
import { SCHOOL_IDS, type SchoolId, SCHOOLS } from '../rope/schools';
import { placeCapacity } from '../rope/strength';
import {
  tabulatedAtMost,
  US_CHAIN_WLL,
  US_WEBBING_WLL,
  US_WIRE_WLL,
} from '../rope/strength-tables';
import { N_PER_LBF } from '../units/constants';
import { formatCount } from '../units/format';
import { formula, type Tracer } from '../working/working';
import type { Gear, GearItem } from './schema';
import type { GearState } from './history';

type RopeItem = Extract<GearItem, { kind: 'rope' }>;
type MadeItem = Exclude<GearItem, RopeItem>;

/** A rope of the locker as it would lie on a line today. */
export function ropeOf(item: RopeItem, code: string, state: Pick<GearState, 'condition'>): Rope {
  return plainRope({
    tag: code,
    material: item.material,
    diameterM: item.diameterM,
    mbsN: item.mbsN,
    markedWllN: item.markedWllN,
    condition: state.condition,
    historyKnown: item.historyKnown,
  });
}

/** What a thing may carry by one school: bare, with a knot in it, and as a bight of two strands. */
export interface SchoolRating<V> {
  readonly school: SchoolId | 'marking';
  readonly name: string;
  readonly rule: string;
  readonly wll: V;
  /** Null where a knot or a bight has no meaning. */
  readonly knotted: V | null;
  readonly doubled: V | null;
}

/** Under what a rope is compared. */
export interface RatingChoice {
  readonly designFactor: number;
  readonly knotSchool: KnotSchoolChoice;
  readonly knot: KnotId;
  /** Diameter of what it bends over; null: it lies straight. */
  readonly bendDiameterM?: number | null;
}

function bendGiven<V>(t: Tracer<V>, rope: Rope, bendDiameterM: number | null): V {
  if (bendDiameterM === null)
    return t.given({
      label: 'no knot, no bend',
      symbol: 'η',
      value: 1,
      unit: 'ratio',
      source: 'straight rope',
      confidence: 'exact',
    });
  const ratio = bendDiameterM / rope.diameterM;
  return t.given({
    label: `bend of ${Number(ratio.toPrecision(3))} rope diameters`,
    symbol: 'η',
    value: bendFactor(ratio),
    unit: 'ratio',
    source: 'rope makers’ bend table, linear between entries',
    confidence: 'from-memory',
  });
}

/** One rope under every school, side by side: the same factors, five rules. */
export function ropeRatings<V>(t: Tracer<V>, rope: Rope, choice: RatingChoice): SchoolRating<V>[] {
  const whole = bendGiven(t, rope, choice.bendDiameterM ?? null);
  const tied = t.given(knotEfficiency(choice.knot, choice.knotSchool, rope.material));
  return SCHOOL_IDS.map((school) => {
    const capacity = (label: string, strands: 1 | 2, factor: V): V =>
      placeCapacity(
        t,
        rope,
        { school, designFactor: choice.designFactor, markedOrTableOnly: false },
        false,
        { label, strands, factor },
      );
    return {
      school,
      name: SCHOOLS[school].name,
      rule: school === 'design-factor' ? `MBS ÷ ${choice.designFactor}` : SCHOOLS[school].rule,
      wll: capacity('working load limit, straight', 1, whole),
      knotted: capacity(`with a ${knot(choice.knot).name}`, 1, tied),
      doubled: capacity('two strands, straight', 2, whole),
    };
  });
}

/** Part of MBS that is the maximum securing load. Source: CSS Code Annex 13, CTU Code Annex 7, from memory. */
export const MARINE_FRACTIONS = {
  webbing: 0.5,
  chain: 0.5,
  hardware: 0.5,
  wire: 0.3,
  wireSingleUse: 0.8,
} as const;

const securingLoad = formula<'M' | 'f'>({
  symbol: 'MSL',
  unit: 'N',
  text: 'MBS × f',
  source: SCHOOLS['marine-msl'].source,
  confidence: 'from-memory',
  symbols: { M: 'MBS' },
  compute: ({ M, f }) => M * f,
});

function usTable(item: MadeItem): { readonly strengthN: number; readonly source: string } | null {
  const named = (name: string, found: ReturnType<typeof tabulatedAtMost>) =>
    found && {
      strengthN: found.strengthN,
      source: `49 CFR 393.108, ${name}, ${found.sizeIn} in: ${formatCount(Math.round(found.strengthN / N_PER_LBF))} lbf`,
    };
  switch (item.kind) {
    case 'webbing':
      return named('webbing', tabulatedAtMost(US_WEBBING_WLL, item.widthM));
    // Unmarked welded chain counts as grade 30.
    case 'chain':
      return named(
        `chain grade ${item.grade === 'unmarked' ? '30, unmarked' : item.grade}`,
        tabulatedAtMost(US_CHAIN_WLL[item.grade === 'unmarked' ? '30' : item.grade], item.sizeM),
      );
    case 'wire':
      return named('wire rope 6 × 37', tabulatedAtMost(US_WIRE_WLL, item.sizeM));
    case 'hardware':
      return null;
  }
}

/** A force on a label or in a table, or that it does not stand there. */
function labelled<V>(
  t: Tracer<V>,
  label: string,
  symbol: string,
  value: number | null,
  source: string,
  confidence: 'rope-tag' | 'from-memory',
): V {
  return t.given({
    label,
    symbol,
    value,
    unit: 'N',
    source,
    confidence: value === null ? 'entered' : confidence,
  });
}

function marineRating<V>(t: Tracer<V>, item: MadeItem, code: string): SchoolRating<V> {
  const part = item.kind === 'wire' && item.singleUse ? 'wireSingleUse' : item.kind;
  const { name, source } = SCHOOLS['marine-msl'];
  const onLabel = item.mbsN === null ? 'not on the label' : `${code}, label`;
  const M = labelled(t, 'breaking strength', 'MBS', item.mbsN, onLabel, 'rope-tag');
  const f = t.given({
    label: 'securing fraction',
    symbol: 'f',
    value: MARINE_FRACTIONS[part],
    unit: 'ratio',
    source,
    confidence: 'from-memory',
  });
  return {
    school: 'marine-msl',
    name,
    rule: `${Math.round(MARINE_FRACTIONS[part] * 100)} % of MBS`,
    wll: t.apply(securingLoad, 'maximum securing load', { M, f }),
    knotted: null,
    doubled: null,
  };
}

/** Webbing, chain, wire and hardware: marking, table, marine securing load. No design factor comes on top of a WLL. */
function madeRatings<V>(t: Tracer<V>, item: MadeItem, code: string): SchoolRating<V>[] {
  const marked = item.markedWllN === null ? 'not marked' : `${code}, marking`;
  const table = usTable(item);
  const tabulated = table?.source ?? 'not in 49 CFR 393.108';
  const wllN = table?.strengthN ?? null;
  return [
    {
      school: 'marking',
      name: 'its marking',
      rule: 'WLL as marked',
      wll: labelled(t, 'marked WLL', 'WLL', item.markedWllN, marked, 'rope-tag'),
      knotted: null,
      doubled: null,
    },
    {
      school: 'us-table',
      name: SCHOOLS['us-table'].name,
      rule: SCHOOLS['us-table'].rule,
      wll: labelled(t, 'tabulated WLL', 'WLL', wllN, tabulated, 'from-memory'),
      knotted: null,
      doubled: null,
    },
    marineRating(t, item, code),
  ];
}

/** A thing under everything that rates it. Damaged or retired rope rates 0 by its condition; the weather counts for rope only. */
export function ratingsOf<V>(
  t: Tracer<V>,
  gear: Pick<Gear, 'item' | 'code'>,
  state: Pick<GearState, 'condition'>,
  choice: RatingChoice,
  weather: Rope['weather'] = 'dry',
): SchoolRating<V>[] {
  return gear.item.kind === 'rope'
    ? ropeRatings(t, { ...ropeOf(gear.item, gear.code, state), weather }, choice)
    : madeRatings(t, gear.item, gear.code);
}
