import { benchFigures, type BenchFigures } from '@/core/bench/figures';
import type { RiggingDocument } from '@/core/bench/rigging';
import { PASS_KINDS, type PassKind } from '@/core/tackle/passes';
import { formatNumber, formatQuantity, type UnitChoice } from '@/core/units';
import type { Working } from '@/core/working/working';
import { turnsRound } from '@/core/bench/compose';
import { handUnit } from './strandWords';

/** A system that is compared, and what it comes to. */
export interface Compared {
  readonly key: string;
  readonly name: string;
  readonly doc: RiggingDocument;
  readonly figures: BenchFigures;
}

/** The same turns everywhere in a tackle; a hitch keeps its own. */
export function withTurns(doc: RiggingDocument, round: PassKind): RiggingDocument {
  const { system } = doc;
  if (system.kind === 'truckers') return doc;
  return {
    ...doc,
    system: {
      ...system,
      ropes: system.ropes.map((r) => ({
        ...r,
        passes: r.passes.map((p) => ({ ...p, turn: turnsRound(round) })),
      })),
    },
  };
}

/** Computes a system on a line with a hand pull. */
export const compared = (
  key: string,
  name: string,
  doc: RiggingDocument,
  handForceN: number,
): Compared => {
  const pulled: RiggingDocument = { ...doc, system: { ...doc.system, handForceN } };
  return { key, name, doc: pulled, figures: benchFigures(pulled) };
};

/** A row of the comparison. `best`: which column it speaks for, where one does. */
export interface CompareRow {
  readonly what: string;
  readonly cells: readonly string[];
  readonly best: number | null;
  readonly workings: readonly (Working | null)[];
}

const highest = (values: readonly (number | null)[]): number | null => {
  const known = values.filter((v): v is number => v !== null);
  const top = Math.max(...known);
  return known.length < 2 || known.filter((v) => v > top * 0.999).length > 1
    ? null
    : values.indexOf(top);
};

/** What people compare, row by row, in the member's units. */
export function compareRows(list: readonly Compared[], units: UnitChoice): CompareRow[] {
  const force = (n: number | null): string =>
    n === null ? 'not known' : formatQuantity(n, 'force', units, 'capacity');
  const hand = (n: number | null): string =>
    n === null
      ? 'not known'
      : formatQuantity(n, 'force', { ...units, force: handUnit(units) }, 'capacity');
  const ratio = (n: number): string => `${formatNumber(n)} : 1`;
  const row = (
    what: string,
    of: (f: BenchFigures, doc: RiggingDocument) => string,
    better?: (f: BenchFigures) => number | null,
    working: (f: BenchFigures) => Working | null = () => null,
  ): CompareRow => ({
    what,
    cells: list.map((c) => of(c.figures, c.doc)),
    best: better ? highest(list.map((c) => better(c.figures))) : null,
    workings: list.map((c) => working(c.figures)),
  });
  return [
    row('counted, no friction', (f) => ratio(f.counted)),
    row(
      'while hauling',
      (f) => ratio(f.tension.ratio?.value ?? 0),
      (f) => f.tension.ratio?.value ?? null,
      (f) => f.tension.ratio,
    ),
    row('by what its turns leave', (f) =>
      f.band.most - f.band.least < 0.005
        ? 'one value known'
        : `${formatNumber(f.band.least)} to ${formatNumber(f.band.most)}`,
    ),
    row(
      'of the count, friction leaves',
      (f) => `${Math.round(f.efficiency * 100)} %`,
      (f) => f.efficiency,
    ),
    row(
      'load line, hauling',
      (f) => force(f.tension.hauled.value),
      (f) => f.tension.hauled.value,
      (f) => f.tension.hauled,
    ),
    row(
      'kept after tie-off',
      (f) => force(f.tension.kept.value),
      (f) => f.tension.kept.value,
      (f) => f.tension.kept,
    ),
    row('after the first hour', (f) =>
      f.afterHour ? `${force(f.afterHour.leastN)} to ${force(f.afterHour.mostN)}` : 'not known',
    ),
    row('rope hauled for 1 m of travel', (f) => formatQuantity(f.travel, 'length', units)),
    row('to lower, the hand holds', (f, doc) => hand(doc.system.handForceN * f.lowering)),
    row('on the anchor', (f) => force(f.anchorN)),
    row(
      'do not pull more than',
      (f) => hand(f.pullLimit.value),
      undefined,
      (f) => f.pullLimit,
    ),
  ];
}

export const roundName = (round: PassKind): string => PASS_KINDS[round].name;
