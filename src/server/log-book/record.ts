import { factsSchema, type LogEntry } from '@/core/log/kept';
import type { LogBody, LogCorrection, NewEntry, Written } from '@/core/log/schema';
import type { LogKind } from '@/core/log/vocabulary';
import type { Database } from '@/db/pool';
import { entryHeld, logEntry } from '@/db/queries/log-entries';
import { addPhotos, type PhotoToKeep } from '@/db/queries/log-photos';
import type { Member } from '@/db/queries/members';
import { madeAt } from '../days';
import { refuse } from '../problem';
import { refreshDueOf } from '../road-checks';
import { addEntry } from './add';
import { factsOfWritten } from './facts';

/** What an entry, or whatever it was corrected to, is of. */
async function kindBehind(db: Database, crewId: string, entry: LogEntry): Promise<LogKind> {
  if (entry.body?.kind !== 'correction') return entry.kind;
  if (entry.body.instead) return entry.body.instead.kind;
  return kindBehind(db, crewId, await logEntry(db, crewId, entry.body.corrects));
}

/** Whoever made an entry may correct it, and they. */
const MAY_CORRECT: readonly Member['role'][] = ['lead', 'instructor'];

/**
 * The entry that is corrected, if it can be. It is corrected once; the correction can be corrected in its turn, unless it said that
 * nothing happened. What happened to a rope is corrected in its own history. @throws Refusal 422, NotFoundError
 */
async function correctable(
  db: Database,
  member: Member,
  { corrects, instead }: LogCorrection,
): Promise<LogEntry> {
  const path = ['entry', 'corrects'];
  const { crewId } = member;
  const old = await entryHeld(db, crewId, corrects);
  if (old.by.id !== member.id && !MAY_CORRECT.includes(member.role))
    throw refuse(403, 'not-your-entry', { by: old.by.name }, path);
  if (old.correctedBy) throw refuse(422, 'corrected-already', { by: old.correctedBy.by }, path);
  if (old.body?.kind === 'correction' && old.body.instead === null)
    throw refuse(422, 'withdrawn-already', {}, path);
  const kind = await kindBehind(db, crewId, old);
  if (kind === 'rope-event') throw refuse(422, 'correct-in-locker', {}, path);
  if (kind === 'check' && instead) throw refuse(422, 'check-only-withdrawn', {}, path);
  if (instead && instead.kind !== kind)
    throw refuse(422, 'other-kind', { kind }, ['entry', 'instead', 'kind']);
  return old;
}

/** The plan whose checks a correction changes; null: none. */
const checkedPlan = (old: LogEntry): string | null =>
  old.kind === 'check' ? (old.facts.plan?.id ?? null) : null;

async function correct(
  db: Database,
  member: Member,
  body: LogCorrection,
  now: Date,
): Promise<string> {
  const old = await correctable(db, member, body);
  const made = body.instead
    ? await factsOfWritten(db, member.crewId, body.instead)
    : {
        planId: old.facts.plan?.id ?? null,
        facts: { ...factsSchema.parse({}), plan: old.facts.plan, gear: old.facts.gear },
      };
  // It is of the time the thing was: that is where it is looked for and counted.
  const id = await addEntry(db, member, { body, ...made, at: new Date(old.at), now });
  const planId = checkedPlan(old);
  if (planId !== null) await refreshDueOf(db, member.crewId, planId);
  return id;
}

async function write(
  db: Database,
  member: Member,
  body: Exclude<LogBody, LogCorrection>,
  at: Date,
  now: Date,
): Promise<string> {
  return addEntry(db, member, {
    body: body satisfies Written,
    ...(await factsOfWritten(db, member.crewId, body)),
    at,
    now,
  });
}

/**
 * Adds an entry as it was sent, with its pictures as they are kept. Call inside a transaction.
 * @throws Refusal 422, NotFoundError, UnreadableError
 */
export async function recordEntry(
  db: Database,
  member: Member,
  { entry, madeAt: said }: Pick<NewEntry, 'entry' | 'madeAt'>,
  photos: readonly PhotoToKeep[],
  now: Date,
): Promise<LogEntry> {
  const id =
    entry.kind === 'correction'
      ? await correct(db, member, entry, now)
      : await write(db, member, entry, madeAt(said, now), now);
  await addPhotos(db, member.crewId, id, photos);
  return logEntry(db, member.crewId, id);
}
