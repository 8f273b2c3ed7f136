import { entered, times } from '../../line/tension-parts';
import { countingPart } from '../../securement/rules/us-cmv';
import { N_PER_LBF } from '../../units';
import { traced } from '../../working/working';
import { roundNumber } from '../../chance';
import type { ReckoningKind } from './reckoning';

/** Straps alike, counted under the US commercial rule: a sum of working load limits. */
export interface TieDownSum {
  readonly count: number;
  readonly wllN: number;
  /** From the vehicle over the cargo to the vehicle's other side: counted in full. */
  readonly across: boolean;
}

export const tieDownSum: ReckoningKind<TieDownSum> = {
  make: (chance) => ({
    count: roundNumber(chance, 2, 8, 1),
    wllN: roundNumber(chance, 500, 5000, 250) * N_PER_LBF,
    across: chance() < 0.5,
  }),
  reckon: ({ count, wllN, across }) => {
    const part = countingPart({ kind: across ? 'over' : 'direct', crosses: across }).low;
    const one = (i: number) =>
      traced.apply(times, `strap ${i + 1} counts`, {
        H: entered(traced, 'working load limit', 'WLL', wllN, 'N'),
        R: entered(traced, 'part that counts', 'c', part, 'ratio', '49 CFR 393.106(d)'),
      });
    const sheet = traced.sum(
      'sum of working load limits',
      'ΣWLL',
      'N',
      Array.from({ length: count }, (_, i) => one(i)),
    );
    return {
      sheet,
      slips: [
        across
          ? { code: 'full-as-half', value: (count * wllN) / 2 }
          : { code: 'half-as-full', value: count * wllN },
      ],
    };
  },
};
