import { HoldSearch } from './limit';
import type { HoldLine, HoldProblem } from './problem';
import { MOTIONS } from './programme';
import { DIRECTIONS } from '../vocabulary';
import type { StaticsBox } from '../rules/rule-set';

/** The tension is found to this part of itself. */
const PRECISION = 1e-4;
const MOST_HALVINGS = 60;

const fixed = (line: HoldLine, tensionN: number): HoldLine => ({
  ...line,
  leastN: tensionN,
  mostN: tensionN,
});
const withTension = (
  problem: HoldProblem,
  ids: ReadonlySet<string>,
  tensionN: number,
): HoldProblem => ({
  ...problem,
  lines: problem.lines.map((l) => (ids.has(l.id) ? fixed(l, tensionN) : l)),
});

function holds(
  problems: readonly { readonly problem: HoldProblem; readonly box: StaticsBox }[],
  ids: ReadonlySet<string>,
  tensionN: number,
): boolean {
  return problems.every(({ problem, box }) => {
    const search = new HoldSearch(withTension(problem, ids, tensionN));
    return DIRECTIONS.every(
      (d) => (search.limit(MOTIONS[d])?.heldG ?? -Infinity) >= box.requiredG[d] * (1 - 1e-9),
    );
  });
}

/**
 * Least common kept tension, N, with which lines of unknown tension hold every box in every named direction; null when
 * none up to `mostN` does. More tension presses more, so the first that holds is looked for by halving, and what is
 * found is a tension that was tried.
 */
export function tensionThatIsEnough(
  problems: readonly { readonly problem: HoldProblem; readonly box: StaticsBox }[],
  ids: ReadonlySet<string>,
  mostN: number,
): number | null {
  let most = mostN;
  // The most may drag where less would hold: halve until something holds or nothing is left.
  for (let i = 0; !holds(problems, ids, most); i++) {
    if (i > 12) return null;
    most /= 2;
  }
  let least = 0;
  for (let i = 0; i < MOST_HALVINGS && most - least > PRECISION * most; i++) {
    const middle = (least + most) / 2;
    if (holds(problems, ids, middle)) most = middle;
    else least = middle;
  }
  return most;
}
