import { isRun, kindOf } from '../../line/elements';
import type { ElementOf, LineElement } from '../../line/schema';
import { type HaulingOrder, legTensions, slackAfter } from '../../tackle/rope-run';
import { bare } from '../../working/working';
import type { DeckEnd, RouteProblem } from '../leg';
import type { Line } from '../schema';
import { type Path, pathOf, type Touch } from './path';

/** Hooks that a line's rope turns round, from its first end on. */
export const hooksOf = (elements: readonly LineElement[]): ElementOf<'hook'>[] =>
  elements.filter((e) => e.kind === 'hook');

/** Which leg of a run is hauled, from 0: the one with the system that hauls it; without one the last. */
function hauledLeg(elements: readonly LineElement[]): number {
  const at = elements.findIndex(
    (e) => kindOf(e).hauling !== undefined || kindOf(e).tension !== undefined,
  );
  const before = (n: number): number => hooksOf(elements.slice(0, n)).length;
  return at < 0 ? before(elements.length) : before(at);
}

/**
 * A hand that pulls nothing by itself beside the form at the hauled end: whatever a turn holds by friction alone counts,
 * and what one might pull up by hand in between is credited to nobody.
 */
const FORM_ALONE = { handN: 1e-9, haulingRatio: 1e9 };

/** Tension of each leg of a run as a part of the hauled one's, from the first end on. */
export function legParts({ elements, hauling }: Pick<Line, 'elements' | 'hauling'>): number[] {
  const turns = hooksOf(elements).map(({ efficiency, locked }) => ({ efficiency, locked }));
  const leg = hauledLeg(elements);
  const order: HaulingOrder = hauling;
  const parts = (list: typeof turns): number[] =>
    legTensions(bare, { ...FORM_ALONE, turns: list }, order).map((n) => n ?? 0);
  return [
    ...parts(turns.slice(0, leg).toReversed()).slice(1).toReversed(),
    ...parts(turns.slice(leg)),
  ];
}

/** One leg of a run as a screen shows it. */
export interface RunLeg {
  /** Its ends: anchors and hooks of the deck, by id. */
  readonly from: string;
  readonly to: string;
  /** Its part of the tension that the hauled leg keeps. */
  readonly part: number;
}

/** Every place of the deck that a line goes to, first to last, whether the deck has it or not. */
export const stopsOf = (elements: readonly LineElement[]): string[] =>
  elements.flatMap((e) =>
    e.kind === 'hook'
      ? [e.anchorId]
      : e.kind === 'anchor' && e.at.on === 'deck'
        ? [e.at.anchorId]
        : [],
  );

/** The legs of a run from its first end on; none where a line is no run. */
export function runLegs(line: Pick<Line, 'elements' | 'hauling'>): RunLeg[] {
  if (!isRunOfLegs(line.elements)) return [];
  const stops = stopsOf(line.elements);
  return legParts(line).flatMap((part, i) =>
    stops[i + 1] === undefined ? [] : [{ from: stops[i]!, to: stops[i + 1]!, part }],
  );
}

/** Legs that go slack when a lock lets go, counted from the first end on, from 0. `hook`: which of the hooks, from 0; null: the hauled end. */
export function slackLegs(line: Pick<Line, 'elements'>, hook: number | null): number[] {
  const turns = hooksOf(line.elements);
  return slackAfter(
    { turns },
    hook === null
      ? { kind: 'leg', leg: hauledLeg(line.elements) + 1 }
      : { kind: 'lock', turn: hook + 1 },
  ).map((leg) => leg - 1);
}

/** Whether a line is one rope over several hooks. */
export const isRunOfLegs = (elements: readonly LineElement[]): boolean =>
  elements.some((e) => e.kind === 'hook') && elements.some(isRun);

type Over = (
  a: DeckEnd,
  b: DeckEnd,
) => { readonly problem: RouteProblem } | { readonly problem: null; readonly touches: Touch[] };

/**
 * A rope from anchor to hook to hook to anchor, tight over the load wherever a leg lies over it; a leg beside the load runs
 * straight. One rope, one tie-down: each leg has its part of the tension.
 * @param stops every place it goes to, ends included
 */
export function runPath(
  line: Line,
  stops: readonly DeckEnd[],
  over: Over,
): { readonly problem: RouteProblem } | { readonly problem: null; readonly path: Path } {
  const parts = legParts(line);
  const legs = stops.slice(1).map((to, i) => {
    const from = stops[i]!;
    const found = over(from, to);
    const straightM = Math.hypot(from.at.x - to.at.x, from.at.y - to.at.y, from.at.z - to.at.z);
    return { from, to, found, straightM };
  });
  if (legs.every((l) => l.found.problem !== null))
    return { problem: legs[0]!.found.problem ?? 'over-one-side' };
  const path: { pulls: Path['pulls'][number][]; lengthM: number; ratios: number[] } = {
    pulls: [],
    lengthM: 0,
    ratios: [],
  };
  let stretch = 0;
  legs.forEach(({ from, to, found, straightM }, i) => {
    if (found.problem !== null) {
      path.lengthM += straightM;
      return;
    }
    const one = pathOf(from, found.touches, to, line.elements);
    const part = parts[i] ?? 0;
    // Stretches of different legs differ by their parts already.
    if (i > 0 && path.pulls.length > 0) path.ratios.push(1);
    for (const p of one.pulls)
      path.pulls.push({ ...p, stretch: p.stretch + stretch, leg: { ...p.leg, part } });
    path.ratios.push(...one.ratios);
    stretch += one.ratios.length + 1;
    path.lengthM += one.lengthM;
  });
  return { problem: null, path };
}
