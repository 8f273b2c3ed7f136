import { allForms } from '@/core/knot/catalogue';
import { type Form, readForm } from '@/core/knot/form/form';
import { wordIssue } from '@/wording/issues';

/** A form of the catalogue by its full name. */
export function formOf(name: string): Form {
  const form = readForm(name, allForms().find((f) => f.name === name)!.form.spec);
  if (!form.ok) throw new Error(wordIssue(form.issues[0]!));
  return form.value;
}

/** The same numbers every time: 32-bit xorshift. */
export function randomOf(seed: number): () => number {
  let state = seed || 1;
  return () => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    return (state >>> 0) / 0xffffffff;
  };
}
