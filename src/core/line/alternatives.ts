import { bare } from '../working/working';
import type { LineContext } from './context';
import { kindOf } from './elements';
import type { LineElement } from './schema';
import { lineCapacity } from './line';

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

/**
 * Alternatives to one element, best for the line first, then best here. Includes what stands now (`current`).
 * Bare numbers only: it runs whenever an element is picked.
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
    const after = measure(elements.with(index, variant.element), index, context);
    return {
      ...variant,
      ...after,
      current: same(variant.element, element),
      hereChange: change(after.hereN, now.hereN),
      lineChange: change(after.lineWllN, now.lineWllN),
    };
  });
  return list.sort(
    (a, b) => (b.lineWllN ?? -1) - (a.lineWllN ?? -1) || (b.hereN ?? -1) - (a.hereN ?? -1),
  );
}
