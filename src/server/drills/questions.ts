import { z } from 'zod';
import { entryOf, type NamedForm } from '@/core/knot/catalogue';
import type { TiedForm } from '@/core/knot/catalogue/entry';
import { MY_SIDE, type View } from '@/core/knot/drawing/view';
import type { EntryId } from '@/core/knot/entry-ids';
import { bodyOfFrame, frameOf } from '@/core/knot/shape/frames';
import KNOWN from '@/core/knot/trace/known.json';
import { CONDITIONS, JOBS } from '@/core/knot/which/situation';
import { type Chance, chanceOf } from '@/core/chance';
import { askedToChoose, type ChoosingQuestion } from '@/core/training/choosing/choosing';
import {
  askedWhatGoverns,
  type GoverningQuestion,
  type Governor,
  GOVERNORS,
  kindOf,
} from '@/core/training/governing/governing';
import {
  askedToInspect,
  DECISIONS,
  type InspectingQuestion,
} from '@/core/training/inspecting/inspecting';
import { askedToName, type NamingQuestion } from '@/core/training/naming/naming';
import { askedToOrder, type OrderingQuestion } from '@/core/training/ordering/ordering';
import {
  askedByChance,
  type Question,
  RECKONING_IDS,
  type ReckoningId,
} from '@/core/training/reckoning/kinds';
import { dimensionOf, hiddenLevels } from '@/core/training/reckoning/mark';
import { type Scene, sceneOf } from '@/core/securement/stage/scene';
import { ASKS, type DrillId, partsOf } from '@/core/training/schedule/drill-ids';
import { askedToRead, type ReadingQuestion } from '@/core/training/reading/reading';
import {
  soundnessAsked,
  soundnessQuestion,
  type SoundnessQuestion,
} from '@/core/training/soundness/soundness';
import { type UnitChoice, unitFor } from '@/core/units';
import { governingFacts, governorWords } from '@/wording/governing';
import { DECISION_WORDS, laidOutWords } from '@/wording/inspecting';
import { deckFacts, READING_WORDS } from '@/wording/reading';
import { ASK_TITLES, askOf, RECKONING_TITLES } from '@/wording/training';
import { MOST_NUMBER } from '../api/drill-schemas';
import { type Address, saidFirst } from '../asked';
import { shippedOf } from '../knots';
import type { Asked, Choice, Drawn } from './question';
import { numberByChance } from './numbers';

const choices = (ids: readonly EntryId[]): Choice[] =>
  ids.map((id) => ({ id, name: entryOf(id)!.name }));

export const reckoningOf = (kind: ReckoningId, number: number): Question =>
  askedByChance(kind, chanceOf(number));
export const namingOf = (number: number): NamingQuestion => askedToName(KNOWN, chanceOf(number));
export const orderingOf = (number: number): OrderingQuestion => askedToOrder(chanceOf(number));
export const readingOf = (number: number): ReadingQuestion => askedToRead(chanceOf(number));
export const inspectingOf = (number: number): InspectingQuestion =>
  askedToInspect(chanceOf(number));
export const governingOf = (number: number): GoverningQuestion =>
  askedWhatGoverns(chanceOf(number));
export const choosingOf = (number: number): ChoosingQuestion => askedToChoose(chanceOf(number));

/** What `order` is looked at from: whoever ties, with the hand it was mixed for. */
export const viewOfOrder = ({ leftHanded }: OrderingQuestion): View => ({
  ...MY_SIDE,
  leftHanded,
});

const fileOf = (name: string): string => name.replace('/', '--');

/** Where nothing certain can be asked of one plan, the same form is asked again by the chance that follows. */
async function soundnessMade(number: number): Promise<SoundnessQuestion> {
  const chance = chanceOf(number);
  let plan = soundnessAsked(chance);
  for (;;) {
    const shipped = await shippedOf(fileOf(plan.shown.name));
    const question = soundnessQuestion(plan, bodyOfFrame(shipped, shipped.frames[0]!));
    if (question) return question;
    plan = soundnessAsked(chance, plan.meant);
  }
}

/** Made last, for whoever is asked the same at the same time, and for its answer. */
const lately = new Map<number, Promise<SoundnessQuestion>>();
const MOST_LATELY = 32;

/** The question of a number, whether it is tied right. */
export function soundnessOf(number: number): Promise<SoundnessQuestion> {
  const made = lately.get(number) ?? soundnessMade(number);
  lately.delete(number);
  lately.set(number, made);
  made.catch(() => lately.delete(number));
  for (const oldest of lately.keys()) {
    if (lately.size <= MOST_LATELY) break;
    lately.delete(oldest);
  }
  return made;
}

function reckon(number: number, kind: ReckoningId, units: UnitChoice): Asked {
  const question = reckoningOf(kind, number);
  return {
    ask: 'reckon',
    number,
    title: RECKONING_TITLES[kind],
    kind,
    text: askOf(question, units),
    unit: unitFor(dimensionOf(question), units),
    levels: hiddenLevels(question).map(({ dimension, ...step }) => ({
      ...step,
      unit: dimension && unitFor(dimension, units),
    })),
  };
}

async function name(number: number): Promise<Asked> {
  const { form, frame, view, thickness, options } = namingOf(number);
  const { strands, fixtures, frames } = await shippedOf(fileOf(form.name));
  return {
    ask: 'name',
    number,
    title: ASK_TITLES.name,
    drawn: { strands, fixtures, frame: frames[frame]! },
    view,
    thickness,
    options: choices(options),
  };
}

/** A form as it lies loose, drawn as it should be. */
export async function looseOf(form: NamedForm): Promise<Drawn> {
  const { strands, fixtures, frames } = await shippedOf(fileOf(form.name));
  return { strands, fixtures, frame: frames[0]! };
}

async function look(number: number): Promise<Asked> {
  const { meant, mistake, body, view, crossings } = await soundnessOf(number);
  const shown = mistake ? `${meant.entry.id}/wrong-${mistake.id}` : meant.name;
  const { strands, fixtures } = await shippedOf(fileOf(shown));
  return {
    ask: 'look',
    number,
    title: ASK_TITLES.look,
    name: meant.entry.name,
    way: (meant.form as TiedForm).name,
    drawn: { strands, fixtures, frame: frameOf(body, 0) },
    view,
    crossings,
  };
}

async function order(number: number): Promise<Asked> {
  const question = orderingOf(number);
  const { form, shown } = question;
  const tied = form.form as TiedForm;
  const { strands, fixtures, frames } = await shippedOf(fileOf(form.name));
  return {
    ask: 'order',
    number,
    title: ASK_TITLES.order,
    name: form.entry.name,
    way: tied.name,
    loose: { strands, fixtures, frame: frames[0]! },
    drawnUp: { strands, fixtures, frame: frames.at(-1)! },
    view: viewOfOrder(question),
    steps: shown.map((step) => tied.steps[step]!.shown),
  };
}

function choose(number: number): Asked {
  const { job, conditions, options } = choosingOf(number);
  return {
    ask: 'choose',
    number,
    title: ASK_TITLES.choose,
    job: JOBS[job],
    conditions: conditions.map((c) => CONDITIONS[c]),
    options: choices(options.map((o) => o.entry)),
  };
}

/** A deck with nothing marked: what its lines come to is what is asked. */
function unmarked(scene: Scene): Scene {
  const plain = { counted: true, usedPart: null, weak: null, weakest: false };
  return {
    ...scene,
    lines: scene.lines.map((line) => ({ ...line, ...plain })),
    faults: [],
    motion: null,
  };
}

function read(number: number, units: UnitChoice): Asked {
  const { plan, assessment, needed, options } = readingOf(number);
  return {
    ask: 'read',
    number,
    title: ASK_TITLES.read,
    scene: unmarked(sceneOf(plan, assessment)),
    ...deckFacts(plan, needed, units),
    options: options.map((id) => ({ id, name: READING_WORDS[id] })),
  };
}

function govern(number: number, units: UnitChoice): Asked {
  const { plan, assessment, direction } = governingOf(number);
  const there = (id: Governor): boolean => {
    const kind = kindOf(id);
    if (kind === 'line') return plan.lines.some((l) => l.id === id);
    return kind !== 'board' || plan.units.some((u) => u.against.length > 0);
  };
  return {
    ask: 'govern',
    number,
    title: ASK_TITLES.govern,
    scene: unmarked(sceneOf(plan, assessment)),
    ...governingFacts(plan, direction, units),
    options: GOVERNORS.filter(there).map((id) => ({ id, name: governorWords(id) })),
  };
}

function inspect(number: number): Asked {
  const { material, stretches, felt } = inspectingOf(number);
  return {
    ask: 'inspect',
    number,
    title: ASK_TITLES.inspect,
    material,
    rope: laidOutWords(material),
    stretches,
    felt,
    decisions: DECISIONS.map((id) => ({ id, name: DECISION_WORDS[id] })),
  };
}

/** The question of a number. @param kind what is reckoned; of no account in other manners of asking */
export async function askedOf(
  ask: Asked['ask'],
  number: number,
  kind: ReckoningId,
  units: UnitChoice,
): Promise<Asked> {
  switch (ask) {
    case 'reckon':
      return reckon(number, kind, units);
    case 'name':
      return name(number);
    case 'look':
      return look(number);
    case 'order':
      return order(number);
    case 'choose':
      return choose(number);
    case 'read':
      return read(number, units);
    case 'govern':
      return govern(number, units);
    case 'inspect':
      return inspect(number);
  }
}

/** The question of a number for a drill. */
export function askedForDrill(drill: DrillId, number: number, units: UnitChoice): Promise<Asked> {
  const { ask, subject } = partsOf(drill);
  const kind = RECKONING_IDS.find((k) => k === subject) ?? RECKONING_IDS[0];
  return askedOf(ask, number, kind, units);
}

const ADDRESS = z.object({
  ask: z.enum(ASKS).catch('name'),
  kind: z.enum(RECKONING_IDS).catch(RECKONING_IDS[0]),
  n: z.coerce.number().int().min(1).max(MOST_NUMBER).nullable().catch(null),
});

/** The question an address names, for practice; one by chance where it names none, and the number of another. */
export async function practice(
  address: Address,
  units: UnitChoice,
  chance: Chance,
): Promise<{ readonly asked: Asked; readonly next: number }> {
  const { ask, kind, n } = ADDRESS.parse({
    ask: saidFirst(address, 'ask'),
    kind: saidFirst(address, 'kind'),
    n: saidFirst(address, 'n'),
  });
  return {
    asked: await askedOf(ask, n ?? numberByChance(chance), kind, units),
    next: numberByChance(chance),
  };
}
