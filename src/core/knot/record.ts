import type { EntryId } from './entry-ids';
import type { Holds } from './holding';
import type { RopeUse } from './measured';

/** Who says what a knot leaves. */
export type KnotSchool = 'seamanship' | 'field' | 'rescue';
export const KNOT_SCHOOLS: readonly KnotSchool[] = ['seamanship', 'field', 'rescue'];

/** Where on a line a knot may stand. */
export type KnotUse = 'attachment' | 'bend' | 'loop' | 'lock';

/** A use in which the knot is known to slip or fail, and so must be flagged. */
export type KnotHazard =
  | 'slips-on-metal'
  | 'not-for-joining-loads'
  | 'equal-ropes-only'
  | 'jams'
  | 'needs-thick-post'
  | 'along-a-pole-only'
  | 'both-legs-loaded';

/** Where the catalogue teaches a knot: entry and form. */
export interface Stage {
  readonly entry: EntryId;
  readonly form: string;
}

/** Everything that is known of a knot on a line. */
export interface Knot {
  readonly name: string;
  readonly uses: readonly KnotUse[];
  /** Part of MBS left, lower and upper end, by school. */
  readonly efficiency: Partial<Record<KnotSchool, readonly [least: number, most: number]>>;
  readonly hazards: readonly KnotHazard[];
  /** A splice is not a knot to the rules that forbid knots. */
  readonly splice?: true;
  readonly hint: string;
  /** The form of it that holds better, where there is one. */
  readonly saferForm?: string;
  /** How it behaves in a rope that goes slack, is wet, stiff, slick. Common practice, no source. */
  readonly holds: Holds;
  /** Where the catalogue teaches it; null: not yet. */
  readonly taught: Stage | null;
  /** Rope it takes, measured on its drawn-up geometry; null: not measured. */
  readonly rope: RopeUse | null;
}

/** A figure that is no range. */
export const one = (value: number): readonly [number, number] => [value, value];
