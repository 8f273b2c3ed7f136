import { bare } from '../working/working';
import type { LineContext } from './context';
import { doubtsOf, type KnotDoubt, weightOf } from './doubts';
import { kindOf, knotsIn } from './elements';
import type { LineElement } from './schema';
import { lineCapacity } from './line';
import { positions } from './positions';

/** What else could stand at one place of a line, and what it would do there and to the line. */
export interface Alternative {
  readonly key: string;
  readonly label: string;
  readonly hint: string;
  readonly element: LineElement;
  /** Line tension allowed here, N; null: unknown. */
  readonly hereN: number | null;
  readonly lineWllN: number | null;
  /** Change against what stands now, as fractions; null when either is unknown. */
  readonly hereChange: number | null;
  readonly lineChange: number | null;
  readonly current: boolean;
  /** What speaks against it here, the gravest first; nothing where it suits. */
  readonly doubts: readonly KnotDoubt[];
}

/** Line tension that an element allows, and the line's WLL with it. */
function measure(
  elements: readonly LineElement[],
  index: number,
  context: LineContext,
): { hereN: number | null; lineWllN: number | null } {
  const capacity = lineCapacity(bare, elements, context);
  const here = capacity.places.filter((p) => p.elementIndex === index).map((p) => p.allowed);
  return {
    hereN:
      here.every((v) => v !== null) && here.length > 0 ? Math.min(...(here as number[])) : null,
    lineWllN: capacity.wll,
  };
}

const change = (after: number | null, before: number | null): number | null =>
  after === null || before === null || before === 0 ? null : after / before - 1;

const same = (a: LineElement, b: LineElement): boolean => JSON.stringify(a) === JSON.stringify(b);

/** What speaks against the knot of an element at its place. */
function doubtsAt(elements: readonly LineElement[], index: number, context: LineContext) {
  const [tied] = knotsIn(elements[index]!);
  return tied === undefined ? [] : doubtsOf(tied, positions(elements, context)[index]!);
}

/**
 * Alternatives to one element: what suits the place before what does not, then best for the line, then best here. Includes
 * what stands now (`current`). Bare numbers only: it runs whenever an element is picked.
 */
export function alternatives(
  elements: readonly LineElement[],
  index: number,
  context: LineContext,
): Alternative[] {
  const element = elements[index];
  if (!element) return [];
  const now = measure(elements, index, context);
  const list = (kindOf(element).variants?.(element, context) ?? []).map((variant): Alternative => {
    const changed = elements.with(index, variant.element);
    const after = measure(changed, index, context);
    return {
      ...variant,
      ...after,
      doubts: doubtsAt(changed, index, context),
      current: same(variant.element, element),
      hereChange: change(after.hereN, now.hereN),
      lineChange: change(after.lineWllN, now.lineWllN),
    };
  });
  return list.sort(
    (a, b) =>
      weightOf(a.doubts) - weightOf(b.doubts) ||
      (b.lineWllN ?? -1) - (a.lineWllN ?? -1) ||
      (b.hereN ?? -1) - (a.hereN ?? -1),
  );
}
