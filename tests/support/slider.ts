import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { allForms } from '@/core/knot/catalogue';
import { printOfBody } from '@/core/knot/shape/check';
import { DrawingUp } from '@/core/knot/shape/drawing-up';
import { bodyOfFrame, type ShippedForm } from '@/core/knot/shape/frames';
import { SHAPE_LIMITS } from '@/core/knot/shape/limits';
import { sharpestTurnRad, worstOverlap } from '@/core/knot/shape/measure';
import { fileOf } from '../../scripts/knots/forms';
import { formOf, randomOf } from './knots';

/** A developer asks for more where the working of drawing up has changed. */
const RUNS = Number(process.env['SLIDER_RUNS'] ?? 6);
/** What is drawn up lightly only is shown in its shipped states, which are checked with them: no slider pulls it. */
const right = allForms()
  .filter((f) => !f.wrong && !f.form.spec.light)
  .map((f, i) => [f.name, i] as const);

/** One part of several of the forms: they take long, and the parts run beside each other. */
export const slideAtRandom = (part: number, of: number) =>
  describe('a slider moved at random leaves the knot what it is', () => {
    it.each(right.filter((_, i) => i % of === part))(
      `${RUNS} runs of %s`,
      (name, i) => {
        const form = formOf(name);
        const shipped = JSON.parse(readFileSync(fileOf(name), 'utf8')) as ShippedForm;
        const hand = new DrawingUp(shipped);
        const print = printOfBody(form, bodyOfFrame(shipped, shipped.frames[0]!));
        const random = randomOf(7919 * (i + 1));
        for (let run = 0; run < RUNS; run++) {
          const wanted = random();
          for (let pull = 0; pull < 12 && !hand.toward(wanted, 12); pull++);
          const body = hand.atRest();
          expect(printOfBody(form, body), `run ${run + 1}, slider at ${wanted.toFixed(2)}`).toBe(
            print,
          );
          expect(worstOverlap(body)).toBeLessThanOrEqual(SHAPE_LIMITS.overlapD);
          expect(sharpestTurnRad(body)).toBeLessThanOrEqual(SHAPE_LIMITS.turnRad);
        }
      },
      60_000,
    );
  });
