import type { z } from 'zod';
import { ANY_KNOT } from '@/core/securement/advice/may-tie';
import { findingEnough, type EnoughResult } from '@/core/securement/enough/result';
import type { KeptFact } from '@/core/securement/locker-word';
import { METRIC } from '@/core/units';
import { wordProposed, wordWhy } from '@/wording/enough';
import { wordFinding } from '@/wording/findings';
import type { enoughBody } from './enough-schemas';

type Body = z.infer<typeof enoughBody>;

/** A locker of which all that is known is what was sent: everything in service, and looked at when it should have been. */
const lockerOf = (things: Body['things']): ReadonlyMap<string, KeptFact> =>
  new Map(
    things.map(({ id, gear, condition, remainingM }) => [
      id,
      {
        gear,
        due: null,
        removed: false,
        state: {
          state: condition === 'damaged' ? 'set-aside' : 'in-service',
          condition,
          damagedAtM: [],
          remainingM: remainingM ?? gear.lengthM,
          place: gear.place,
          inspectedOn: null,
          suspect: false,
          inspections: 0,
        },
      },
    ]),
  );

function out({ refused, found, open, choices, judged, ...rest }: EnoughResult, { plan }: Body) {
  return {
    refused: refused.map((f) => ({ code: f.code, inWords: wordFinding(f, METRIC) })),
    found: found && {
      lines: found.cost.lines,
      ropeM: found.cost.ropeDm / 10,
      steps: found.cost.steps,
      mats: found.mats,
      changes: found.changes.map((c) => ({
        kind: c.kind,
        lineId: c.kind === 'mats' ? null : c.line.id,
        inWords: wordProposed(c, plan.deck.anchors, METRIC),
      })),
      plan: found.plan,
    },
    open: open && { lines: open.lines, ropeM: open.ropeDm / 10 },
    inWords:
      refused.length > 0 ? [] : wordWhy({ refused, found, open, choices, judged, ...rest }, METRIC),
    choices,
    judged,
  };
}

/** The cheapest securement of a plan that is enough, with the things that were sent, as far as so many steps lead. */
export function computeEnough(body: Body) {
  const { plan, things, marginPart, mats, protectors, knots, mostSteps } = body;
  const known = knots && new Set(knots);
  const search = findingEnough(plan, lockerOf(things), {
    marginPart,
    mats,
    protectors,
    mayTie: known ? (knot) => known.has(knot) : ANY_KNOT,
  });
  let step = search.next(false);
  while (!step.done) step = search.next(step.value.steps > mostSteps);
  return out(step.value, body);
}
