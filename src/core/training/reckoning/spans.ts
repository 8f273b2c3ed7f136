import { entered } from '../../line/tension-parts';
import { endTensions, leastSagMidSpan } from '../../span/loaded-line';
import { traced } from '../../working/working';
import { roundNumber } from '../../chance';
import type { ReckoningKind } from './reckoning';

/** A load hung in the middle of a level line. */
export interface LoadedSpan {
  readonly loadN: number;
  readonly spanM: number;
  readonly sagM: number;
}

export const loadedSpan: ReckoningKind<LoadedSpan> = {
  make: (chance) => {
    const spanM = roundNumber(chance, 4, 20, 1);
    return {
      loadN: roundNumber(chance, 100, 1000, 50),
      spanM,
      sagM: spanM / roundNumber(chance, 10, 60, 10),
    };
  },
  reckon: ({ loadN, spanM, sagM }) => ({
    sheet: endTensions(traced, { spanM, riseM: 0, weightNPerM: 0, loadN, atM: spanM / 2 }, sagM)
      .greatestN,
    slips: [{ code: 'load-halved', value: loadN / 2 }],
  }),
};

/** How flat the same line may be. */
export interface LeastSag {
  readonly loadN: number;
  readonly spanM: number;
  readonly limitN: number;
}

export const leastSag: ReckoningKind<LeastSag> = {
  make: (chance) => {
    const loadN = roundNumber(chance, 50, 500, 50);
    return {
      loadN,
      spanM: roundNumber(chance, 4, 20, 1),
      limitN: loadN * roundNumber(chance, 2, 12, 1),
    };
  },
  reckon: ({ loadN, spanM, limitN }) => {
    const sheet = traced.apply(leastSagMidSpan, 'least sag', {
      L: entered(traced, 'span', 'L', spanM, 'm'),
      T: entered(traced, 'what the line may carry', 'T', limitN, 'N'),
      P: entered(traced, 'load', 'P', loadN, 'N'),
    });
    return { sheet, slips: [{ code: 'not-halved', value: 2 * sheet.value! }] };
  },
};
