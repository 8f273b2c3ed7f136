import {
  anchorFact,
  type AnchorFact,
  type LineContext,
  type LinePosition,
  type Run,
} from './context';
import { isHardware, isRun, kindOf } from './elements';
import type { LineElement } from './schema';

/** The first element in a direction that is one of these, not going past one of those. */
function toward(
  elements: readonly LineElement[],
  from: number,
  step: -1 | 1,
  wanted: (e: LineElement) => boolean,
  past: (e: LineElement) => boolean,
): { at: number; element: LineElement } | null {
  for (let i = from + step; i >= 0 && i < elements.length; i += step) {
    const e = elements[i]!;
    if (wanted(e)) return { at: i, element: e };
    if (past(e)) return null;
  }
  return null;
}

const runOf = (e: LineElement): Run[] => {
  const run = kindOf(e).run?.(e);
  return run ? [run] : [];
};

function runsAt(elements: readonly LineElement[], index: number): Run[] {
  const self = elements[index]!;
  if (isRun(self)) return runOf(self);
  const sides = (past: (e: LineElement) => boolean): Run[] =>
    ([-1, 1] as const).flatMap((step) => {
      const found = toward(elements, index, step, isRun, past);
      return found ? runOf(found.element) : [];
    });
  const near = sides(isHardware);
  return near.length > 0 ? near : sides(() => false);
}

const isAnchor = (e: LineElement): boolean => kindOf(e).role === 'anchor';

/**
 * Anchors that a hitch or tackle may haul toward: those it reaches without going through rope. Where that is none or both
 * the line does not say, and both count as the hauled one.
 */
function tensionedAnchors(elements: readonly LineElement[]): number[] {
  const hitch = elements.findIndex((e) => kindOf(e).hauling !== undefined);
  if (hitch < 0) return [];
  const reached = ([-1, 1] as const).flatMap(
    (step) => toward(elements, hitch, step, isAnchor, isRun)?.at ?? [],
  );
  return reached.length > 0
    ? reached
    : ([-1, 1] as const).flatMap(
        (step) => toward(elements, hitch, step, isAnchor, () => false)?.at ?? [],
      );
}

/** Positions of all elements of a line, in order. */
export function positions(elements: readonly LineElement[], context: LineContext): LinePosition[] {
  const tensioned = tensionedAnchors(elements);
  const hauling = elements.flatMap((e) => kindOf(e).hauling?.(e) ?? []);
  const factAt = (i: number): AnchorFact | null => {
    const e = elements[i];
    return e?.kind === 'anchor' ? anchorFact(e, context) : null;
  };
  const bars = tensioned.map((i) => factAt(i)?.barDiameterM ?? null);
  const turnDiameterM =
    bars.every((d): d is number => d !== null) && bars.length > 0 ? Math.min(...bars) : null;
  return elements.map((_, index) => ({
    index,
    runs: runsAt(elements, index),
    hauling,
    turnDiameterM,
    atTensionedEnd: tensioned.includes(index),
    neighbourAnchor: factAt(index - 1) ?? factAt(index + 1),
  }));
}
