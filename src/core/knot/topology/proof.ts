import type { Result } from '../../result';
import { fail, ok } from '../../result';
import type { Claim } from '../catalogue/entry';
import { type Form, type FormSpec, readForm } from '../form/form';
import { eitherHand, isOwnMirror } from './either-hand';
import { withCrossingFlipped } from './flip';
import { type Invariants, invariantsOf } from './invariants';
import type { KnotName } from './names';
import { type ProofView, viewsOf } from './views';

/** What a claim expects beside what the path gives. */
export interface Proved {
  readonly claim: Claim;
  readonly expected: string;
  readonly obtained: string;
  readonly holds: boolean;
}

/** A form with all its proofs. */
export interface Proof {
  readonly form: Form;
  readonly views: readonly ProofView[];
  readonly results: readonly Proved[];
}

const words = ({ alone, linking, whole, amphichiral }: Omit<Claim, 'closure'>): string =>
  [
    alone?.join(', '),
    linking?.length ? `linking ${linking.map((n) => `±${n}`).join(', ')}` : undefined,
    whole,
    amphichiral ? 'its own mirror image' : undefined,
  ]
    .filter(Boolean)
    .join('; ');

/** A view's invariants, kept as long as the view: several claims, and those of other forms, are held against it. */
const known = new WeakMap<ProofView, Invariants>();

function invariantsKept(view: ProofView): Invariants {
  const found = known.get(view) ?? invariantsOf(view);
  known.set(view, found);
  return found;
}

/** Holds a claim against a form closed in all its ways. */
export function prove(claim: Claim, views: readonly ProofView[]): Proved {
  const expected = words(claim);
  const view = views.find((v) => v.name === claim.closure);
  if (!view)
    return { claim, expected, obtained: 'the form cannot be closed this way', holds: false };
  const found = invariantsKept(view);
  const linking = found.linking.map(Math.abs);
  const amphichiral = claim.amphichiral ? isOwnMirror(found.whole) : undefined;
  const whole = claim.whole === undefined ? undefined : eitherHand(found.whole);
  const holds =
    (!claim.alone || claim.alone.join() === found.alone.join()) &&
    (!claim.linking || claim.linking.join() === linking.join()) &&
    claim.whole === whole &&
    amphichiral !== false;
  return {
    claim,
    expected,
    obtained: words({
      ...(claim.alone ? { alone: found.alone as readonly KnotName[] } : {}),
      ...(claim.linking ? { linking } : {}),
      ...(whole === undefined ? {} : { whole }),
      ...(amphichiral ? { amphichiral } : {}),
    }),
    holds,
  };
}

/**
 * Reads a form and proves its claims.
 * @returns the proof, which may say that a claim does not hold; or an issue when the path itself is wrong.
 */
export function proofOf(name: string, spec: FormSpec, claims: readonly Claim[]): Result<Proof> {
  const form = readForm(name, spec);
  if (!form.ok) return form;
  const views = viewsOf(form.value);
  return ok({ form: form.value, views, results: claims.map((c) => prove(c, views)) });
}

/**
 * Reads a form and demands that all its claims hold.
 * @returns the proof, or `invariant-wrong` with the claim, what the path gives, and, when there is one, the crossing
 *   whose turning over would make every claim hold: most often the mark the author got wrong.
 */
export function provedOrWrong(
  name: string,
  spec: FormSpec,
  claims: readonly Claim[],
): Result<Proof> {
  const proof = proofOf(name, spec, claims);
  if (!proof.ok) return proof;
  const broken = proof.value.results.find((r) => !r.holds);
  if (!broken) return proof;
  return fail('invariant-wrong', {
    knot: name,
    closure: broken.claim.closure,
    expected: broken.expected,
    obtained: broken.obtained,
    ...suspect(proof.value.form, claims),
  });
}

function suspect(form: Form, claims: readonly Claim[]): Record<string, string | number> {
  const found = form.diagram.crossings.findIndex((_, i) => {
    const turned = withCrossingFlipped(form, i);
    if (!turned.ok) return false;
    const views = viewsOf(turned.value);
    return claims.every((c) => prove(c, views).holds);
  });
  if (found < 0) return {};
  const { over } = form.diagram.crossings[found]!;
  return {
    rope: over.rope + 1,
    interval: form.diagram.ropes[over.rope]![over.piece]!.control + 1,
    mark: 'O',
  };
}
