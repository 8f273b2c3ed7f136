import type { Verdict } from '../securement/verdict';

/** A plan with the time it is due at. */
export interface PlanDue {
  readonly planId: string;
  readonly title: string;
  readonly verdict: Verdict;
  readonly at: string;
}

/** What is known of a crew's coming days. Times are ISO, days too. */
export interface DueFacts {
  /** Loads on the road: when each is to be looked at next. */
  readonly checks: readonly PlanDue[];
  /** Loads that go out. */
  readonly goingOut: readonly PlanDue[];
  /** Inspections by the day they are due. */
  readonly inspections: readonly { readonly day: string; readonly codes: readonly string[] }[];
  readonly lapses: readonly {
    readonly day: string;
    readonly person: string;
    readonly title: string;
  }[];
  /** One's own questions. */
  readonly drills: { readonly due: number; readonly fresh: number };
}

/** Something that is due. `at`: a time, or the day where it is of no hour; null: any time today. */
export type Due = { readonly at: string | null } & (
  | {
      readonly kind: 'check' | 'going-out';
      readonly planId: string;
      readonly title: string;
      readonly verdict: Verdict;
    }
  | { readonly kind: 'inspection'; readonly codes: readonly string[] }
  | { readonly kind: 'lapse'; readonly person: string; readonly title: string }
  | { readonly kind: 'drills'; readonly due: number; readonly fresh: number }
);

/** What is due, each part by time: what should be done already, what comes within a day, what comes after. */
export interface DueToday {
  readonly overdue: readonly Due[];
  readonly soon: readonly Due[];
  readonly later: readonly Due[];
}

const DAY_MS = 86_400_000;

/** Where something stands to now: a time passes by the minute, a day only when it is over. */
function placeOf({ kind, at }: Due, now: Date): keyof DueToday {
  if (at === null) return 'soon';
  const today = now.toISOString().slice(0, 10);
  if (!at.includes('T')) {
    // What is due on a day may be done on it; what lapses on a day is gone with its first hour.
    if (at < today || (kind === 'lapse' && at === today)) return 'overdue';
    return at === today ? 'soon' : 'later';
  }
  const inMs = Date.parse(at) - now.getTime();
  return inMs < 0 ? 'overdue' : inMs <= DAY_MS ? 'soon' : 'later';
}

/** What has no hour comes first on its day; of the same moment loads come before everything else. */
const byTime = (a: Due, b: Due): number => (a.at ?? '').localeCompare(b.at ?? '');

/** What is due to a crew and to one of it, in order. */
export function dueOf(facts: DueFacts, now: Date): DueToday {
  const { due, fresh } = facts.drills;
  const all: Due[] = [
    ...facts.checks.map((c): Due => ({ kind: 'check', ...c })),
    ...facts.goingOut.map((g): Due => ({ kind: 'going-out', ...g })),
    ...facts.inspections.map(({ day, codes }): Due => ({ kind: 'inspection', at: day, codes })),
    ...facts.lapses.map(({ day, person, title }): Due => ({
      kind: 'lapse',
      at: day,
      person,
      title,
    })),
    ...(due + fresh > 0 ? [{ kind: 'drills' as const, at: null, due, fresh }] : []),
  ];
  const of = (place: keyof DueToday): Due[] =>
    all.filter((d) => placeOf(d, now) === place).toSorted(byTime);
  return { overdue: of('overdue'), soon: of('soon'), later: of('later') };
}
