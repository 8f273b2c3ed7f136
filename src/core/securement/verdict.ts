import type { FindingCode, RowCode } from './codes';
import type { IssueValue } from '../result';
import { atLeast } from '../units/constants';
import type { Working, WorkingUnit } from '../working/working';

/** The four words. Shown in this order of precedence: BARRED, SHORT, CANNOT SAY, HOLDS. */
export const VERDICTS = ['barred', 'short', 'cannot-say', 'holds'] as const;
export type Verdict = (typeof VERDICTS)[number];

/** Something to be said about the plan; `effect` is what it does to the verdict, `notice` nothing. */
export interface Finding {
  readonly code: FindingCode;
  readonly effect: Verdict | 'notice';
  readonly clause: string;
  readonly lineId?: string;
  readonly elementId?: string;
  readonly values: Readonly<Record<string, IssueValue>>;
}

/** One comparison that a rule demands. */
export interface TallyRow {
  readonly code: RowCode;
  readonly direction: 'forward' | 'rearward' | 'sideways' | 'all' | 'down';
  readonly clause: string;
  readonly unit: WorkingUnit;
  readonly required: Working;
  readonly provided: Working;
  /** provided − required; null when either is unknown. */
  readonly margin: number | null;
  readonly verdict: 'short' | 'cannot-say' | 'holds';
  /** The article it is about, where there are several. */
  readonly of?: string;
  /** The line it is about, where it is about one. */
  readonly lineId?: string;
  /** The same by an older edition, shown beside and never mixed in. */
  readonly beside?: Working;
}

/** Verdict of a comparison when provided lies somewhere between low and high. */
export function compare(
  required: number | null,
  low: number | null,
  high: number | null,
): TallyRow['verdict'] {
  if (required === null) return 'cannot-say';
  if (low !== null && atLeast(low, required)) return 'holds';
  if (high !== null && !atLeast(high, required)) return 'short';
  return 'cannot-say';
}

/** The worst of several verdicts; nothing to judge is CANNOT SAY. */
export function worst(verdicts: readonly Verdict[]): Verdict {
  return VERDICTS.find((v) => verdicts.includes(v)) ?? 'cannot-say';
}

/** Builds a row; `high` is what would be provided with every unknown at its best. */
export function tallyRow(
  row: Pick<TallyRow, 'code' | 'direction' | 'clause' | 'required' | 'provided'>,
  high: number | null,
): TallyRow {
  const [required, low] = [row.required.value, row.provided.value];
  return {
    ...row,
    unit: row.required.unit,
    margin: required !== null && low !== null ? low - required : null,
    verdict: compare(required, low, high),
  };
}
