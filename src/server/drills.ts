import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';
import { z } from 'zod';
import { entryOf } from '@/core/knot/catalogue';
import type { TiedForm } from '@/core/knot/catalogue/entry';
import { turnedWords } from '@/core/knot/drawing/turned-words';
import type { View } from '@/core/knot/drawing/view';
import type { EntryId } from '@/core/knot/entry-ids';
import type { ShippedForm, ShippedFrame } from '@/core/knot/shape/frames';
import KNOWN from '@/core/knot/trace/known.json';
import { askedToName, type NamingQuestion } from '@/core/training/naming/naming';
import {
  askedByChance,
  type Question,
  RECKONING_IDS,
  type ReckoningId,
} from '@/core/training/reckoning/kinds';
import type { Chance } from '@/core/training/chance';
import { dimensionOf, levelsOf, mark } from '@/core/training/reckoning/mark';
import { unitFor, type UnitChoice, type UnitId } from '@/core/units';
import { askOf, RECKONING_TITLES, SLIP_WORDS } from '@/wording/training';
import { type markNameBody, type markReckoningBody, MOST_NUMBER } from './api/drill-schemas';
import { shippedOf } from './knots';
import { Refusal } from './problem';

/**
 * Questions are numbered; a number always is the same question. Numbers side by side must not begin alike, as they do with
 * generators that take the seed as their state.
 */
function chanceOf(number: number): Chance {
  const generator = mersenne(number);
  return () => uniformFloat64(generator);
}
const questionOf = (kind: ReckoningId, number: number): Question =>
  askedByChance(kind, chanceOf(number));

const numberByChance = (chance: Chance): number => 1 + Math.floor(chance() * (MOST_NUMBER - 1));

/** The kinds of reckoning there are, for the room's list. */
export const RECKONINGS_LISTED = RECKONING_IDS.map((id) => ({ id, title: RECKONING_TITLES[id] }));

/** A question as it is asked: nothing in it tells the answer. */
export interface DrillPage {
  readonly kind: ReckoningId;
  readonly title: string;
  readonly number: number;
  /** Another question of the kind, by chance. */
  readonly next: number;
  readonly ask: string;
  /** Taken where only a number is typed. */
  readonly unit: UnitId;
}

const ASKED = z.object({
  kind: z.enum(RECKONING_IDS).catch(RECKONING_IDS[0]),
  n: z.coerce.number().int().min(1).max(MOST_NUMBER).nullable().catch(null),
});

/** What an address says first under a name. */
const first = (asked: Asked, key: string): string | null => [asked[key] ?? []].flat()[0] ?? null;

type Asked = Readonly<Record<string, string | string[] | undefined>>;

/** The question an address names; one by chance where it names none. */
export function drillPage(asked: Asked, units: UnitChoice, chance: Chance): DrillPage {
  const { kind, n } = ASKED.parse({
    kind: first(asked, 'kind') ?? undefined,
    n: first(asked, 'n'),
  });
  const number = n ?? numberByChance(chance);
  const question = questionOf(kind, number);
  return {
    title: RECKONING_TITLES[kind],
    kind,
    number,
    next: numberByChance(chance),
    ask: askOf(question, units),
    unit: unitFor(dimensionOf(question), units),
  };
}

/** Marks an answer as it was typed; the working comes with it. Refused where it cannot be read. */
export function markReckoning({ kind, number, typed, unit }: z.infer<typeof markReckoningBody>) {
  const question = questionOf(kind, number);
  const marked = mark(question, typed, unit);
  if (!marked.ok)
    throw new Refusal(
      422,
      marked.issues.map((issue) => ({ ...issue, path: ['typed'] })),
    );
  const { sheet } = question.reckoned;
  const code = marked.value.kind === 'slip' ? marked.value.code : null;
  return {
    mark: marked.value.kind,
    slip: code,
    says: code === null ? null : SLIP_WORDS[code],
    right: sheet.value!,
    steps: levelsOf(sheet),
    working: sheet,
  };
}

/** A knot to be named: what is drawn, and nothing that tells it. */
export interface NamePage {
  readonly number: number;
  readonly next: number;
  readonly drawn: Pick<ShippedForm, 'strands' | 'fixtures'> & { readonly frame: ShippedFrame };
  readonly view: View;
  readonly thickness: number;
  readonly options: readonly { readonly id: EntryId; readonly name: string }[];
}

const toName = (number: number): NamingQuestion => askedToName(KNOWN, chanceOf(number));

/** The knot an address shows by its number; one by chance where it names none. */
export async function namePage(asked: Asked, chance: Chance): Promise<NamePage> {
  const { n } = ASKED.parse({ kind: undefined, n: first(asked, 'n') });
  const number = n ?? numberByChance(chance);
  const { form, frame, view, thickness, options } = toName(number);
  const { strands, fixtures, frames } = await shippedOf(form.name.replace('/', '--'));
  return {
    number,
    next: numberByChance(chance),
    drawn: { strands, fixtures, frame: frames[frame]! },
    view,
    thickness,
    options: options.map((id) => ({ id, name: entryOf(id)!.name })),
  };
}

/** Whether a knot was named right, what it is, and what tells it, in words that are right for the side it was shown from. */
export function markName({ number, pick }: z.infer<typeof markNameBody>) {
  const { form, view } = toName(number);
  const { entry, name } = form;
  const tied = form.form as TiedForm;
  return {
    right: pick === entry.id,
    entry: entry.id,
    form: name.split('/')[1]!,
    name: entry.name,
    way: tied.name,
    checks: (tied.checks ?? entry.checks).map((c) => turnedWords(c, view)),
  };
}
