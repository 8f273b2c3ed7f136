import type { z } from 'zod';
import {
  haulAgain,
  type HaulingOrder,
  legTensions,
  type RopeRun,
  RUN_TIE_DOWNS,
  slackAfter,
  spreadOf,
} from '@/core/tackle/rope-run';
import { traced } from '@/core/working/working';
import type { runBody } from './tension-schemas';

function hauledBy(run: RopeRun, order: HaulingOrder) {
  const working = legTensions(traced, run, order);
  const tensionsN = working.map((w) => w.value!);
  return { tensionsN, parts: spreadOf(run, tensionsN), working };
}

/** One rope over many anchors: each leg by both orders of hauling, what goes slack, and how it is hauled again. */
export function computeRun({ failure, ...run }: z.infer<typeof runBody>) {
  const slack = failure ? slackAfter(run, failure) : [];
  return {
    tieDowns: RUN_TIE_DOWNS,
    fromOneEnd: hauledBy(run, 'from-one-end'),
    legByLeg: hauledBy(run, 'leg-by-leg'),
    slackLegs: slack,
    haulAgain: haulAgain(run, slack),
  };
}
