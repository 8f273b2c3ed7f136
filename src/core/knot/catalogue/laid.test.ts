import { describe, expect, it } from 'vitest';
import { readForm } from '../form/form';
import { invariantsOf } from '../topology/invariants';
import { proofOf } from '../topology/proof';
import { viewsOf } from '../topology/views';
import { wordIssue } from '../../../wording/issues';
import { allForms } from '.';
import { laidOf } from './by-form';
import type { TiedForm } from './entry';

const laid = allForms().flatMap(({ name, form }) =>
  laidOf(form).map((l) => [`${name}, step ${l.step + 1}`, form, l.laid, l.adds] as const),
);
describe('what a step shows as it is laid', () => {
  it.each(laid)('%s: is what is claimed of it', (name, _, { spec, claims }, adds) => {
    const proof = proofOf(name, spec, claims);
    expect(proof.ok ? proof.value.results.filter((r) => !r.holds) : proof.issues).toEqual([]);
    const points = proof.ok ? proof.value.form.paths[0]!.points.length : 0;
    expect(adds![1]).toBeLessThanOrEqual(points - 1);
    expect(adds![0]).toBeLessThan(adds![1]);
  });
  it.each(laid)(
    '%s: its rope with the ends joined is no other than the form’s',
    (name, form, l) => {
      const alone = (spec: TiedForm['spec']): string => {
        const read = readForm(name, spec);
        if (!read.ok) throw new Error(wordIssue(read.issues[0]!));
        return invariantsOf(viewsOf(read.value).find((v) => v.name === 'ends')!).alone[0]!;
      };
      // What an end is still to be put through is not tied yet.
      expect([alone(form.spec), 'unknot']).toContain(alone(l.spec));
    },
  );
});
