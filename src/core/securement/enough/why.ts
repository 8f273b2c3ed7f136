import type { Against } from './judged';
import type { Found, Refuted, Search } from './level';

/** Why what would be cheaper is not enough. */
export type CheaperFails =
  /** `surely`: even the best of it reaches no more; else the most promising of it was judged, and this stood against it. */
  | { readonly kind: 'short'; readonly surely: boolean; readonly against: Against }
  /** There are not the things, or not the places, for any. */
  | { readonly kind: 'none' };

export interface WhyNotCheaper {
  /** With one line fewer; null: there are no fewer than none. */
  readonly fewer: CheaperFails | null;
  /** With as many lines of less rope; null: none takes less. */
  readonly shorter: CheaperFails | null;
}

function fewerIn(search: Search, count: number, protectors: number | null): CheaperFails {
  const refuted = search.refuting(count);
  if (refuted !== null) return refutedBy(refuted);
  return judgedIn(search, search.mending(count, protectors));
}

function refutedBy({ reached: { cut }, most }: Refuted): CheaperFails {
  if (!Number.isFinite(most)) return { kind: 'none' };
  const { about, needs } = cut;
  return {
    kind: 'short',
    surely: true,
    against: { kind: 'compared', about, needs, reached: most },
  };
}

function judgedIn(search: Search, chosen: readonly number[] | null): CheaperFails {
  const against = chosen && search.field.against(chosen);
  return against === null ? { kind: 'none' } : { kind: 'short', surely: false, against };
}

/** How near to enough it comes, for the best hope of several fields. */
function hope(f: CheaperFails): number {
  if (f.kind === 'none') return -1;
  if (!f.surely) return 1;
  return f.against.kind === 'compared' ? (f.against.reached ?? 0) / f.against.needs : 0;
}

/**
 * Why what is one line cheaper fails, and why what takes less rope does. With mats or without, whichever comes nearer.
 * Null: nothing was found that anything could be cheaper than.
 */
export function whyNotCheaper(
  found: Found | null,
  searches: readonly Search[],
  protectors: number | null,
): WhyNotCheaper | null {
  if (found === null) return null;
  const { lines, ropeDm } = found.cost;
  const nearest = (list: readonly CheaperFails[]): CheaperFails | null =>
    list.reduce<CheaperFails | null>((a, b) => (a === null || hope(b) > hope(a) ? b : a), null);
  return {
    fewer: lines === 0 ? null : nearest(searches.map((s) => fewerIn(s, lines - 1, protectors))),
    shorter: nearest(
      searches.flatMap((s) => {
        const chosen = s.leanest(lines, protectors);
        return chosen === null || s.costOf(chosen).ropeDm >= ropeDm ? [] : [judgedIn(s, chosen)];
      }),
    ),
  };
}

/** What at most is reached where nothing is enough: with as many lines as can be laid at all. */
export function whyNothing(
  searches: readonly Search[],
  protectors: number | null,
): CheaperFails | null {
  const all = searches.map((s): CheaperFails => {
    const refuted = s.refuting(s.mostLines);
    return refuted === null ? judgedIn(s, s.mending(s.mostLines, protectors)) : refutedBy(refuted);
  });
  return all.reduce<CheaperFails | null>((a, b) => (a === null || hope(b) > hope(a) ? b : a), null);
}
