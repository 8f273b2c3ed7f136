import { isFlexible, isHardware } from './chain';
import type { LineElement } from './schema';

/** What is missing for a chain of elements to be a line at all; located at the element where it shows. */
export interface ChainGap {
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

/** What makes the end of a rope fast by itself. */
const FASTENS: readonly LineElement['kind'][] = ['knot', 'bend', 'truckers', 'tackle', 'lock'];

/** Whether the rope at an index is made fast on one side: by a knot, hitch, bend, lock or splice before the next thing, or by a ratchet or binder. */
function fastOn(elements: readonly LineElement[], rope: number, step: -1 | 1): boolean {
  for (let i = rope + step; i >= 0 && i < elements.length; i += step) {
    const e = elements[i]!;
    if (FASTENS.includes(e.kind) || e.kind === 'ratchet' || e.kind === 'binder') return true;
    if (isHardware(e) || isFlexible(e)) return false;
  }
  return false;
}

/** Whether rope, webbing or chain lies on one side of an element with no hardware between. */
function runOn(elements: readonly LineElement[], at: number, step: -1 | 1): boolean {
  for (let i = at + step; i >= 0 && i < elements.length; i += step) {
    if (isFlexible(elements[i]!)) return true;
    if (isHardware(elements[i]!)) return false;
  }
  return false;
}

/** A bend joins two ropes, one on each side of it; any other knot is tied in one. What has lost its rope holds nothing. */
function knotGaps(elements: readonly LineElement[]): ChainGap[] {
  return elements.flatMap((e, i): ChainGap[] => {
    const [before, after] = [runOn(elements, i, -1), runOn(elements, i, 1)];
    if (e.kind === 'bend')
      return before && after ? [] : [{ code: 'bend-joins-nothing', elementId: e.id }];
    const tied =
      e.kind === 'knot' || e.kind === 'loop' || e.kind === 'lock' || e.kind === 'truckers';
    return tied && !before && !after ? [{ code: 'knot-without-rope', elementId: e.id }] : [];
  });
}

function endGaps(elements: readonly LineElement[]): ChainGap[] {
  const [first, last] = [elements[0]!, elements.at(-1)!];
  const open: ChainGap[] = [
    ...(first.kind === 'anchor'
      ? []
      : [{ code: 'end-not-anchored', elementId: first.id, end: 'first' } as const]),
    ...(last.kind === 'anchor' && elements.length > 1
      ? []
      : [{ code: 'end-not-anchored', elementId: last.id, end: 'last' } as const]),
  ];
  const between = elements
    .slice(1, -1)
    .filter((e) => e.kind === 'anchor')
    .map((e): ChainGap => ({ code: 'anchor-between', elementId: e.id }));
  return [...open, ...between];
}

/**
 * Gaps in a line: it needs an anchor at both ends, something that runs between them, and every rope end made fast by a
 * knot, a splice with its hook, a ratchet or a binder; a hauled hitch needs its lock. None: the line is complete.
 */
export function chainGaps(elements: readonly LineElement[]): ChainGap[] {
  if (elements.length === 0) return [{ code: 'no-run', elementId: null }];
  const loose = elements.flatMap((e, i): ChainGap[] =>
    e.kind === 'rope' && !(fastOn(elements, i, -1) && fastOn(elements, i, 1))
      ? [{ code: 'rope-end-loose', elementId: e.id }]
      : [],
  );
  const hitch = elements.find((e) => e.kind === 'truckers');
  const unlocked: ChainGap[] =
    hitch && !elements.some((e) => e.kind === 'lock')
      ? [{ code: 'hitch-not-locked', elementId: hitch.id }]
      : [];
  const run: ChainGap[] = elements.some(isFlexible)
    ? []
    : [{ code: 'no-run', elementId: elements[0]!.id }];
  return [...endGaps(elements), ...run, ...loose, ...knotGaps(elements), ...unlocked];
}
