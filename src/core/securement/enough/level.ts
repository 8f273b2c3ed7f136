import type { Choice } from './choices';
import type { Field } from './judged';
import { slackOf } from './bounds';
import { placesOf, type Reached, reachOf } from './reach';
import { handedOut, type StockClass } from './stock';
import { costlier, type EnoughCost, MAT_STEPS, MOST_NEW_LINES } from './vocabulary';
import type { Assessment } from '../assess';
import type { Plan } from '../plan';

/** A cut that rules something out, and the most that is reached of what it needs. */
export interface Refuted {
  readonly reached: Reached;
  readonly most: number;
}

/** As many lines as there are places for, and things: each new one takes at least a thing that runs along it. */
function mostLinesOf(choices: readonly Choice[], stock: readonly StockClass[]): number {
  const fresh = choices.filter((c) => !c.was);
  const classes = new Set(fresh.flatMap((c) => c.uses.slice(0, 1).map((u) => u.class)));
  const things = [...classes].reduce((n, c) => n + (stock[c]?.members.length ?? 0), 0);
  const there = new Set(choices.filter((c) => c.was).map((c) => c.place)).size;
  const places = new Set(choices.map((c) => c.place)).size;
  return Math.min(places, there + things);
}

/** A securement that is enough. */
export interface Found {
  readonly field: Field;
  readonly chosen: readonly number[];
  readonly cost: EnoughCost;
  readonly plan: Plan;
  readonly assessment: Assessment;
}

/** Where a search through the securements of so many lines is. */
interface Walk {
  readonly count: number;
  /** What is found already. */
  limit: EnoughCost | null;
  readonly protectors: number | null;
  /** For each line in turn, the choice to look at next. */
  readonly next: number[];
  readonly chosen: number[];
}

/** Steps of a search after which it lets others have their turn. */
const STEPS_AT_ONCE = 4000;

/**
 * Securements of one field, searched count by count: combinations in the order of their rope, those left out that a cut or
 * what is found already rules out.
 */
export class Search {
  private readonly places: Int32Array;
  private readonly reached: Reached[] = [];
  /** Least rope of so many more choices from one place in the list on. */
  private readonly leastDm: Float64Array;
  /** There are not the places or the things for more. */
  readonly mostLines: number;
  /** There are the places and the things for more lines than are tried. */
  readonly isCapped: boolean;
  /** Looked at since the beginning. */
  steps = 0;

  constructor(
    readonly field: Field,
    private readonly stock: readonly StockClass[],
  ) {
    this.places = placesOf(field.choices);
    const rope = Float64Array.from(field.choices, (c) => -c.ropeDm);
    this.leastDm = reachOf(rope, this.places, MOST_NEW_LINES).map((v) => -v);
    const most = mostLinesOf(field.choices, stock);
    this.mostLines = Math.min(MOST_NEW_LINES, most);
    this.isCapped = most > MOST_NEW_LINES;
  }

  private get offset(): number {
    return this.field.mats ? MAT_STEPS : 0;
  }

  /** Cuts that came since it was asked last. */
  private learn(): void {
    for (let i = this.reached.length; i < this.field.cuts.length; i++) {
      const cut = this.field.cuts[i]!;
      this.reached.push({ cut, reach: reachOf(cut.each, this.places, MOST_NEW_LINES) });
    }
  }

  /** The fewest choices that no single cut rules out; null: none are enough. */
  get fewest(): number | null {
    this.learn();
    for (let count = 0; count <= this.mostLines; count++)
      if (this.refuting(count) === null) return count;
    return null;
  }

  /** The cut that by itself rules out every securement of so many lines, the farthest from enough; null: none does. */
  refuting(count: number): Refuted | null {
    this.learn();
    const short = this.reached.flatMap((reached): Refuted[] => {
      const most = reached.cut.base + reached.reach[count]!;
      return most < reached.cut.needs - slackOf(reached.cut) ? [{ reached, most }] : [];
    });
    const part = (s: Refuted): number =>
      Number.isFinite(s.most) ? s.most / s.reached.cut.needs : -1;
    return short.reduce<Refuted | null>((a, b) => (a === null || part(b) < part(a) ? b : a), null);
  }

  costOf(chosen: readonly number[]): EnoughCost {
    const list = chosen.map((i) => this.field.choices[i]!);
    return {
      lines: list.length,
      ropeDm: list.reduce((sum, c) => sum + c.ropeDm, 0),
      steps: list.reduce((sum, c) => sum + c.steps, this.offset),
    };
  }

  private goesRound(chosen: readonly number[], protectors: number | null): boolean {
    const list = chosen.map((i) => this.field.choices[i]!);
    return (
      (protectors === null || list.reduce((sum, c) => sum + c.protectors, 0) <= protectors) &&
      handedOut(
        this.stock,
        list.flatMap((c) => c.uses),
      ) !== null
    );
  }

  /**
   * A securement of so many lines that is enough, found by taking each time what mends most of what is missing. Null is no
   * proof that there is none.
   */
  greedy(count: number, protectors: number | null): Found | null {
    for (let tries = 0; tries < MOST_GREEDY_TRIES; tries++) {
      if (this.refuting(count) !== null) return null;
      const before = this.reached.length;
      const chosen = this.mending(count, protectors);
      const found = chosen && this.judged(chosen);
      if (found !== null) return found;
      if (this.field.cuts.length === before) return null;
    }
    return null;
  }

  /** The choices that mend most, one after another, in the order of the list; null: there are not so many. */
  mending(count: number, protectors: number | null): number[] | null {
    const chosen: number[] = [];
    const missing = this.reached.map(({ cut }) => cut.needs - cut.base);
    while (chosen.length < count) {
      let [best, bestGain] = [-1, -Infinity];
      this.field.choices.forEach((_, i) => {
        if (chosen.some((k) => this.places[k] === this.places[i])) return;
        const gain = this.reached.reduce(
          (sum, { cut }, c) =>
            missing[c]! <= 0 ? sum : sum + Math.min(missing[c]!, cut.each[i]!) / cut.needs,
          0,
        );
        if (gain > bestGain + 1e-9 && this.goesRound([...chosen, i], protectors))
          [best, bestGain] = [i, gain];
      });
      if (best < 0) return null;
      chosen.push(best);
      this.reached.forEach(({ cut }, c) => {
        missing[c]! -= cut.each[best]!;
      });
    }
    return chosen.sort((a, b) => a - b);
  }

  /** The choices that take the least rope, one after another; null: there are not so many. */
  leanest(count: number, protectors: number | null): number[] | null {
    const chosen: number[] = [];
    this.field.choices.forEach((_, i) => {
      if (chosen.length === count || chosen.some((k) => this.places[k] === this.places[i])) return;
      if (this.goesRound([...chosen, i], protectors)) chosen.push(i);
    });
    return chosen.length === count ? chosen : null;
  }

  private judged(chosen: readonly number[]): Found | null {
    const judged = this.field.judge(chosen);
    return judged && { field: this.field, chosen, cost: this.costOf(chosen), ...judged };
  }

  /**
   * Goes through every securement of `count` lines that costs less than the best so far. Yields what it finds, or null now and
   * then; told `true`, it stops. Returns the least rope, dm, that what it did not look at would take; null: it has looked at all.
   */
  *level(
    count: number,
    best: EnoughCost | null,
    protectors: number | null,
  ): Generator<Found | null, number | null, boolean> {
    this.learn();
    const walk: Walk = { count, limit: best, protectors, next: [0], chosen: [] };
    if (count === 0) {
      const found = best === null || best.lines > 0 ? this.judged([]) : null;
      if (found) yield found;
      return null;
    }
    while (walk.next.length > 0) {
      this.steps += 1;
      const found = this.step(walk);
      const pause = found !== null || this.steps % STEPS_AT_ONCE === 0;
      if (pause && (yield found)) return this.leastFrom((walk.next[0] ?? 1) - 1, count);
    }
    return null;
  }

  /** One step of a walk: one choice more, one back, or a securement judged. */
  private step(walk: Walk): Found | null {
    const { count, limit, protectors, next, chosen } = walk;
    const depth = next.length - 1;
    chosen.length = depth;
    const i = next[depth]!;
    const left = count - depth;
    if (this.isOver(walk, i, left)) {
      next.pop();
      return null;
    }
    next[depth] = i + 1;
    if (chosen.some((k) => this.places[k] === this.places[i])) return null;
    chosen.push(i);
    if (!this.mayReach(chosen, i + 1, left - 1) || !this.goesRound(chosen, protectors)) return null;
    if (left > 1) {
      next.push(i + 1);
      return null;
    }
    if (limit !== null && costlier(this.costOf(chosen), limit) >= 0) return null;
    const found = this.judged([...chosen]);
    this.learn();
    walk.limit = found?.cost ?? limit;
    return found;
  }

  /** Whether nothing from one place in the list on is worth a look: what lies farther on takes no less rope and reaches no farther. */
  private isOver({ chosen, count, limit }: Walk, from: number, left: number): boolean {
    if (from > this.field.choices.length - left) return true;
    const rope = chosen.reduce((sum, k) => sum + this.field.choices[k]!.ropeDm, 0);
    return (
      this.isDear(rope + this.least(from, left), chosen, count, limit) ||
      !this.mayReach(chosen, from, left)
    );
  }

  private least(from: number, count: number): number {
    return this.leastDm[from * (MOST_NEW_LINES + 1) + count]!;
  }

  /** Least rope of so many lines, dm, whichever they are. */
  leastRopeDm(count: number): number {
    return this.least(0, count);
  }

  private leastFrom(from: number, count: number): number {
    return this.least(Math.max(0, from), count);
  }

  /** Whether so much rope at least is more than a securement of as many lines that is found already. */
  private isDear(
    ropeDm: number,
    chosen: readonly number[],
    count: number,
    limit: EnoughCost | null,
  ): boolean {
    if (limit === null || limit.lines > count) return false;
    if (ropeDm !== limit.ropeDm) return ropeDm > limit.ropeDm;
    return (
      chosen.reduce((sum, k) => sum + this.field.choices[k]!.steps, this.offset) >= limit.steps
    );
  }

  /** Whether what is chosen and `count` more from one place in the list on may satisfy every cut. */
  private mayReach(chosen: readonly number[], from: number, count: number): boolean {
    const at = from * (MOST_NEW_LINES + 1) + count;
    for (let c = 0; c < this.reached.length; c++) {
      const { cut, reach } = this.reached[c]!;
      let sum = cut.base + reach[at]!;
      for (const k of chosen) sum += cut.each[k]!;
      if (sum >= cut.needs - slackOf(cut)) continue;
      // What rules out once often rules out again.
      if (c > 0) {
        this.reached[c] = this.reached[c - 1]!;
        this.reached[c - 1] = { cut, reach };
      }
      return false;
    }
    return true;
  }
}

/** After so many it is left to the search to find one. */
const MOST_GREEDY_TRIES = 40;
