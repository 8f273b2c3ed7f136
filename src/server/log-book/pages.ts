import type { Database } from '@/db/pool';
import { tagsInUse } from '@/db/queries/gear-list';
import { gearById } from '@/db/queries/gear';
import type { LogQuery } from '@/db/queries/log-entries';
import { type Member, membersOfCrew } from '@/db/queries/members';
import { planById, planPage } from '@/db/queries/plans';
import { ENTRY_NAMES } from '@/core/knot/entry-names';
import type { EntryId } from '@/core/knot/entry-ids';

interface Named {
  readonly id: string;
  readonly name: string;
}

/** What an entry can be about: the plans that changed last, what is in use, and the others of the crew. */
export async function entryChoices(db: Database, { crewId, id }: Member) {
  const newest = { search: '', sort: 'changed', after: null } as const;
  const [{ plans }, gear, members] = [
    await planPage(db, crewId, newest),
    await tagsInUse(db, crewId),
    await membersOfCrew(db, crewId, 0),
  ];
  return {
    plans: plans.map((p) => ({ id: p.id, name: p.title, version: p.version })),
    gear: gear.map((g): Named => ({ id: g.id, name: g.code })),
    people: members.filter((m) => m.id !== id).map((m): Named => ({ id: m.id, name: m.name })),
  };
}

/** What a view of the log is called; null: all of it is shown. @throws NotFoundError for what the crew has not */
export async function viewNamed(db: Database, crewId: string, { link, planId }: LogQuery) {
  if (planId)
    return {
      what: 'plan',
      ref: planId,
      name: (await planById(db, crewId, planId)).document.title,
    } as const;
  if (!link) return null;
  const { what, ref } = link;
  const name =
    what === 'gear'
      ? (await gearById(db, crewId, ref)).document.code
      : what === 'person'
        ? ((await membersOfCrew(db, crewId, 0)).find((m) => m.id === ref)?.name ??
          'somebody who left')
        : what === 'knot'
          ? ENTRY_NAMES[ref as EntryId]
          : ref;
  return { what, ref, name };
}
