import { isHardware, isRun, kindOf } from './elements';
import type { LineElement } from './schema';

/** What is missing for a list of elements to be a line at all; located at the element where it shows. */
export interface LineGap {
  readonly code:
    | 'end-not-anchored'
    | 'anchor-between'
    | 'rope-end-loose'
    | 'hitch-not-locked'
    | 'bend-joins-nothing'
    | 'knot-without-rope'
    | 'no-run';
  readonly elementId: string | null;
  /** Which end has no anchor, read from the first element. */
  readonly end?: 'first' | 'last';
}

/** Whether the rope at an index is made fast on one side: by a knot, hitch, bend, lock or splice before the next thing, or by a ratchet or binder. */
function fastOn(elements: readonly LineElement[], rope: number, step: -1 | 1): boolean {
  for (let i = rope + step; i >= 0 && i < elements.length; i += step) {
    const e = elements[i]!;
    if (kindOf(e).fastens) return true;
    if (isHardware(e) || isRun(e)) return false;
  }
  return false;
}

/** Whether rope, webbing or chain lies on one side of an element with no hardware between. */
function runOn(elements: readonly LineElement[], at: number, step: -1 | 1): boolean {
  for (let i = at + step; i >= 0 && i < elements.length; i += step) {
    if (isRun(elements[i]!)) return true;
    if (isHardware(elements[i]!)) return false;
  }
  return false;
}

/** A bend joins two ropes, one on each side of it; any other knot is tied in one. What has lost its rope holds nothing. */
function knotGaps(elements: readonly LineElement[]): LineGap[] {
  return elements.flatMap((e, i): LineGap[] => {
    const { tiedIn } = kindOf(e);
    const [before, after] = [runOn(elements, i, -1), runOn(elements, i, 1)];
    if (tiedIn === 2)
      return before && after ? [] : [{ code: 'bend-joins-nothing', elementId: e.id }];
    return tiedIn === 1 && !before && !after
      ? [{ code: 'knot-without-rope', elementId: e.id }]
      : [];
  });
}

const isAnchor = (e: LineElement): boolean => kindOf(e).role === 'anchor';

function endGaps(elements: readonly LineElement[]): LineGap[] {
  const [first, last] = [elements[0]!, elements.at(-1)!];
  const open: LineGap[] = [
    ...(isAnchor(first)
      ? []
      : [{ code: 'end-not-anchored', elementId: first.id, end: 'first' } as const]),
    ...(isAnchor(last) && elements.length > 1
      ? []
      : [{ code: 'end-not-anchored', elementId: last.id, end: 'last' } as const]),
  ];
  const between = elements
    .slice(1, -1)
    .filter(isAnchor)
    .map((e): LineGap => ({ code: 'anchor-between', elementId: e.id }));
  return [...open, ...between];
}

/**
 * Gaps in a line: it needs an anchor at both ends, something that runs between them, and every rope end made fast by a
 * knot, a splice with its hook, a ratchet or a binder; a hauled hitch needs its lock. None: the line is complete.
 */
export function lineGaps(elements: readonly LineElement[]): LineGap[] {
  if (elements.length === 0) return [{ code: 'no-run', elementId: null }];
  const loose = elements.flatMap((e, i): LineGap[] =>
    kindOf(e).endsFastened && !(fastOn(elements, i, -1) && fastOn(elements, i, 1))
      ? [{ code: 'rope-end-loose', elementId: e.id }]
      : [],
  );
  const hitch = elements.find((e) => kindOf(e).needsLock);
  const unlocked: LineGap[] =
    hitch && !elements.some((e) => kindOf(e).locks)
      ? [{ code: 'hitch-not-locked', elementId: hitch.id }]
      : [];
  const run: LineGap[] = elements.some(isRun)
    ? []
    : [{ code: 'no-run', elementId: elements[0]!.id }];
  return [...endGaps(elements), ...run, ...loose, ...knotGaps(elements), ...unlocked];
}
