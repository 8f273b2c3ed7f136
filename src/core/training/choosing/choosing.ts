import { CATALOGUE } from '../../knot/catalogue';
import type { EntryId } from '../../knot/entry-ids';
import { CONDITIONS, type Condition, type Job, JOBS } from '../../knot/which/situation';
import { SUITS } from '../../knot/which/suits';
import { type Choice, type Reason, type Which, whichKnots } from '../../knot/which/which';
import type { RopeMaterialId } from '../../rope/materials';
import { type Chance, oneOf, shuffled } from '../../chance';

/** A situation and four knots for it; one suits. */
export interface ChoosingQuestion {
  readonly job: Job;
  readonly conditions: readonly Condition[];
  readonly options: readonly Offered[];
}

/** A knot that is offered, and what there is to say to it. */
export interface Offered {
  readonly entry: EntryId;
  /** It suits; it is for this, but not so; it is for something else. */
  readonly is: 'suits' | 'out' | 'for something else';
  /** Why it is out, or what it needs care for, by its own properties. */
  readonly reasons: readonly Reason[];
}

const OPTIONS = 4;
/** Neither stiff nor slick: what follows from the rope is said as a condition. */
const ROPE: RopeMaterialId = 'polyester';
const ids = Object.keys(CONDITIONS) as Condition[];

/** What is only a part of other knots is not offered. */
const withJob = CATALOGUE.filter((e) => SUITS[e.id].jobs.length > 0);

/** Entries for other work that could not serve here: of another job, and of another family than anything that serves. */
function forOthers(job: Job): EntryId[] {
  const families = new Set(
    withJob.filter((e) => SUITS[e.id].jobs.includes(job)).map((e) => e.family),
  );
  return withJob
    .filter((e) => !SUITS[e.id].jobs.includes(job) && !families.has(e.family))
    .map((e) => e.id);
}

/** What suits and needs no care, and what is out. */
function sorted(job: Job, conditions: readonly Condition[]): Which {
  const { suits, out } = whichKnots({ job, conditions }, ROPE);
  return { suits: suits.filter((c) => c.reasons.every((r) => r.says === 'suits')), out };
}

/** All situations of a job with one or two conditions in which one knot at least suits and another is out. */
function situationsOf(job: Job): (readonly Condition[])[] {
  const pairs = ids.flatMap((a, i) => [[a], ...ids.slice(i + 1).map((b) => [a, b])]);
  return pairs.filter((conditions) => {
    const { suits, out } = sorted(job, conditions);
    return suits.length > 0 && out.length > 0;
  });
}

/** By job; what there is nothing to choose for is not asked. */
const SITUATIONS: ReadonlyMap<Job, readonly (readonly Condition[])[]> = new Map(
  (Object.keys(JOBS) as Job[]).flatMap((job) => {
    const found = situationsOf(job);
    return found.length > 0 ? [[job, found] as const] : [];
  }),
);
export const CHOSEN_FOR = [...SITUATIONS.keys()] as [Job, ...Job[]];

/** By chance: what is fastened, what else must be so, and four knots of which one suits. */
export function askedToChoose(chance: Chance): ChoosingQuestion {
  const job = oneOf(chance, CHOSEN_FOR);
  const conditions = oneOf(
    chance,
    SITUATIONS.get(job)! as [readonly Condition[], ...(readonly Condition[])[]],
  );
  const { suits, out } = sorted(job, conditions);
  const right = oneOf(chance, suits as [Choice, ...Choice[]]);
  const near = shuffled(chance, out).map(({ entry, reasons }): Offered => ({
    entry: entry.id,
    is: 'out',
    reasons: reasons.filter((r) => r.says === 'out'),
  }));
  const far = shuffled(chance, forOthers(job)).map((entry): Offered => ({
    entry,
    is: 'for something else',
    reasons: [],
  }));
  const options = [
    { entry: right.entry.id, is: 'suits' as const, reasons: right.reasons },
    ...[...near, ...far].slice(0, OPTIONS - 1),
  ];
  return { job, conditions, options: shuffled(chance, options) };
}
