import type { Findable } from '../find';
import type { Entry, Laid, Purpose, Step, TiedForm, WrongForm } from './entry';

/** What one form is tied with: what stays in the rope when nothing is in its loop needs an end, what does not needs none. */
export const needsOf = (entry: Pick<Entry, 'needs'>, form: TiedForm): 'an end' | 'a bight' =>
  form.needs ??
  (form.release === 'in the bight' || entry.needs === 'a bight' ? 'a bight' : 'an end');

/** The form of an entry that serves a purpose; the first one where all do, or only the entry as a whole says so. */
export function formFor(entry: Entry, purpose: Purpose): TiedForm {
  const forms: readonly TiedForm[] = entry.forms;
  const found =
    forms.find((f) => f.serves?.includes(purpose)) ??
    (purpose === 'no-end'
      ? forms.find((f) => needsOf(entry, f) === 'a bight')
      : purpose === 'off-under-load'
        ? forms.find((f) => f.release !== undefined)
        : undefined);
  return found ?? entry.forms[0];
}

/** What a finder looks in of an entry: its names, those of its forms, and of what people tie by mistake. */
export const namesOf = (entry: Entry): Pick<Findable, 'forms' | 'mistakes'> => ({
  forms: entry.forms.map((f: TiedForm) => ({ id: f.id, names: [f.name, ...(f.aliases ?? [])] })),
  mistakes: entry.wrong.map((w) => w.name),
});

/** Steps of a form that show another path than its own. */
export const laidOf = (
  form: TiedForm | WrongForm,
): { readonly step: number; readonly laid: Laid; readonly adds: Step['adds'] }[] =>
  'steps' in form
    ? form.steps.flatMap(({ shown, adds }, step) =>
        typeof shown === 'object' && 'laid' in shown ? [{ step, laid: shown.laid, adds }] : [],
      )
    : [];
