import { readFile } from 'node:fs/promises';
import path from 'node:path';
import { CATALOGUE, entryOf } from '@/core/knot/catalogue';
import {
  CREWS,
  type Crew,
  type Entry,
  type PartLabel,
  PURPOSES,
  type Purpose,
  type Step,
  type TiedForm,
  type WrongForm,
} from '@/core/knot/catalogue/entry';
import { formFor, namesOf, needsOf } from '@/core/knot/catalogue/by-form';
import type { FindableForm } from '@/core/knot/find';
import { leadsFrom } from '@/core/knot/lead-ins/leads';
import { readForm } from '@/core/knot/form/form';
import {
  knotEfficiency,
  schoolValues,
  type SchoolValue,
  UNPUBLISHED_EFFICIENCY,
} from '@/core/knot/efficiency';
import type { ShippedForm } from '@/core/knot/shape/frames';
import { closed } from '@/core/knot/topology/closure';
import { planarCode, planarCodeText } from '@/core/knot/topology/planar-code';
import { wholeViews } from '@/core/knot/topology/views';

/** Part of breaking strength that is counted, and whether any school has a figure. */
interface Counted {
  readonly counted: number;
  readonly published: boolean;
}

/** What the finder and the comparison show of an entry; counted as its first form is, unless a form is named. */
export interface KnotCard extends Counted {
  readonly id: string;
  readonly name: string;
  readonly aliases: readonly string[];
  /** Ways of tying it and what each is called; what people tie by mistake. */
  readonly forms: readonly (FindableForm & Counted)[];
  readonly mistakes: readonly string[];
  /** The way that serves a purpose, where it is not the first. */
  readonly formFor: Partial<Record<Purpose, string>>;
  readonly family: string;
  readonly purpose: string;
  readonly purposes: readonly Purpose[];
  readonly crews: readonly Crew[];
  readonly easy: Entry['easy'];
}

/** Everything a comparison says of an entry. */
export interface KnotFacts extends KnotCard {
  readonly notFor: string;
  readonly schools: readonly SchoolValue[];
  readonly jams: string;
  readonly unties: string;
  readonly holds: Entry['holds'];
  readonly needs: Entry['needs'];
  readonly gloves: boolean;
  readonly slipped: string;
  readonly backup: string;
  readonly tailD: number;
  readonly checks: readonly string[];
}

/** A wrong form beside the right one. */
export interface WrongStage {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly partsAt: WrongForm['partsAt'];
  /** The form it is mistaken for; the one on the stage where that has mistakes of its own. */
  readonly right: ShippedForm;
  readonly shipped: ShippedForm;
}

/** One form of an entry with everything the tying stage needs. */
export interface StageData {
  readonly facts: KnotFacts;
  readonly disputes: Entry['disputes'];
  readonly leadsTo: readonly {
    readonly id: string;
    readonly name: string;
    readonly changes: string;
  }[];
  readonly forms: readonly { readonly id: string; readonly name: string; readonly note: string }[];
  readonly form: {
    readonly id: string;
    readonly name: string;
    readonly note: string;
    readonly steps: readonly Step[];
    readonly labels: readonly PartLabel[];
    readonly release: TiedForm['release'];
  };
  readonly shipped: ShippedForm;
  /** Drawn up, what this form must look like once it is dressed, when that is told from another way of tying it. */
  readonly dressed: ShippedForm | null;
  readonly wrong: readonly WrongStage[];
  readonly planarCode: string;
}

const FOLDER = path.join(process.cwd(), 'public', 'knot-forms');

/** Shipped geometry by file, read once. */
const read = new Map<string, Promise<ShippedForm>>();
export function shippedOf(name: string): Promise<ShippedForm> {
  let form = read.get(name);
  if (!form) {
    form = readFile(path.join(FOLDER, `${name}.json`), 'utf8').then(
      (text) => JSON.parse(text) as ShippedForm,
    );
    read.set(name, form);
  }
  return form;
}

/** What a form is, where it is not as its entry says. */
type OfForm = Pick<TiedForm, 'checks' | 'strength' | 'holds' | 'tailD'>;

const schoolsOf = (strength: Entry['strength']): SchoolValue[] =>
  strength ? schoolValues(strength) : [];

const countedOf = (strength: Entry['strength']): Counted => ({
  counted: strength
    ? (knotEfficiency(strength, 'lowest', 'polyester').value ?? 0)
    : UNPUBLISHED_EFFICIENCY,
  published: schoolsOf(strength).length > 0,
});

/** Forms of an entry by their names, each with what it leaves of a rope. */
const formsOf = (entry: Entry): KnotCard['forms'] =>
  namesOf(entry).forms.map((names, i) => {
    const { strength = entry.strength }: OfForm = entry.forms[i]!;
    return { ...names, ...countedOf(strength) };
  });

/** The short facts of every entry, in the order they are taught. */
export function knotCards(): KnotCard[] {
  return CATALOGUE.map((entry) => ({
    id: entry.id,
    name: entry.name,
    aliases: entry.aliases,
    ...namesOf(entry),
    forms: formsOf(entry),
    formFor: Object.fromEntries(
      entry.purposes
        .map((p) => [p, formFor(entry, p).id] as const)
        .filter(([, id]) => id !== entry.forms[0].id),
    ),
    family: entry.family,
    purpose: entry.purpose,
    purposes: entry.purposes,
    crews: entry.crews,
    easy: entry.easy,
    ...countedOf(entry.strength),
  }));
}

/** Facts of one form; of an entry as a whole where none is meant. */
function factsOf(entry: Entry, form: TiedForm | null): KnotFacts {
  const { notFor, jams, unties, gloves, slipped, backup } = entry;
  const {
    checks = entry.checks,
    strength = entry.strength,
    holds = entry.holds,
    tailD = entry.tailD,
  }: OfForm = form ?? {};
  const card = knotCards().find((c) => c.id === entry.id)!;
  return {
    ...card,
    ...countedOf(strength),
    notFor,
    jams,
    unties,
    holds,
    needs: form ? needsOf(entry, form) : entry.needs,
    gloves,
    slipped,
    backup,
    tailD,
    checks,
    schools: schoolsOf(strength),
  };
}

/** Facts of the entries with these ids that exist, at most four, each once. */
export function knotFacts(ids: readonly string[]): KnotFacts[] {
  return [...new Set(ids)]
    .map(entryOf)
    .filter((e) => e !== null)
    .slice(0, 4)
    .map((entry) => factsOf(entry, null));
}

function planarCodeOf(name: string, form: TiedForm): string {
  const readable = readForm(name, form.spec);
  if (!readable.ok) return '';
  const [view] = wholeViews(readable.value, readable.value.diagram);
  return planarCodeText(planarCode(closed(view!.diagram, view!.closure)));
}

/** The name of an entry, or null when there is none. */
export const knotName = (id: string): string | null => entryOf(id)?.name ?? null;

/** Stages already put together; the catalogue does not change while the server runs. */
const stages = new Map<string, Promise<StageData>>();

/** The stage of an entry's form, the first one unless said; null when there is no such entry or form. */
export async function stageData(id: string, formId?: string): Promise<StageData | null> {
  const entry = entryOf(id);
  const form =
    entry && (formId === undefined ? entry.forms[0] : entry.forms.find((f) => f.id === formId));
  if (!entry || !form) return null;
  const key = `${id}/${form.id}`;
  let stage = stages.get(key);
  if (!stage) {
    stage = stageOfForm(entry, form);
    stages.set(key, stage);
  }
  return stage;
}

async function stageOfForm(entry: Entry, form: TiedForm): Promise<StageData> {
  const { id } = entry;
  const wrong = entry.wrong.filter(
    (w) => w.insteadOf === form.id || !entry.wrong.some((x) => x.insteadOf === form.id),
  );
  const shipped = await shippedOf(`${id}--${form.id}`);
  const wrongStage = async ({
    id: w,
    name,
    says,
    partsAt,
    insteadOf,
  }: WrongForm): Promise<WrongStage> => ({
    id: w,
    name,
    says,
    partsAt,
    right: await shippedOf(`${id}--${insteadOf}`),
    shipped: await shippedOf(`${id}--wrong-${w}`),
  });
  return {
    facts: factsOf(entry, form),
    disputes: entry.disputes,
    leadsTo: leadsFrom(entry.id).map(({ to, changes }) => ({
      id: to,
      name: entryOf(to)?.name ?? to,
      changes,
    })),
    forms: entry.forms.map(({ id: f, name, note }) => ({ id: f, name, note })),
    form: {
      id: form.id,
      name: form.name,
      note: form.note,
      steps: form.steps,
      labels: form.labels ?? [],
      release: form.release,
    },
    shipped,
    dressed: form.dressedAs ? await shippedOf(`${id}--${form.dressedAs}`) : null,
    wrong: await Promise.all(wrong.map(wrongStage)),
    planarCode: planarCodeOf(`${id}/${form.id}`, form),
  };
}

/** Choices of the finder. */
export const FINDER = { purposes: Object.entries(PURPOSES) as [Purpose, string][], crews: CREWS };
