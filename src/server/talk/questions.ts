import { rightOrder } from '@/core/training/ordering/ordering';
import { RECKONING_IDS } from '@/core/training/reckoning/kinds';
import { dimensionOf } from '@/core/training/reckoning/mark';
import { SLIPS, type SlipCode } from '@/core/training/reckoning/reckoning';
import { type DrillId, isDrillId, partsOf } from '@/core/training/schedule/drill-ids';
import { UNIT_CHOICES, unitFor, UNITS } from '@/core/units';
import type { Talk, TalkCount, TalkItem } from '@/db/queries/talks';
import { drillTitle, SLIP_WORDS } from '@/wording/training';
import type { MarkBody } from '../api/drill-schemas';
import { markOf, type Marked } from '../drills/marks';
import type { Asked } from '../drills/question';
import {
  askedForDrill,
  choosingOf,
  governingOf,
  inspectingOf,
  namingOf,
  orderingOf,
  readingOf,
  reckoningOf,
  soundnessOf,
} from '../drills/questions';

/** The name of a question in a list; of a drill there no longer is, as it was kept. */
export const itemTitle = ({ drill }: TalkItem): string =>
  isDrillId(drill) ? drillTitle(drill) : drill;

/** The question that a talk is at; null while people gather, or where the program has it no longer. */
export async function askedNow({ items, item, units }: Talk): Promise<Asked | null> {
  const now = item === null ? undefined : items[item];
  if (!now || !isDrillId(now.drill)) return null;
  return askedForDrill(now.drill, now.number, UNIT_CHOICES[units]);
}

/** The answer to a question that is right. */
async function rightAnswer(
  drill: DrillId,
  number: number,
  units: Talk['units'],
): Promise<MarkBody> {
  const { ask, subject } = partsOf(drill);
  switch (ask) {
    case 'name':
      return { ask, number, pick: namingOf(number).form.entry.id };
    case 'look':
      return { ask, number, says: (await soundnessOf(number)).answer };
    case 'order':
      return { ask, number, order: [...rightOrder(orderingOf(number))] };
    case 'choose':
      return { ask, number, pick: choosingOf(number).options.find((o) => o.is === 'suits')!.entry };
    case 'read':
      return { ask, number, says: readingOf(number).answer };
    case 'govern':
      return { ask, number, says: governingOf(number).answer };
    case 'inspect': {
      const { places, decision } = inspectingOf(number);
      return { ask, number, place: places[0]!, decision };
    }
    case 'reckon': {
      const kind = RECKONING_IDS.find((k) => k === subject)!;
      const question = reckoningOf(kind, number);
      const unit = unitFor(dimensionOf(question), UNIT_CHOICES[units]);
      const typed = String(question.reckoned.sheet.value! / UNITS[unit].si);
      return { ask, number, kind, typed, unit };
    }
  }
}

/** What is right, with its drawing or its working, as it is told once the answer is shown. */
export async function rightNow(talk: Talk): Promise<Marked | null> {
  const now = talk.item === null ? undefined : talk.items[talk.item];
  if (!now || !isDrillId(now.drill)) return null;
  return (await markOf(await rightAnswer(now.drill, now.number, talk.units))).marked;
}

const isSlip = (text: string): text is SlipCode => (SLIPS as readonly string[]).includes(text);

/** What was answered instead, in words where it is a mistake that has some. */
export const spreadOf = (counts: readonly TalkCount[]) =>
  counts.map(({ item: _, instead, ...count }) => ({
    ...count,
    instead,
    says: instead !== null && isSlip(instead) ? SLIP_WORDS[instead] : null,
  }));
