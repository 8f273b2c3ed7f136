import type { DriveLine } from './model';

/** What a line does when its stretches have become longer or shorter. */
export interface LineResponse {
  /** Tension of each stretch, N. */
  readonly tensionN: readonly number[];
  /** Rope that has run over each edge since it was tied, from the later stretch into the earlier, m. */
  readonly runM: readonly number[];
  /** dT of stretch i by length of stretch j, N/m, by rows. */
  readonly stiffness: Float64Array;
}

type Running = -1 | 0 | 1;

/** Stretches from one edge over which rope does not run to the next, as one spring. */
interface Group {
  readonly first: number;
  readonly last: number;
}

const groupsOf = (running: readonly Running[], stretches: number): Group[] => {
  const groups: Group[] = [];
  for (let i = 0, first = 0; i < stretches; i++)
    if (i === stretches - 1 || running[i] === 0) {
      groups.push({ first, last: i });
      first = i + 1;
    }
  return groups;
};

/**
 * Tensions of a line: each stretch is a spring that only pulls; over an edge the tensions of both sides differ by no more than
 * its ratio, and beyond that rope runs toward the tighter side.
 * @param longerM by how much each stretch is longer than when it was tied, m
 * @param ranM rope that has run over each edge before, m
 * Source: capstan equation at each edge, Hooke's law along each stretch.
 */
export function lineResponse(
  line: DriveLine,
  longerM: ArrayLike<number>,
  ranM: readonly number[],
): LineResponse {
  const n = line.stretches.length;
  const running: Running[] = line.ratios.map(() => 0);
  let found = tensionsOf(line, longerM, ranM, running);
  for (let pass = 0; pass < 2 * n + 2; pass++) {
    if (!setRunning(line, found.tensionN, running)) break;
    found = tensionsOf(line, longerM, ranM, running);
  }
  return found;
}

/** Lets rope run where tensions differ by too much. @returns whether anything new runs */
function setRunning(line: DriveLine, tensionN: readonly number[], running: Running[]): boolean {
  let changed = false;
  line.ratios.forEach((ratio, e) => {
    if (running[e] !== 0) return;
    const [a, b] = [tensionN[e]!, tensionN[e + 1]!];
    const more = 1 + 1e-12;
    if (a > b * ratio * more && a > 0) {
      running[e] = 1;
      changed = true;
    } else if (b > a * ratio * more && b > 0) {
      running[e] = -1;
      changed = true;
    }
  });
  return changed;
}

function tensionsOf(
  line: DriveLine,
  longerM: ArrayLike<number>,
  ranM: readonly number[],
  running: readonly Running[],
): LineResponse {
  const n = line.stretches.length;
  const tensionN = new Array<number>(n).fill(0);
  const stiffness = new Float64Array(n * n);
  const k = line.stretches.map((s) => s.stiffnessNPerM);
  // By how much each would be stretched if no more rope ran.
  const stretchM = (i: number): number =>
    line.keptN / k[i]! + longerM[i]! - (ranM[i] ?? 0) + (i > 0 ? ranM[i - 1]! : 0);
  const runM = [...ranM];
  for (const { first, last } of groupsOf(running, n)) {
    if (k[first] === 0) {
      for (let i = first; i <= last; i++) tensionN[i] = line.keptN;
      continue;
    }
    const parts: number[] = [1];
    for (let e = first; e < last; e++) {
      const ratio = line.ratios[e]!;
      parts.push(running[e] === 1 ? parts.at(-1)! / ratio : parts.at(-1)! * ratio);
    }
    let whole = 0;
    let soft = 0;
    for (let i = first; i <= last; i++) {
      whole += stretchM(i);
      soft += parts[i - first]! / k[i]!;
    }
    const tension = Math.max(0, whole / soft);
    for (let i = first; i <= last; i++) {
      tensionN[i] = tension * parts[i - first]!;
      for (let j = first; j <= last && tension > 0; j++)
        stiffness[i * n + j] = parts[i - first]! / soft;
    }
    for (let e = first, before = 0; e < last; e++) {
      // What a stretch has beyond what its tension asks for has run on.
      before += stretchM(e) - tensionN[e]! / k[e]!;
      runM[e] = ranM[e]! + before;
    }
  }
  return { tensionN, runM, stiffness };
}

/** Energy that a line has stored in its stretches, J. */
export const storedIn = (line: DriveLine, tensionN: readonly number[]): number =>
  line.stretches.reduce(
    (sum, { stiffnessNPerM: k }, i) => (k > 0 ? sum + tensionN[i]! ** 2 / (2 * k) : sum),
    0,
  );
