import type { NamedForm } from '../../knot/catalogue';
import { type Form, readForm } from '../../knot/form/form';
import type { Body } from '../../knot/shape/body';
import { projected } from '../../knot/shape/project';
import { flipped } from '../../knot/topology/diagram';
import { mendedBy, printOf, ropeCrossings } from './turned';

/** What is wrong with what is shown: nothing, one crossing by its number, or more than one crossing. */
export type Soundness = 'right' | 'otherwise' | number;

/** What `told.json` keeps: of each form the crossings that tell by themselves, of each mistake what is wrong with it. */
export interface Told {
  readonly crossings: Readonly<Record<string, readonly number[]>>;
  readonly mistakes: Readonly<Record<string, Soundness | null>>;
}

const readable = new Map<string, Form>();

/** A form as it is proved, read once. @throws Error where the catalogue's own notation cannot be read */
export function readOnce({ name, form }: NamedForm): Form {
  const known = readable.get(name);
  if (known) return known;
  const read = readForm(name, form.spec);
  if (!read.ok) throw new Error(`${name} cannot be read`);
  readable.set(name, read.value);
  return read.value;
}

/** Whether turning one crossing over is noticed, and nothing but turning it back mends it. */
function isTellable(form: Form, body: Body, crossing: number): boolean {
  const diagram = projected(body);
  const right = printOf(form, diagram);
  const turned = flipped(diagram, crossing);
  if (printOf(form, turned) === right) return false;
  const mends = mendedBy(form, turned, right);
  return mends.length === 1 && mends[0] === crossing;
}

/** Crossings of a form's loose state that a question can turn over, so that it is noticed and one move alone mends it. */
export function tellingCrossings(named: NamedForm, body: Body): number[] {
  const form = readOnce(named);
  return ropeCrossings(projected(body), form.paths.length).filter((n) => isTellable(form, body, n));
}

/** What is wrong with a mistake of the catalogue: one crossing where that is all, else more. Null: nothing certain can be said. */
export function whatIsWrong(
  meantForm: NamedForm,
  shownForm: NamedForm,
  body: Body,
): Soundness | null {
  const [meant, shown] = [readOnce(meantForm), readOnce(shownForm)];
  const alike =
    meant.paths.length === shown.paths.length && meant.fixtures.length === shown.fixtures.length;
  if (!alike) return 'otherwise';
  const right = printOf(meant, meant.diagram);
  const diagram = projected(body);
  if (printOf(meant, diagram) === right) return null;
  const mends = mendedBy(meant, diagram, right);
  return mends.length > 1 ? null : (mends[0] ?? 'otherwise');
}
