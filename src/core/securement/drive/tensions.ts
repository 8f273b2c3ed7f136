import type { DriveLine } from './model';

/** What a line does when its stretches have become longer or shorter. Written over and over. */
export interface LineResponse {
  /** Tension of each stretch, N. */
  readonly tensionN: Float64Array;
  /** Rope that has run over each edge since it was tied, from the later stretch into the earlier, m. */
  readonly runM: Float64Array;
  /** dT of stretch i by length of stretch j, N/m, by rows. */
  readonly stiffness: Float64Array;
  /** Which way rope runs over each edge: 1 into the earlier stretch, −1 into the later one, 0: it does not. */
  readonly running: Int8Array;
}

/** A line that does nothing yet. */
export const noResponse = ({ stretches, ratios }: DriveLine): LineResponse => ({
  tensionN: new Float64Array(stretches.length),
  runM: new Float64Array(ratios.length),
  stiffness: new Float64Array(stretches.length * stretches.length),
  running: new Int8Array(ratios.length),
});

/**
 * Writes the tensions of a line: each stretch is a spring that only pulls; over an edge the tensions of both sides differ by no
 * more than its ratio, and beyond that rope runs toward the tighter side.
 * @param longerM by how much each stretch is longer than when it was tied, m
 * @param ranM rope that has run over each edge before, m
 * Source: capstan equation at each edge, Hooke's law along each stretch.
 */
export function lineResponse(
  line: DriveLine,
  longerM: Float64Array,
  ranM: Float64Array,
  into: LineResponse,
): void {
  into.running.fill(0);
  tensionsOf(line, longerM, ranM, into);
  for (let pass = 0; pass < 2 * line.stretches.length + 2; pass++) {
    if (!setRunning(line, into)) break;
    tensionsOf(line, longerM, ranM, into);
  }
}

/** Tensions that differ by this much more than friction holds run. */
const MORE = 1 + 1e-12;

/** Lets rope run where tensions differ by too much. @returns whether anything new runs */
function setRunning({ ratios }: DriveLine, { tensionN, running }: LineResponse): boolean {
  let changed = false;
  for (let e = 0; e < ratios.length; e++) {
    if (running[e] !== 0) continue;
    const [a, b] = [tensionN[e]!, tensionN[e + 1]!];
    const most = ratios[e]! * MORE;
    if (a > b * most && a > 0) running[e] = 1;
    else if (b > a * most && b > 0) running[e] = -1;
    if (running[e] !== 0) changed = true;
  }
  return changed;
}

function tensionsOf(
  line: DriveLine,
  longerM: Float64Array,
  ranM: Float64Array,
  into: LineResponse,
): void {
  const n = line.stretches.length;
  for (let e = 0; e < ranM.length; e++) into.runM[e] = ranM[e]!;
  for (let i = 0; i < n * n; i++) into.stiffness[i] = 0;
  for (let first = 0, last = 0; first < n; first = last + 1) {
    // Stretches up to the first edge over which no rope runs are one spring.
    for (last = first; last < n - 1 && into.running[last] !== 0;) last += 1;
    if (line.stretches[first]!.stiffnessNPerM > 0)
      oneSpring(line, longerM, ranM, first, last, into);
    else for (let i = first; i <= last; i++) into.tensionN[i] = line.keptN;
  }
}

/** Writes what stretches do over whose edges rope runs. */
function oneSpring(
  line: DriveLine,
  longerM: Float64Array,
  ranM: Float64Array,
  first: number,
  last: number,
  { tensionN, runM, stiffness, running }: LineResponse,
): void {
  const { stretches, ratios } = line;
  const n = stretches.length;
  let whole = 0;
  let soft = 0;
  for (let i = first, part = 1; i <= last; i++) {
    if (i > first) part = running[i - 1] === 1 ? part / ratios[i - 1]! : part * ratios[i - 1]!;
    // Its tension as a part of the first one's, for now.
    tensionN[i] = part;
    whole += stretchM(line, longerM, ranM, i);
    soft += part / stretches[i]!.stiffnessNPerM;
  }
  const tension = Math.max(0, whole / soft);
  for (let i = first; i <= last; i++) {
    const part = tensionN[i]!;
    tensionN[i] = tension * part;
    for (let j = first; j <= last && tension > 0; j++) stiffness[i * n + j] = part / soft;
  }
  for (let e = first, before = 0; e < last; e++) {
    // What a stretch has beyond what its tension asks for has run on.
    before += stretchM(line, longerM, ranM, e) - tensionN[e]! / stretches[e]!.stiffnessNPerM;
    runM[e] = ranM[e]! + before;
  }
}

/** By how much a stretch would be stretched if no more rope ran, m. */
const stretchM = (
  { keptN, stretches }: DriveLine,
  longerM: Float64Array,
  ranM: Float64Array,
  i: number,
): number =>
  keptN / stretches[i]!.stiffnessNPerM +
  longerM[i]! -
  (i < ranM.length ? ranM[i]! : 0) +
  (i > 0 ? ranM[i - 1]! : 0);

/** Energy that a line has stored in its stretches, J. */
export const storedIn = (line: DriveLine, tensionN: Float64Array): number =>
  line.stretches.reduce(
    (sum, { stiffnessNPerM: k }, i) => (k > 0 ? sum + tensionN[i]! ** 2 / (2 * k) : sum),
    0,
  );
