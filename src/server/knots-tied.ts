import { allForms, type NamedForm } from '@/core/knot/catalogue';
import type { TiedForm, WrongForm } from '@/core/knot/catalogue/entry';
import { MY_SIDE } from '@/core/knot/drawing/view';
import { turnedWords } from '@/core/knot/drawing/turned-words';
import { readForm } from '@/core/knot/form/form';
import { after, LOOK_ALIKES, type Question } from '@/core/knot/look-alike/sets';

/** A right or wrong form by the name a tracing gives it. */
export interface TraceForm {
  /** `entry/form`, or `entry/wrong-form`. */
  readonly name: string;
  readonly entry: string;
  readonly entryName: string;
  readonly form: string;
  readonly formName: string;
  /** What a wrong form does; null: it is a right one. */
  readonly says: string | null;
  /** Where its bights hold something, by rope; null: it cannot be laid down flat, or nobody would trace it. */
  readonly tips: readonly (readonly number[])[] | null;
}

/** More crossings than this are no example. */
const EXAMPLE_CROSSINGS = 16;

function traceFormOf({ name, entry, form, wrong }: NamedForm): TraceForm {
  const read = readForm(name, form.spec);
  const flat =
    read.ok &&
    read.value.diagram.crossings.length <= EXAMPLE_CROSSINGS &&
    !form.spec.fixtures?.some((f) => f.kind === 'post' && f.axis);
  return {
    name,
    entry: entry.id,
    entryName: entry.name,
    form: form.id,
    formName: form.name,
    says: wrong ? (form as WrongForm).says : null,
    tips: flat ? form.spec.ropes.map((r) => r.tips ?? []) : null,
  };
}

let traceable: readonly TraceForm[] | null = null;
/** All forms a tracing may be called, in the order they are taught. */
export function traceForms(): readonly TraceForm[] {
  traceable ??= allForms().map(traceFormOf);
  return traceable;
}

/** A set of look-alikes to begin with. */
export interface SetToLookAt {
  readonly id: string;
  readonly name: string;
  readonly shows: string;
}

/** Where somebody who looks at a knot stands: choosing a set, answering, or at the end. */
export type Looking =
  | { readonly kind: 'sets'; readonly sets: readonly SetToLookAt[] }
  | {
      readonly kind: 'question';
      readonly set: SetToLookAt;
      readonly path: readonly number[];
      readonly question: Question;
    }
  | {
      readonly kind: 'found';
      readonly set: SetToLookAt;
      readonly path: readonly number[];
      readonly form: TraceForm;
      readonly checks: readonly string[];
    };

/** Checks of a form; of the form it is mistaken for where it is a mistake. */
function checksOf({ entry, form, wrong }: NamedForm): readonly string[] {
  const right = wrong ? entry.forms.find((f) => f.id === (form as WrongForm).insteadOf) : form;
  const checks = (right as TiedForm | undefined)?.checks ?? entry.checks;
  return checks.map((c) => turnedWords(c, MY_SIDE));
}

/** The first picture of a set: of the knot its first answers lead to. */
const showing = ({ answers: [first] }: Question): string =>
  typeof first.then === 'string' ? first.then : showing(first.then);

/**
 * Where somebody stands who tells knots apart by looks.
 * @param at numbers of the answers given so far, with dots between
 * @returns null where there is no such set or answer
 */
export function looking(setId: string, at: string): Looking | null {
  if (setId === '')
    return {
      kind: 'sets',
      sets: LOOK_ALIKES.map(({ id, name, question }) => ({ id, name, shows: showing(question) })),
    };
  const found = LOOK_ALIKES.find((s) => s.id === setId);
  const path = at === '' ? [] : at.split('.').map(Number);
  const here = found ? after(found.question, path) : null;
  if (!found || !here) return null;
  const set = { id: found.id, name: found.name, shows: showing(found.question) };
  if (typeof here !== 'string') return { kind: 'question', set, path, question: here };
  const named = allForms().find((f) => f.name === here)!;
  return { kind: 'found', set, path, form: traceFormOf(named), checks: checksOf(named) };
}
