import type { z } from 'zod';
import { DRILL_IDS, type DrillId, isDrillId, partsOf } from '@/core/training/schedule/drill-ids';
import { forecast } from '@/core/training/schedule/forecast';
import { afterAnswer, askedFromMs, LEECH_LAPSES } from '@/core/training/schedule/memory';
import {
  AHEAD_MS,
  FRESH_A_DAY,
  freshLeft,
  nextDrill,
  type Standing,
} from '@/core/training/schedule/queue';
import type { Chance } from '@/core/chance';
import type { UnitChoice } from '@/core/units';
import { type Database, transaction } from '@/db/pool';
import {
  addReview,
  holdMemory,
  keepMemory,
  type KeptReview,
  type Learner,
  memoriesOf,
  standingOf,
} from '@/db/queries/drills';
import { drillTitle } from '@/wording/training';
import type { DRILL_API } from '../api/drill-endpoints';
import type { reviewBody } from '../api/drill-schemas';
import type { Answered } from '../api/endpoint';
import { markOf } from './marks';
import { numberFor } from './numbers';
import type { Asked } from './question';
import { askedForDrill } from './questions';

/** Crews work by no one clock: a day is what lies back less than this. */
const DAY_BACK_MS = 14 * 3_600_000;
const FORECAST_DAYS = 7;

/** How somebody stands today. */
export type Today = Answered<typeof DRILL_API.today>;
export type Counts = Answered<typeof DRILL_API.review>['today'];

interface Stood extends Standing {
  readonly answeredToday: number;
  /** What was asked last. */
  readonly just: DrillId | null;
}

/** Drills that the catalogue no longer has are kept, but not asked. */
async function stoodOf(db: Database, memberId: string, now: Date): Promise<Stood> {
  const { next, just, ...rest } = await standingOf(db, memberId, {
    soon: new Date(now.getTime() + AHEAD_MS),
    dayBegan: new Date(now.getTime() - DAY_BACK_MS),
  });
  return {
    ...rest,
    just: just !== null && isDrillId(just) ? just : null,
    next: next.flatMap(({ drill, fromMs }) => (isDrillId(drill) ? [{ id: drill, fromMs }] : [])),
  };
}

const counted = (s: Stood): Counts => ({
  due: s.due,
  fresh: freshLeft(s),
  answeredToday: s.answeredToday,
});

/** Where a drill can be practised, or its knot be learned anew. */
function hrefOf(id: DrillId): string {
  const { ask, subject } = partsOf(id);
  if (ask === 'reckon') return `/drills/practice?ask=reckon&kind=${subject}`;
  if (ask === 'read' || ask === 'govern' || ask === 'inspect') return `/drills/practice?ask=${ask}`;
  if (ask === 'choose') return `/knots/which?job=${subject}`;
  const [entry = '', form = ''] = subject.split('/');
  return `/knots/${entry}?form=${form}`;
}

/** How somebody stands today, with what is to be expected and what keeps slipping. */
export async function today(db: Database, { id }: Learner, now: Date): Promise<Today> {
  const stood = await stoodOf(db, id, now);
  const known = (await memoriesOf(db, id)).flatMap(({ drill, memory }) =>
    isDrillId(drill) ? [{ drill, memory }] : [],
  );
  const expected = forecast(
    known.map((k) => k.memory),
    now.getTime(),
    FORECAST_DAYS,
    { today: freshLeft(stood), aDay: FRESH_A_DAY, inAll: DRILL_IDS.length - known.length },
  );
  return {
    ...counted(stood),
    begun: known.length,
    of: DRILL_IDS.length,
    forecast: expected,
    leeches: known
      .filter(({ memory }) => memory.lapses >= LEECH_LAPSES)
      .toSorted((a, b) => b.memory.lapses - a.memory.lapses)
      .map(({ drill, memory }) => ({
        drill,
        title: drillTitle(drill),
        lapses: memory.lapses,
        href: hrefOf(drill),
      })),
  };
}

/** How many questions somebody has today. */
export const countsToday = async (db: Database, memberId: string, now: Date): Promise<Counts> =>
  counted(await stoodOf(db, memberId, now));

/** What is asked of somebody next; null where it is enough for today. */
export async function nextAsked(
  db: Database,
  { id }: Learner,
  units: UnitChoice,
  now: Date,
  chance: Chance,
): Promise<{ readonly asked: Asked | null; readonly counts: Counts }> {
  const stood = await stoodOf(db, id, now);
  const drill = nextDrill(stood, now.getTime(), stood.just);
  return {
    asked: drill && (await askedForDrill(drill, numberFor(drill, chance), units)),
    counts: counted(stood),
  };
}

/** Marks an answer and keeps it: the answer, and what all answers to its drill now add up to, in one transaction. */
export async function review(
  learner: Learner,
  { answer, tookMs }: z.infer<typeof reviewBody>,
  now: Date,
): Promise<Answered<typeof DRILL_API.review>> {
  const { drill, marked, instead } = await markOf(answer);
  return transaction(async (db) => {
    const before = await holdMemory(db, learner, drill);
    // Clocks are set back at times; a memory never is.
    const at = new Date(Math.max(now.getTime(), before?.lastMs ?? 0));
    const said = { drill, number: answer.number, grade: marked.grade, instead, tookMs, at };
    const kept = await addReview(db, learner, said);
    const memory = kept ? afterAnswer(before, marked.grade, at.getTime()) : before;
    if (kept && memory) await keepMemory(db, learner, drill, memory, askedFromMs(memory));
    return {
      marked,
      kept,
      dueAt: memory && new Date(memory.dueMs).toISOString(),
      today: counted(await stoodOf(db, learner.id, now)),
    };
  });
}

/** Answers as they were kept, with the names of what they were of. */
export const titled = (reviews: readonly KeptReview[]) =>
  reviews.map((r) => ({ ...r, title: isDrillId(r.drill) ? drillTitle(r.drill) : r.drill }));
