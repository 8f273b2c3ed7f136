import { allForms, CATALOGUE, type NamedForm } from '../../knot/catalogue';
import type { View } from '../../knot/drawing/view';
import type { EntryId } from '../../knot/entry-ids';
import { FRAME_STATES } from '../../knot/shape/frames';
import { entryIdOf, type Known } from '../../knot/trace/known';
import { type Chance, oneOf, shuffled } from '../../chance';

/** A form as it is shown to be named, and the knots to choose from. */
export interface NamingQuestion {
  readonly form: NamedForm;
  /** How far it is drawn up: number of the shipped frame. */
  readonly frame: number;
  readonly view: View;
  /** Rope thinner than the form was made for, 1 as made. */
  readonly thickness: number;
  /** In the order they are shown; one of them is right. */
  readonly options: readonly EntryId[];
}

const OPTIONS = 4;
const forms = allForms().filter((f) => !f.wrong);

/**
 * Entries that may be offered beside a form: none that has this form too under a name of its own, by the prints that tracings
 * are named by; those of its family first, because they are taken for each other.
 */
function mistakable(known: Known, { name, entry }: NamedForm): EntryId[] {
  const prints = new Set(known.find((k) => k.name === name)?.prints);
  const alike = new Set(
    known.filter((k) => k.prints.some((p) => prints.has(p))).map((k) => entryIdOf(k.name)),
  );
  const others = CATALOGUE.filter((e) => e.id !== entry.id && !alike.has(e.id));
  return [
    ...others.filter((e) => e.family === entry.family),
    ...others.filter((e) => e.family !== entry.family),
  ].map((e) => e.id);
}

/** A form by chance: from either side, with either hand, loose to nearly drawn up, in thick rope or thin. */
export function askedToName(known: Known, chance: Chance): NamingQuestion {
  // The form is the first thing chance decides, so that a number can be found that asks for a given one.
  const form = oneOf(chance, forms as [NamedForm, ...NamedForm[]]);
  // Drawn up altogether the crossings that tell are hidden.
  const frame = Math.min(FRAME_STATES.length - 2, Math.floor(chance() * (FRAME_STATES.length - 1)));
  const near = mistakable(known, form).slice(0, 2 * OPTIONS);
  const distractors = shuffled(chance, near).slice(0, OPTIONS - 1);
  return {
    form,
    frame,
    view: { side: oneOf(chance, ['mine', 'facing']), leftHanded: chance() < 0.5 },
    thickness: oneOf(chance, [1, 1, 0.8]),
    options: shuffled(chance, [form.entry.id, ...distractors]),
  };
}
