import { type CutNode, Fills, lowerBound, rootBound, surelyMissing } from './bound';
import { pack, sameRandoms, shuffledOrder } from './packing';
import { type Assignment, assignmentOf, type CutJob, cutProblem, type CutProblem } from './problem';

/** Up to this many pieces the search goes on until the best plan is proven; beyond it stops after a budget. */
const EXACT_UP_TO = 60;
const BUDGET_NODES = 3_000_000;
const PACKINGS = 40;
const TRIES_PER_SET = 4;
const SAME = 1e-9;

/** How far a search is. `bound`: nothing below this is possible. */
export interface CutProgress {
  readonly nodes: number;
  readonly best: Assignment;
  readonly bound: number;
  readonly done: boolean;
  /** Whether `best` is proven to be the best there is. */
  readonly proven: boolean;
}

/** What may be tried with one piece: hanks in order of promise, then leaving it out. */
interface Level {
  readonly tries: readonly number[];
  at: number;
}

/**
 * Branch and bound over pieces, longest first. Runs in slices so that a worker can report and be told to stop:
 * call `run` until `done`.
 */
export class CutSearch {
  readonly problem: CutProblem;
  private readonly fills: Fills;
  private readonly room: Int32Array;
  private readonly from: Int32Array;
  private readonly rest: Int32Array;
  private readonly levels: Level[] = [];
  private readonly budget: number;
  private readonly least: number;
  private best: Assignment;
  private missing = 0;
  private nodes = 0;
  private finished = false;

  constructor(job: CutJob) {
    this.problem = cutProblem(job);
    const { piece, capacity } = this.problem;
    this.fills = new Fills(this.problem);
    this.room = capacity.slice();
    this.from = new Int32Array(piece.length).fill(-1);
    this.rest = new Int32Array(piece.length + 1);
    for (let i = piece.length - 1; i >= 0; i--) this.rest[i] = this.rest[i + 1]! + piece[i]!;
    this.budget = piece.length <= EXACT_UP_TO ? Infinity : BUDGET_NODES;
    this.best = assignmentOf(this.problem, this.from.slice());
    const { value, sets } = rootBound(this.problem, this.fills);
    this.least = value;
    this.beginWithPackings(sets);
    if (!this.settled()) this.enter(0);
    else this.finished = true;
  }

  /** Goes on for about `nodes` nodes. */
  run(nodes: number): CutProgress {
    for (let i = 0; i < nodes && !this.finished; i++) this.advance();
    const proven = this.finished && this.nodes < this.budget;
    return {
      nodes: this.nodes,
      best: this.best,
      bound: proven ? this.best.value : this.least,
      done: this.finished,
      proven,
    };
  }

  private node(next: number): CutNode {
    return { next, rest: this.rest[next]!, room: this.room, missing: this.missing };
  }

  private settled(): boolean {
    return this.best.value <= this.least + SAME;
  }

  /** Keeps what counts less; of two that count the same, the one that opens fewer hanks. */
  private offer(found: Assignment): void {
    const [less, more] = [this.best.value - SAME, this.best.value + SAME];
    if (found.value < less || (found.value < more && found.opened < this.best.opened))
      this.best = { ...found, from: found.from.slice() };
  }

  private beginWithPackings(sets: readonly number[]): void {
    const randoms = sameRandoms();
    const random = (): number => randoms.next().value;
    const { price, capacity } = this.problem;
    const byPrice = Array.from(capacity, (_, h) => h);
    const shortFirst = byPrice.toSorted(
      (a, b) => price[a]! - price[b]! || capacity[a]! - capacity[b]!,
    );
    const without = surelyMissing(this.problem, this.fills);
    for (const order of [byPrice, shortFirst])
      this.offer(pack(this.problem, order, () => false, without));
    for (let k = 0; k < sets.length * TRIES_PER_SET && !this.settled(); k++)
      this.offer(this.packedAs(sets[k % sets.length]!, random, without));
    for (let k = 0; k < PACKINGS; k++)
      this.offer(
        pack(
          this.problem,
          shuffledOrder(this.problem, random),
          () => k % 2 === 1 && random() < 0.3,
          without + (k % 8 === 7 ? 1 : 0),
        ),
      );
  }

  /** A packing on the pattern of the bound: these hanks cut to the end first, then the others cheapest first, each with a rest worth keeping. */
  private packedAs(set: number, random: () => number, without: number): Assignment {
    const toTheEnd = (h: number): boolean => ((set >> h) & 1) === 1;
    const shuffled = shuffledOrder(this.problem, random);
    return pack(
      this.problem,
      [...shuffled.filter(toTheEnd), ...shuffled.filter((h) => !toTheEnd(h))],
      (h) => !toTheEnd(h),
      without,
    );
  }

  private enter(i: number): void {
    this.levels.push({ tries: i < this.problem.piece.length ? this.triesFor(i) : [], at: -1 });
  }

  /**
   * Hanks a piece may come from. Pieces of one length are interchangeable, so they take hanks in rising order; hanks with
   * the same room, price and standing are interchangeable too, so one of them is tried.
   */
  private triesFor(i: number): number[] {
    const { piece, price, capacity } = this.problem;
    const same = i > 0 && piece[i - 1] === piece[i];
    const first = same ? this.from[i - 1]! : 0;
    if (same && first < 0) return [-1];
    const tries: number[] = [];
    const seen = new Set<string>();
    for (let h = first; h < capacity.length; h++) {
      if (this.room[h]! < piece[i]!) continue;
      const key = `${this.room[h]} ${price[h]} ${this.room[h] === capacity[h]} ${capacity[h]}`;
      if (!seen.has(key)) tries.push(h);
      seen.add(key);
    }
    const fresh = (h: number): number => Number(this.room[h] === capacity[h]);
    tries.sort(
      (a, b) => price[a]! - price[b]! || fresh(a) - fresh(b) || this.room[a]! - this.room[b]!,
    );
    return [...tries, -1];
  }

  private undo(i: number): void {
    const h = this.from[i]!;
    if (h >= 0) this.room[h]! += this.problem.piece[i]!;
    else this.missing -= 1;
  }

  private advance(): void {
    const i = this.levels.length - 1;
    const level = this.levels[i];
    if (!level || this.nodes >= this.budget) {
      this.finished = true;
      return;
    }
    if (level.at >= 0) this.undo(i);
    level.at += 1;
    const h = level.tries[level.at];
    if (h === undefined) {
      this.levels.pop();
      return;
    }
    this.nodes += 1;
    this.from[i] = h;
    if (h >= 0) this.room[h]! -= this.problem.piece[i]!;
    else this.missing += 1;
    if (lowerBound(this.problem, this.fills, this.node(i + 1)) >= this.best.value - SAME) return;
    if (i + 1 === this.problem.piece.length) {
      this.offer(assignmentOf(this.problem, this.from));
      if (this.settled()) this.finished = true;
    } else this.enter(i + 1);
  }
}
