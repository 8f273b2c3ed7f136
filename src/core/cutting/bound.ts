import { type CutProblem, scrapOf } from './problem';

/** Best fills by how many of the shorter pieces are left: `at(i, r)` is the most of r that pieces i, i + 1, … can fill. */
export class Fills {
  private readonly rows: Int32Array[] = [];

  /** Beyond this many entries the table would not fit; a fill then counts as perfect, which keeps bounds true but weaker. */
  private static readonly MOST = 2e7;

  constructor(problem: CutProblem) {
    const { piece, capacity } = problem;
    const most = capacity.reduce((a, b) => Math.max(a, b), 0);
    if ((piece.length + 1) * (most + 1) > Fills.MOST) return;
    let next = new Int32Array(most + 1);
    this.rows[piece.length] = next;
    for (let i = piece.length - 1; i >= 0; i--) {
      const [row, length] = [next.slice(), piece[i]!];
      for (let r = length; r <= most; r++) row[r] = Math.max(row[r]!, length + next[r - length]!);
      this.rows[i] = next = row;
    }
  }

  at(i: number, room: number): number {
    if (room <= 0) return 0;
    const row = this.rows[i];
    return row ? row[room]! : room;
  }
}

interface Upgrade {
  readonly gain: number;
  readonly cost: number;
}

/** Least cost of gaining `need` centimetres by filling hanks to the end, parts allowed. Parts make it a lower bound. */
function leastUpgrade(upgrades: Upgrade[], need: number): number {
  if (need <= 0) return 0;
  upgrades.sort((a, b) => a.cost / a.gain - b.cost / b.gain);
  let [left, cost] = [need, 0];
  for (const u of upgrades) {
    const part = Math.min(1, left / u.gain);
    cost += part * u.cost;
    left -= part * u.gain;
    if (left <= 0) break;
  }
  return cost;
}

/** How a search stands at a node: pieces before `next` are placed, `rest` centimetres of pieces are not. */
export interface CutNode {
  readonly next: number;
  readonly rest: number;
  readonly room: Int32Array;
  readonly missing: number;
}

/** Pieces that cannot be cut for want of rope: fewest, and how much of the rest they are. Longest go first, which makes fewest. */
function unplaceable(
  problem: CutProblem,
  node: CutNode,
  fill: number,
): { readonly count: number; readonly cm: number } {
  let [count, cm] = [0, 0];
  for (let i = node.next; node.rest - cm > fill && i < problem.piece.length; i++) {
    cm += problem.piece[i]!;
    count += 1;
  }
  return { count, cm };
}

/** Cost of `cm` centimetres taken from hanks that stand cheapest first, as much from each as it has. */
function cheapestFill(price: Float64Array, fill: ArrayLike<number>, cm: number): number {
  let [cost, left] = [0, cm];
  for (let h = 0; h < price.length && left > 0; h++) {
    const take = Math.min(left, fill[h]!);
    cost += take * price[h]!;
    left -= take;
  }
  return left > 0 ? Infinity : cost;
}

/**
 * A value below which no completion of a node can come. Two parts that bound separately and so may be added: what the
 * rope costs (cheapest first, as much as fits), and what must become scrap.
 */
export function lowerBound(problem: CutProblem, fills: Fills, node: CutNode): number {
  const { capacity, price, keep, missing } = problem;
  const fill: number[] = [];
  let [sum, safe, value] = [0, 0, 0];
  const upgrades: Upgrade[] = [];
  for (let h = 0; h < capacity.length; h++) {
    const [room, p] = [node.room[h]!, price[h]!];
    const used = capacity[h]! - room;
    const most = fills.at(node.next, room);
    fill.push(most);
    sum += most;
    value += p * used;
    const tight = p * scrapOf(problem, room - most);
    if (used > 0 && room < keep) {
      safe += most;
      value += tight;
    } else {
      const calm = fills.at(node.next, room - keep);
      safe += calm;
      if (most > calm) upgrades.push({ gain: most - calm, cost: tight });
    }
  }
  const short = unplaceable(problem, node, sum);
  const placed = Math.max(0, node.rest - short.cm);
  return (
    value +
    (node.missing + short.count) * missing +
    leastUpgrade(upgrades, placed - safe) +
    cheapestFill(price, fill, placed)
  );
}

/** For each length the least sum of pieces that is not shorter; the whole sum stands at the end. */
function nextSums(piece: Int32Array): Int32Array {
  const whole = piece.reduce((a, b) => a + b, 0);
  const reached = new Uint8Array(whole + 1);
  reached[0] = 1;
  for (const length of piece)
    for (let r = whole; r >= length; r--) if (reached[r - length] === 1) reached[r] = 1;
  const next = new Int32Array(whole + 1);
  for (let r = whole, last = whole; r >= 0; r--) {
    if (reached[r] === 1) last = r;
    next[r] = last;
  }
  return next;
}

/**
 * The same when what comes from a dearer class of hanks must be whole pieces: the least sum of pieces that is not shorter
 * than what the cheaper ones cannot hold; what is more than that is cut from the dearer class instead of the cheaper. Only
 * where no dearer hank is in `set` (cut to the end): their pieces would count in the sum. The greatest addition at any step
 * between two prices counts.
 */
function cheapestWholeFill(
  price: Float64Array,
  fill: ArrayLike<number>,
  cm: number,
  next: Int32Array,
  set: number,
): number {
  let [cost, left, addition] = [0, cm, 0];
  for (let h = 0; h < price.length && left > 0; h++) {
    if (h > 0 && price[h]! > price[h - 1]! && set >> h === 0)
      addition = Math.max(addition, (next[left]! - left) * (price[h]! - price[h - 1]!));
    const take = Math.min(left, fill[h]!);
    cost += take * price[h]!;
    left -= take;
  }
  return left > 0 ? Infinity : cost + addition;
}

/** Costs that differ by less are the same. */
const SAME = 1e-9;
const MOST_SETS = 24;
/** With more hanks than this the sets of those cut to the end are not gone through one by one. */
const HANKS_TO_ENUMERATE = 14;

/**
 * Goes through every set of hanks cut to the end. `most`, `calm`: what each hank gives at most, in cm, and with a rest
 * worth keeping left; `next`: sums of pieces, where it is known which ones are placed.
 */
function cheapestSets(
  problem: CutProblem,
  { most, calm }: { readonly most: readonly number[]; readonly calm: readonly number[] },
  placed: number,
  next: ReturnType<typeof nextSums> | null,
): { readonly least: number; readonly sets: readonly number[] } {
  const { capacity, price } = problem;
  const hanks = capacity.length;
  let least = Infinity;
  let sets: number[] = [];
  const rest = new Array<number>(hanks);
  for (let set = 0; set < 1 << hanks; set++) {
    let [cost, need] = [0, placed];
    for (let h = 0; h < hanks; h++) {
      const toTheEnd = (set >> h) & 1;
      rest[h] = toTheEnd ? 0 : calm[h]!;
      if (toTheEnd) {
        cost += price[h]! * (most[h]! + scrapOf(problem, capacity[h]! - most[h]!));
        need -= most[h]!;
      }
    }
    if (cost > least + SAME) continue;
    const total =
      cost +
      (need > 0 && next
        ? cheapestWholeFill(price, rest, need, next, set)
        : cheapestFill(price, rest, need));
    if (total < least - SAME) {
      least = total;
      sets = [];
    }
    if (total <= least + SAME && sets.length < MOST_SETS) sets.push(set);
  }
  return { least, sets };
}

/**
 * The bound for the whole job, sharper: goes through every set of hanks that are cut to the end (each then costs all of
 * itself); the rest of the pieces come from the others as cheaply as they can, a rest worth keeping left on each.
 * `sets`: bit masks of the hanks cut to the end where the bound is reached, for packings to try.
 */
export function rootBound(
  problem: CutProblem,
  fills: Fills,
): { readonly value: number; readonly sets: readonly number[] } {
  const { capacity, keep, missing, piece } = problem;
  const node: CutNode = {
    next: 0,
    rest: piece.reduce((a, b) => a + b, 0),
    room: capacity,
    missing: 0,
  };
  const parts = lowerBound(problem, fills, node);
  if (capacity.length > HANKS_TO_ENUMERATE) return { value: parts, sets: [] };
  const most = Array.from(capacity, (c) => fills.at(0, c));
  const calm = Array.from(capacity, (c) => fills.at(0, c - keep));
  const short = unplaceable(
    problem,
    node,
    most.reduce((a, b) => a + b, 0),
  );
  const placed = node.rest - short.cm;
  // With pieces left out it is not known which ones are placed.
  const mayLeaveOut = short.count > 0;
  const { least, sets } = cheapestSets(
    problem,
    { most, calm },
    placed,
    mayLeaveOut ? null : nextSums(piece),
  );
  return { value: Math.max(parts, least + short.count * missing), sets };
}

/** How many of the longest pieces cannot be cut at all for want of rope. */
export const surelyMissing = (problem: CutProblem, fills: Fills): number =>
  unplaceable(
    problem,
    { next: 0, rest: problem.piece.reduce((a, b) => a + b, 0), room: problem.capacity, missing: 0 },
    problem.capacity.reduce((sum, c) => sum + fills.at(0, c), 0),
  ).count;
