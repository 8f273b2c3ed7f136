import type { HistoryBody } from '@/core/gear/events';
import { type Facts, factsSchema, type KeptBody } from '@/core/log/kept';
import type { Plan } from '@/core/securement/plan';
import type { Check } from '@/core/securement/road/schema';
import { UNIT_CHOICES } from '@/core/units';
import type { Database } from '@/db/pool';
import { addLogEntry } from '@/db/queries/log-entries';
import type { Member } from '@/db/queries/members';
import { entryTitle, wordEntry } from '@/wording/log';
import { factsOfCheck } from './facts';

/** What an entry is found by: what it says in both systems of units, and whom and what it is about. */
function textOf(member: Member, body: KeptBody, facts: Facts): string {
  const { plan, gear, people, lines } = facts;
  return [
    entryTitle({ body, facts, kind: body.kind }),
    wordEntry({ body, facts }, UNIT_CHOICES.metric),
    member.name,
    plan?.title,
    plan?.deck,
    ...gear.map((g) => g.code),
    ...people.map((p) => p.name),
    ...lines.map((l) => l.name),
  ].join(' ');
}

/** Adds an entry with the words it is found by. Call inside a transaction. @returns its id */
export async function addEntry(
  db: Database,
  member: Member,
  entry: {
    readonly id?: string;
    readonly body: KeptBody;
    readonly facts: Facts;
    readonly planId: string | null;
    readonly at: Date;
    readonly now: Date;
  },
): Promise<string> {
  return addLogEntry(db, {
    ...entry,
    crewId: member.crewId,
    memberId: member.id,
    text: textOf(member, entry.body, entry.facts),
  });
}

/** A check on the road is in the log too, under its own id. Call inside the transaction that adds it. */
export async function logCheck(
  db: Database,
  member: Member,
  check: {
    readonly id: string;
    readonly planId: string;
    readonly planVersion: number;
    readonly plan: Plan;
    readonly body: Check;
    readonly at: Date;
    readonly now: Date;
  },
): Promise<void> {
  const { id, planId, planVersion, plan, body, at, now } = check;
  const facts = await factsOfCheck(db, member.crewId, planId, planVersion, plan, body);
  await addEntry(db, member, { id, planId, body: { kind: 'check', ...body }, facts, at, now });
}

/** So is what happens to a rope. Call inside the transaction that adds it to its history. */
export async function logRopeEvent(
  db: Database,
  member: Member,
  event: {
    readonly id: string;
    readonly gear: { readonly id: string; readonly code: string };
    readonly happened: HistoryBody;
    readonly now: Date;
  },
): Promise<void> {
  const { id, gear, happened, now } = event;
  const body: KeptBody = { kind: 'rope-event', gearId: gear.id, happened };
  const facts: Facts = { ...factsSchema.parse({}), gear: [gear] };
  await addEntry(db, member, { id, planId: null, body, facts, at: now, now });
}
