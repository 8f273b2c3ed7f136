import { assess, type Assessment } from '../assess';
import type { GearFacts } from '../locker-word';
import type { Plan } from '../plan';
import type { Finding } from '../verdict';
import { type Choice, type Chosen, choosing } from './choices';
import { againstEnough, Field } from './judged';
import { type Found, Search } from './level';
import { type StockClass, stockOf } from './stock';
import { costlier, type EnoughCost, type EnoughWishes, MOST_NEW_LINES } from './vocabulary';

/** How far a search has come. */
export interface EnoughProgress {
  /** Fewer lines are ruled out. */
  readonly least: number;
  readonly steps: number;
  readonly judged: number;
  readonly best: EnoughCost | null;
}

/** What nobody has shown to be impossible yet: so many lines, and at least so much rope with as many. */
export interface OpenBound {
  readonly lines: number;
  readonly ropeDm: number;
}

export interface EnoughOutcome {
  readonly found: Found | null;
  /** Null: nothing cheaper is possible; else what may still be. */
  readonly open: OpenBound | null;
  readonly searches: readonly Search[];
  /** Where no line can be laid anew: what stands against one of them. */
  readonly against: Finding | null;
  /** Pairs of anchors that were not tried: those that run most askew. */
  readonly pairsLeftOut: number;
  readonly judged: number;
  readonly steps: number;
}

/** Why a search is not begun: what stands against the load whatever lines hold it. */
export interface EnoughRefusal {
  readonly refused: readonly Finding[];
}

/** What does not hang on lines, of a plan without any. */
function standsAgainst(bare: Assessment): Finding[] {
  return bare.findings.filter((f) => f.effect !== 'notice' && f.lineId === undefined);
}

function fieldsOf(
  plan: Plan,
  choices: readonly Choice[],
  stock: readonly StockClass[],
  locker: GearFacts,
  wishes: EnoughWishes,
): Search[] {
  const sorted = [...choices].sort((a, b) => a.ropeDm - b.ropeDm || a.steps - b.steps);
  const ways = wishes.mats ? [false, true] : [false];
  return ways
    .map((mats) => new Field(plan, mats, sorted, stock, locker, wishes.marginPart))
    .filter((field) => !field.hopeless)
    .map((field) => new Search(field, stock));
}

/** What is there already, where it is enough. */
function thereOf(
  plan: Plan,
  locker: GearFacts,
  searches: readonly Search[],
  { marginPart }: EnoughWishes,
): Found | null {
  const assessment = assess(plan, locker);
  const search = searches[0];
  if (search === undefined || againstEnough(assessment, marginPart) !== null) return null;
  const { field } = search;
  const ids = new Set(plan.lines.map((l) => l.id));
  const chosen = field.choices.flatMap((c, i) => (c.was && ids.has(c.line.id) ? [i] : []));
  const cost = { ...search.costOf(chosen), lines: plan.lines.length };
  return { field, chosen, cost, plan, assessment };
}

/** One search for the cheapest that is enough. */
class Cheapest {
  best: Found | null = null;
  /** Fewer lines are ruled out. */
  private least = 0;

  constructor(
    private readonly searches: readonly Search[],
    private readonly from: Chosen,
    private readonly protectors: number | null,
  ) {}

  better(found: Found | null): void {
    if (found && (this.best === null || costlier(found.cost, this.best.cost) < 0))
      this.best = found;
  }

  private get judged(): number {
    return this.searches.reduce((sum, s) => sum + s.field.judgedSets, 0);
  }

  private get steps(): number {
    return this.searches.reduce((sum, s) => sum + s.steps, 0);
  }

  private get progress(): EnoughProgress {
    const { least, steps, judged, best } = this;
    return { least, steps, judged, best: best && best.cost };
  }

  private outcome(open: OpenBound | null): EnoughOutcome {
    const { best, searches, judged, steps } = this;
    const { against, pairsLeftOut } = this.from;
    return { found: best, open, searches, against, pairsLeftOut, judged, steps };
  }

  private get mostLines(): number {
    return Math.max(0, ...this.searches.map((s) => s.mostLines));
  }

  /** Something that is enough, soon: then there is less to look through. Returns whether it was told to stop. */
  private *soon(): Generator<EnoughProgress, boolean, boolean> {
    for (let count = 0; count <= this.mostLines && this.best === null; count++)
      for (const search of this.searches) {
        if (search.fewest === null || count < search.fewest) continue;
        this.better(search.greedy(count, this.protectors));
        if (yield this.progress) return true;
      }
    return false;
  }

  /** Every securement of as many lines as are not ruled out. Returns the least rope, dm, of what was not looked at. */
  private *through(search: Search): Generator<EnoughProgress, number | null, boolean> {
    const level = search.level(this.least, this.best && this.best.cost, this.protectors);
    for (let stop = false; ;) {
      const { done, value } = level.next(stop);
      if (done) return value;
      this.better(value);
      stop = yield this.progress;
    }
  }

  *run(): Generator<EnoughProgress, EnoughOutcome, boolean> {
    if (yield* this.soon()) return this.outcome({ lines: 0, ropeDm: 0 });
    for (; this.least <= this.mostLines; this.least++) {
      for (const [i, search] of this.searches.entries()) {
        const ropeDm = yield* this.through(search);
        if (ropeDm === null) continue;
        // Of what was not begun nothing is known yet.
        const rest = this.searches.slice(i + 1).map((s) => s.leastRopeDm(this.least));
        return this.outcome({ lines: this.least, ropeDm: Math.min(ropeDm, ...rest) });
      }
      if (this.best !== null && this.best.cost.lines === this.least) return this.outcome(null);
    }
    // What would take more lines than are tried nobody has looked at.
    const beyond = this.searches.some((s) => s.isCapped);
    return this.outcome(beyond ? { lines: MOST_NEW_LINES + 1, ropeDm: 0 } : null);
  }
}

/** Nothing was looked at. */
const NOTHING_YET: EnoughProgress = { least: 0, steps: 0, judged: 0, best: null };
/** Stopped before there was everything to choose from: nothing is ruled out, and only what is there already may be enough. */
const notBegun = (found: Found | null): EnoughOutcome => ({
  found,
  open: { lines: 0, ropeDm: 0 },
  searches: [],
  against: null,
  pairsLeftOut: 0,
  judged: 0,
  steps: 0,
});

/**
 * The cheapest securement of a plan that is enough: fewest lines, then least rope, then least to do, of the lines that are
 * there and of those the locker has the things for. Exact: what is left out is ruled out by a way of giving way that the lines
 * left could not stop, or by what is found already. Yields how far it is; told `true` it stops, and says what is still open.
 * What is found is what {@link assess} says HOLDS.
 */
export function* cheapestEnough(
  plan: Plan,
  locker: GearFacts,
  wishes: EnoughWishes,
): Generator<EnoughProgress, EnoughOutcome | EnoughRefusal, boolean> {
  const refused = standsAgainst(assess({ ...plan, lines: [] }, locker));
  if (refused.length > 0) return { refused };
  const stock = stockOf(locker);
  const choose = choosing(plan, { stock, locker, wishes });
  let stopped = false;
  let chosen = choose.next(stopped);
  for (; !chosen.done; chosen = choose.next(stopped)) stopped = yield NOTHING_YET;
  const searches = fieldsOf(plan, chosen.value.choices, stock, locker, wishes);
  if (stopped) return notBegun(thereOf(plan, locker, searches, wishes));
  const cheapest = new Cheapest(searches, chosen.value, wishes.protectors);
  cheapest.better(thereOf(plan, locker, searches, wishes));
  return yield* cheapest.run();
}
