import type { Assessment } from '../assess';
import type { Point } from '../leg';
import type { LineFacts } from '../rule-input';
import { unitName } from '../load/describe';
import type { LoadUnit } from '../load/schema';
import { tightest } from '../tightest';
import type { Finding } from '../verdict';
import { weakElement } from './weak-element';
import { placesAlong, pointAlong, wayOf } from './way';

/** The place of a line that decides what it may carry. */
export interface WeakPlace {
  readonly lineId: string;
  /** As the strength line names it. */
  readonly place: string;
  readonly elementId: string;
  /** What the line may carry; null: that place is what nobody knows. */
  readonly wllN: number | null;
  /** Where on the deck; null where the line's way is not known. */
  readonly at: Point | null;
}

/** The place that governs a line, or that nobody knows, where it lies on the deck; null for a line without places. */
export function weakPlace(
  { line, capacity, shape }: Pick<LineFacts, 'line' | 'capacity' | 'shape'>,
  anchors: ReadonlyMap<string, Point>,
): WeakPlace | null {
  const place = weakElement(capacity);
  if (place === null) return null;
  const way = wayOf(line, shape);
  const at =
    way.length < 2
      ? null
      : pointAlong(way, placesAlong(line.elements, way, anchors)[place.elementIndex] ?? 0);
  return {
    lineId: line.id,
    place: place.name,
    elementId: place.elementId,
    wllN: capacity.wll.value,
    at,
  };
}

/** Of several lines the one that may carry least: what is not known may be less than anything that is. */
function least(lines: readonly LineFacts[]): string | null {
  const carries = (facts: LineFacts): number => facts.capacity.wll.value ?? -1;
  const found = lines.reduce<LineFacts | null>(
    (a, b) => (a !== null && carries(a) <= carries(b) ? a : b),
    null,
  );
  return found?.line.id ?? null;
}

/** Lines that hold what falls short the most: by the rule, or else by statics. */
function ofWhatFallsShort(
  { rows, statics, lines }: Judged,
  units: readonly LoadUnit[],
): LineFacts[] {
  const rule = tightest(rows.filter((r) => r.verdict === 'short'));
  const row = tightest(statics.filter((r) => r.verdict === 'short' && !r.ruleStands));
  const named = rule?.of?.split(' + ');
  const ids = named
    ? units.filter((u) => named.includes(unitName(u))).map((u) => u.id)
    : (row?.movingIds ?? []);
  return lines.filter(
    ({ line }) => rule?.lineId === line.id || line.units.some((id) => ids.includes(id)),
  );
}

type Judged = Pick<Assessment, 'findings' | 'lines' | 'rows' | 'statics' | 'verdict'>;

/**
 * The line to look at first: one that a finding of the verdict is about; else of those that hold what falls short, or of
 * all, the one that may carry least. Null where there are no lines.
 */
export function weakestLine(judged: Judged, units: readonly LoadUnit[]): string | null {
  const { findings, lines, verdict } = judged;
  const about = (effect: Finding['effect']): string | undefined =>
    findings.find((f) => f.effect === effect && f.lineId !== undefined)?.lineId;
  const decisive = verdict === 'holds' ? undefined : about(verdict);
  if (decisive !== undefined) return decisive;
  const short = verdict === 'short' ? ofWhatFallsShort(judged, units) : [];
  return short.length > 0 ? least(short) : (about('cannot-say') ?? least(lines));
}
