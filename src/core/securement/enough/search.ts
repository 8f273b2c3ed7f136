import { assess, type Assessment } from '../assess';
import type { GearFacts } from '../locker-word';
import type { Plan } from '../plan';
import type { Finding } from '../verdict';
import { type Choice, choicesOf } from './choices';
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
  const choices = choicesOf(plan, { stock, locker, wishes });
  const searches = fieldsOf(plan, choices, stock, locker, wishes);
  const { protectors } = wishes;
  let best: Found | null = null;
  let least = 0;
  const better = (found: Found | null): void => {
    if (found && (best === null || costlier(found.cost, best.cost) < 0)) best = found;
  };
  const judged = (): number => searches.reduce((sum, s) => sum + s.field.judgedSets, 0);
  const steps = (): number => searches.reduce((sum, s) => sum + s.steps, 0);
  const progress = (): EnoughProgress => ({
    least,
    steps: steps(),
    judged: judged(),
    best: best && (best as Found).cost,
  });
  const outcome = (open: OpenBound | null): EnoughOutcome => ({
    found: best,
    open,
    searches,
    judged: judged(),
    steps: steps(),
  });

  better(thereOf(plan, locker, searches, wishes));
  // Something that is enough, soon: then there is less to look through.
  for (let count = 0; count <= MOST_NEW_LINES && best === null; count++)
    for (const search of searches) {
      if (search.fewest === null || count < search.fewest) continue;
      better(search.greedy(count, protectors));
      if (yield progress()) return outcome({ lines: least, ropeDm: 0 });
    }
  for (least = 0; least <= MOST_NEW_LINES; least++) {
    for (const search of searches) {
      const level = search.level(least, best && (best as Found).cost, protectors);
      let stop = false;
      for (;;) {
        const { done, value } = level.next(stop);
        if (done) {
          if (value !== null) return outcome({ lines: least, ropeDm: value });
          break;
        }
        better(value);
        stop = yield progress();
      }
    }
    if (best !== null && (best as Found).cost.lines === least) return outcome(null);
  }
  return outcome(null);
}
