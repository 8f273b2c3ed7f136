import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/knot/catalogue';
import type { TiedForm } from '@/core/knot/catalogue/entry';
import { knot, KNOTS, type KnotId } from '@/core/knot/knots';
import { MEASURED } from '@/core/knot/measured';
import { ropeUseOf } from '@/core/knot/rope-use';
import { bodyOfFrame, type ShippedForm } from '@/core/knot/shape/frames';
import { knotReach, ropeInside } from '@/core/knot/shape/measure';
import { fileOf } from '../../scripts/knots/forms';

describe('rope a knot takes', () => {
  it.each(Object.entries(MEASURED))('%s is what its shipped geometry measures', (name, use) => {
    const shipped = JSON.parse(readFileSync(fileOf(name), 'utf8')) as ShippedForm;
    const body = bodyOfFrame(shipped, shipped.frames.at(-1)!);
    expect(use.insideD).toEqual(shipped.insideD);
    body.strands.forEach((_, k) => {
      expect(Math.abs(knotReach(body, k) - use.reachD[k]!)).toBeLessThan(0.1);
      // Shipped geometry is rounded to hundredths of a diameter; where a bend begins may move by some nodes.
      expect(Math.abs(ropeInside(body, k) - use.insideD[k]!)).toBeLessThan(3);
      expect(use.reachD[k]!).toBeLessThan(use.insideD[k]!);
    });
    const [entryId, formId] = name.split('/');
    const entry = CATALOGUE.find((e) => e.id === entryId)!;
    const form: TiedForm = entry.forms.find((f) => f.id === formId)!;
    expect(use.tailD).toBe(form.tailD ?? entry.tailD);
  });
  it('every knot of a line that the catalogue teaches is measured; the others say so', () => {
    for (const id of Object.keys(KNOTS) as KnotId[])
      expect(ropeUseOf(id).measured, id).toBe(knot(id).taught !== null);
  });
});
