import { FLAT_LINE_RAD } from '../flat-line';
import type { FindingCode } from '../codes';
import { STANDARD_GRAVITY } from '../../units/constants';
import { bare, formula, traced, type Tracer, type Working } from '../../working/working';
import { downPart, flatPart } from '../leg';
import type { Direction } from '../vocabulary';
import { type Finding, type TallyRow, tallyRow } from '../verdict';
import { at, type End, type Ranged, type RuleInput, type TieDown } from './rule-set';

/** What motion in a direction is resisted by: the horizontal part of a leg that points the other way. */
export function alongMotion(leg: { forward: number; left: number }, direction: Direction): number {
  return { forward: -leg.forward, rearward: leg.forward, left: -leg.left, right: leg.left }[
    direction
  ];
}

/** Horizontal part of a line against a motion, for a tension of 1: one rope has one tension, so its legs add up with their signs. */
export const againstMotion = (td: TieDown, direction: Direction): number =>
  td.anyWay ? 1 : td.legs.reduce((sum, l) => sum + alongMotion(l, direction) * flatPart(l), 0);

/** Downward part of a line for a tension of 1: two legs straight down where nobody knows where it runs. */
export const pressingPart = (td: TieDown): number =>
  td.anyWay ? 2 : td.legs.reduce((sum, l) => sum + downPart(l), 0);

/** A requirement printed in the rules. */
export function requirement(
  label: string,
  symbol: string,
  value: number,
  unit: 'g' | 'N' | 'count',
  source: string,
): Working {
  return traced.given({ label, symbol, value, unit, source, confidence: 'from-memory' });
}

/** Weight of the article, N; unknown mass stays unknown. */
export function weight<V>(t: Tracer<V>, massKg: number | null, gravity = STANDARD_GRAVITY): V {
  return t.apply(weightFormula, 'weight', {
    m: t.given({
      label: 'mass',
      symbol: 'm',
      value: massKg,
      unit: 'kg',
      source: massKg === null ? 'not entered' : 'your entry',
      confidence: 'entered',
    }),
    g: t.given({
      label: 'gravity',
      symbol: 'g',
      value: gravity,
      unit: 'ratio',
      source: 'standard gravity',
      confidence: 'exact',
    }),
  });
}
const weightFormula = formula({
  symbol: 'W',
  unit: 'N',
  text: 'm × g',
  source: 'weight',
  confidence: 'exact',
  compute: ({ m, g }: Record<'m' | 'g', number>) => m * g,
});

/** Reads ranged figures at one end, in one tracer. */
export interface Reader<V> {
  readonly t: Tracer<V>;
  /** A tension that drags or overturns the load eases as it gives: at the best it is not counted, so that SHORT is sure. */
  readonly dragCounts: boolean;
  read(ranged: Ranged): V;
}

const lowReader: Reader<Working> = {
  t: traced,
  dragCounts: true,
  read: (ranged) => at(traced, ranged, 'low', (w) => w),
};
const endReader = (end: End): Reader<number | null> => ({
  t: bare,
  dragCounts: end === 'low',
  read: (ranged) => at(bare, ranged, end, (w) => w.value),
});
const highReader = endReader('high');

/** A computation over ranged figures, written once for both ends. */
export type Provided = <V>(reader: Reader<V>) => V;

/** A row whose provided side is computed traced at the low end and bare at the high end. */
export function rangedRow(
  row: Pick<TallyRow, 'code' | 'direction' | 'clause' | 'required'>,
  provided: Provided,
): TallyRow {
  return tallyRow({ ...row, provided: provided(lowReader) }, provided(highReader));
}

/** The worse of left and right: one row for sideways. */
export function worseSide(left: TallyRow, right: TallyRow): TallyRow {
  const rank = { short: 0, 'cannot-say': 1, holds: 2 };
  if (rank[left.verdict] !== rank[right.verdict])
    return rank[left.verdict] < rank[right.verdict] ? left : right;
  return (left.margin ?? 0) <= (right.margin ?? 0) ? left : right;
}

/** A coded finding about one tie-down. */
export function about(
  tieDown: TieDown,
  code: FindingCode,
  effect: Finding['effect'],
  clause: string,
  elementId?: string,
): Finding {
  return {
    code,
    effect,
    clause,
    lineId: tieDown.id,
    ...(elementId ? { elementId } : {}),
    values: { line: tieDown.name },
  };
}

/** No lines at all: nothing to count, and the driver should hear that first. */
export function noLines(input: RuleInput): Finding[] {
  return input.tieDowns.length > 0
    ? []
    : [{ code: 'no-lines', effect: 'notice', clause: '', values: {} }];
}

/** A load higher than this many times its width wants side lines. Common practice, no source. */
export const TALL_RATIO = 1.5;

/** Warnings that hold under every rule set. */
export function commonNotices(input: RuleInput): Finding[] {
  const flat = input.tieDowns.flatMap((td) =>
    td.kind === 'over' && td.legs.some((l) => l.sinAlpha < Math.sin(FLAT_LINE_RAD))
      ? [about(td, 'line-nearly-flat', 'notice', '')]
      : [],
  );
  const { article } = input;
  const sideLines = input.tieDowns.some(
    (td) => td.kind !== 'over' && td.legs.some((l) => Math.abs(l.left) > 0.5),
  );
  const tall =
    article.heightM > TALL_RATIO * article.widthM && !sideLines && !article.blocking.left.touching;
  return [
    ...noLines(input),
    ...flat,
    ...(tall
      ? [
          {
            code: 'tall-without-side-lines' as const,
            effect: 'notice' as const,
            clause: '',
            values: {},
          },
        ]
      : []),
  ];
}
