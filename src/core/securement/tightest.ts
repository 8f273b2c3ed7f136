import type { StaticsRow } from './hold/opinion';
import type { Finding, TallyRow } from './verdict';

/** Any comparison of what is required with what there is. */
export type Comparison = TallyRow | StaticsRow;

const RANK = { short: 0, 'cannot-say': 1, holds: 2 } as const;

/** What there is to spare, as a part of what is required; null where either is not known. */
export const partToSpare = ({
  margin,
  required,
}: Pick<Comparison, 'margin' | 'required'>): number | null =>
  margin === null || !required.value ? null : margin / required.value;

/** The row that decides: the worst verdict, of several the least margin; null for no rows. */
export function tightest<R extends Comparison>(rows: readonly R[]): R | null {
  const relative = (r: R): number => partToSpare(r) ?? -Infinity;
  return rows.reduce<R | null>(
    (t, r) =>
      t === null ||
      RANK[r.verdict] < RANK[t.verdict] ||
      (r.verdict === t.verdict && relative(r) < relative(t))
        ? r
        : t,
    null,
  );
}

/** Whether the rule set itself, by a clause, stands against the plan or cannot say. */
export const forbidden = (findings: readonly Finding[]): boolean =>
  findings.some((f) => f.effect !== 'notice' && f.clause !== '');
