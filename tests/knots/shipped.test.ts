import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { allForms } from '@/core/knot/catalogue';
import { laidOf } from '@/core/knot/catalogue/by-form';
import { readForm } from '@/core/knot/form/form';
import { wordIssue } from '@/wording/issues';
import { checkShape } from '@/core/knot/shape/check';
import { bodyOfFrame, bodyOfStep, FRAME_STATES } from '@/core/knot/shape/frames';
import { SHAPE_LIMITS } from '@/core/knot/shape/limits';
import { fileOf, kept } from '../../scripts/knots/forms';
import { projected } from '@/core/knot/shape/project';
import { isKink, unnoticedIn } from '@/core/knot/topology/flip';
import { stateViews } from '@/core/knot/topology/views';
import { formOf } from '../support/knots';

const all = allForms();
describe('shipped geometry', () => {
  it('is there for every form and for nothing else', () => {
    const files = readdirSync(path.dirname(fileOf('x'))).toSorted();
    expect(files).toEqual(all.map((f) => path.basename(fileOf(f.name))).toSorted());
  });
  it.each(all.map((f) => [f.name, f] as const))(
    '%s: made from this path, invariants the same in every frame, no overlap, no zigzag, small',
    (name, named) => {
      const shipped = kept(named);
      expect(shipped, 'the path has changed since: npm run knots:bake').not.toBeNull();
      expect(shipped!.frames.map((f) => f.drawn)).toEqual([...FRAME_STATES]);
      const form = formOf(name);
      for (const frame of shipped!.frames) {
        const { sameInvariants, overlapD, turnRad } = checkShape(
          form,
          bodyOfFrame(shipped!, frame),
        );
        expect(sameInvariants, `invariants at ${frame.drawn}`).toBe(true);
        expect(overlapD, `overlap at ${frame.drawn}`).toBeLessThanOrEqual(SHAPE_LIMITS.overlapD);
        expect(turnRad, `turn at ${frame.drawn}`).toBeLessThanOrEqual(SHAPE_LIMITS.turnRad);
      }
      for (const { step, laid } of laidOf(named.form)) {
        const path = readForm(name, laid.spec);
        if (!path.ok) throw new Error(wordIssue(path.issues[0]!));
        const check = checkShape(path.value, bodyOfStep(shipped!, step, false));
        expect(check, `step ${step + 1}`).toMatchObject({ holds: true });
      }
      expect(readFileSync(fileOf(name)).length).toBeLessThanOrEqual(SHAPE_LIMITS.bytes);
    },
  );
  it.each(all.map((f) => [f.name, f] as const))(
    '%s: drawn up, a crossing turned over is noticed, or is a mere kink, or is one of those listed with their reason',
    (name, named) => {
      const shipped = kept(named)!;
      const diagram = projected(bodyOfFrame(shipped, shipped.frames.at(-1)!));
      const unnoticed = unnoticedIn(stateViews(formOf(name), diagram)).filter(
        (i) => !isKink(diagram, i),
      );
      const listed = named.form.idleCrossings?.count ?? 0;
      expect(unnoticed.length).toBeLessThanOrEqual(listed);
    },
  );
});
