import type { z } from 'zod';
import { allAtOnce } from '@/core/steps';
import { drawing } from '@/core/securement/uncertainty/draws';
import { summary } from '@/core/securement/uncertainty/summary';
import { wordDoubt, wordShare } from '@/wording/sure';
import type { uncertaintyBody } from './schemas';

/** How sure it is that statics hold a plan, direction by direction. `refused`: there is no load, or a mass is not known. */
export function computeUncertainty({ plan, ...wanted }: z.infer<typeof uncertaintyBody>) {
  const drawn = allAtOnce(drawing(plan, wanted));
  if (drawn === null) return { refused: true, draws: 0, directions: [] };
  return {
    refused: false,
    draws: drawn.done,
    directions: summary(drawn, wanted.open).map(({ quantilesG: [p5, p50, p95], ...d }) => ({
      ...d,
      heldG: { p5, p50, p95 },
      inWords: [`Statics hold ${wordShare(d)}.`, wordDoubt({ ...d, quantilesG: [p5, p50, p95] })]
        .filter((w) => w !== null)
        .join(' '),
    })),
  };
}
