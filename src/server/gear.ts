import { validate as isUuid } from 'uuid';
import { dueState, DUE_STATES } from '@/core/gear/due';
import type { HistoryBody } from '@/core/gear/events';
import { GEAR_KINDS } from '@/core/gear/vocabulary';
import { GEAR_STATES, stateOf } from '@/core/gear/history';
import { checkRecord, checkStart } from '@/core/gear/record';
import type { Plan } from '@/core/securement/plan';
import { gearIdOf, gearIdsOf, type KeptFact, partIdsOf } from '@/core/securement/locker-word';
import { ConstraintError, type Database, pool } from '@/db/pool';
import {
  codesOfRemoved,
  deleteGear,
  gearByCode,
  gearById,
  gearByIds,
  holdGear,
  insertGear,
  lockGear,
  type NewGear,
  refreshGear,
  type StoredGear,
  updateGear,
} from '@/db/queries/gear';
import { addGearEvent, gearHistory } from '@/db/queries/gear-events';
import { holdParts, partFacts } from '@/db/queries/kept-parts';
import { GEAR_SORTS, type GearQuery } from '@/db/queries/gear-list';
import type { Member } from '@/db/queries/members';
import { oneOf } from './asked';
import { isDay, readMarker, searchText } from './documents';
import { dayOf, latestToday } from './days';
import { rejudgePlansUsing } from './judging';
import { logRopeEvent } from './log-book/add';
import { Refusal, refuse } from './problem';

/** A length in metres out of an address. */
export function lengthOf(search: URLSearchParams, name: string, most: number): number | null {
  const asked = search.get(name);
  if (asked === null || asked === '') return null;
  const value = Number(asked);
  if (!(value >= 0 && value <= most))
    throw refuse(422, 'out-of-range', { least: 0, most, unit: 'm' }, [name]);
  return value;
}

/** What of the locker is asked for, out of an address. Without a state, what is retired stays away. */
export function gearQuery(search: URLSearchParams, now: Date): GearQuery {
  const sort = oneOf(search, 'sort', GEAR_SORTS) ?? 'code';
  const after = readMarker(search, false);
  if (after && sort === 'due' && !(isDay(after[0]) && after[0] > '0001'))
    throw refuse(422, 'cursor-invalid', {}, ['after']);
  const state = oneOf(search, 'state', [...GEAR_STATES, 'all']);
  const size = lengthOf(search, 'sizeM', 1);
  const type = search.get('type');
  return {
    search: searchText(search),
    type: type === null || type === '' ? null : type.replaceAll('\0', '').slice(0, 40),
    kind: oneOf(search, 'kind', GEAR_KINDS),
    states: state === 'all' ? [] : state === null ? ['in-service', 'set-aside'] : [state],
    sizeFromM: size,
    sizeToM: size,
    leftFromM: lengthOf(search, 'leftM', 5000),
    due: oneOf(
      search,
      'due',
      DUE_STATES.filter((d) => d !== 'never'),
    ),
    today: dayOf(now),
    sort,
    after,
  };
}

/** The thing with this tag. @throws Refusal 404 naming the tag */
export async function gearWithTag(db: Database, crewId: string, code: string): Promise<StoredGear> {
  const found = await gearByCode(db, crewId, code.replaceAll('\0', '').slice(0, 40));
  if (!found) throw refuse(404, 'tag-unknown', { code: code.slice(0, 24) }, ['code']);
  return found;
}

/** A tag that is taken is a refusal with its code, not a fault. */
async function refusingTakenTags<T>(code: string, work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof ConstraintError && error.constraint === 'gear_code')
      throw refuse(422, 'code-taken', { code }, ['code']);
    throw error;
  }
}

/** A tag that something wore which was removed is not taken again in silence: whoever enters it says so. @throws Refusal 422 `code-worn-before` */
async function tagIsFree(
  db: Database,
  crewId: string,
  code: string,
  again: boolean,
): Promise<void> {
  if (!again && (await codesOfRemoved(db, crewId, [code])).size > 0)
    throw refuse(422, 'code-worn-before', { code }, ['code']);
}

/** Enters a thing; `again`: its tag may be one that a removed thing wore. Call inside a transaction. */
export async function enterGear(
  db: Database,
  member: Member,
  thing: NewGear,
  now: Date,
  again: boolean,
): Promise<StoredGear> {
  const possible = checkStart(thing.gear, thing.start, latestToday(now));
  if (!possible.ok)
    throw new Refusal(
      422,
      possible.issues.map((i) => ({ ...i, path: ['start', ...i.path] })),
    );
  await tagIsFree(db, member.crewId, thing.gear.code, again);
  const [id] = await refusingTakenTags(thing.gear.code, () =>
    insertGear(db, member.crewId, member.id, [thing], now),
  );
  return gearById(db, member.crewId, id!);
}

/** Changes what a thing is; plans that use it are judged anew. Call inside a transaction. */
export async function changeGear(
  db: Database,
  member: Member,
  id: string,
  version: number,
  gear: StoredGear['document'],
  again: boolean,
): Promise<StoredGear> {
  if ((await gearById(db, member.crewId, id)).document.code !== gear.code)
    await tagIsFree(db, member.crewId, gear.code, again);
  const history = await gearHistory(db, member.crewId, id);
  const changed = await refusingTakenTags(gear.code, () =>
    updateGear(db, member.crewId, member.id, id, version, gear, history),
  );
  await rejudgePlansUsing(db, member.crewId, id);
  return changed;
}

/** Takes a thing that was entered by mistake out of the locker; plans that use it are judged anew. Call inside a transaction. */
export async function removeGear(db: Database, member: Member, id: string): Promise<void> {
  await deleteGear(db, member.crewId, id);
  await rejudgePlansUsing(db, member.crewId, id);
}

/** Adds a line to a thing's history and judges the plans that use it anew, all or nothing. Call inside a transaction. */
export async function recordGear(
  db: Database,
  member: Member,
  id: string,
  body: HistoryBody,
  now: Date,
): Promise<StoredGear> {
  const stored = await lockGear(db, member.crewId, id);
  const history = await gearHistory(db, member.crewId, id);
  const checked = checkRecord(stored.document, history, body, latestToday(now));
  if (!checked.ok) throw new Refusal(422, checked.issues);
  const eventId = await addGearEvent(db, member.crewId, member.id, id, body, now);
  const of = { id, code: stored.document.code };
  await logRopeEvent(db, member, { id: eventId, gear: of, happened: body, now });
  const standing = stateOf(stored.document, [
    ...history,
    { id: eventId, at: now.toISOString(), by: member.name, body },
  ]);
  await refreshGear(db, member.crewId, member.id, stored, stored.document, standing);
  await rejudgePlansUsing(db, member.crewId, id);
  return gearById(db, member.crewId, id);
}

/** Whether the address says that a tag which a removed thing wore is meant: `?tagAgain=true`. */
export const tagAgain = (request: Request): boolean =>
  new URL(request.url).searchParams.get('tagAgain') === 'true';

/** Things by id, out of an address, removed ones too. */
export async function askedGear(
  db: Database,
  crewId: string,
  search: URLSearchParams,
  most: number,
): Promise<StoredGear[]> {
  const ids = (search.get('ids') ?? '').split(',').filter((id) => isUuid(id));
  if (ids.length > most) throw refuse(422, 'too-big', { most, what: 'array' }, ['ids']);
  return (await gearByIds(db, crewId, ids)).gear;
}

/** How a thing stands as far as a day is concerned. */
export const standingOn = (stored: StoredGear, now: Date) => ({
  ...stored,
  due: dueState(stored.dueOn, dayOf(now)),
});

/** What the locker, and what the crew keeps, says today of what a plan uses, as entries a page can take. */
export async function factsToday(
  crewId: string,
  plan: Plan,
): Promise<(readonly [string, KeptFact])[]> {
  const now = new Date();
  const { gear } = await gearByIds(pool(), crewId, gearIdsOf(plan));
  return [
    ...gear.map(
      (g) =>
        [
          g.id,
          { gear: g.document, state: g.standing, due: standingOn(g, now).due, removed: g.removed },
        ] as const,
    ),
    ...(await partFacts(pool(), crewId, partIdsOf(plan))),
  ];
}

/** The same for decks and loads that are kept: what this crew never kept is a plan's own. */
async function admitParts(db: Database, crewId: string, plan: Plan): Promise<Plan> {
  const ids = partIdsOf(plan);
  if (ids.length === 0) return plan;
  const known = await holdParts(db, crewId, ids);
  const own = (keptAs: Plan['deck']['keptAs']): Plan['deck']['keptAs'] =>
    keptAs && known.has(keptAs.id) ? keptAs : null;
  return {
    ...plan,
    deck: { ...plan.deck, keptAs: own(plan.deck.keptAs) },
    units: plan.units.map((u) => ({ ...u, keptAs: own(u.keptAs) })),
  };
}

/**
 * A plan as it may be kept. Ids of things this crew never had are taken out: they come with documents of other crews
 * and mean nothing here. What is retired or was removed may stay where it was (the plan is told so) but not be put in.
 * Call inside a transaction, which then holds those things as they are. @throws Refusal 422 `gear-retired` with the place
 */
export async function admitGear(
  db: Database,
  crewId: string,
  brought: Plan,
  before: Plan | null,
): Promise<Plan> {
  const plan = await admitParts(db, crewId, brought);
  const ids = gearIdsOf(plan);
  if (ids.length === 0) return plan;
  await holdGear(db, crewId, ids);
  const known = await gearByIds(db, crewId, ids);
  const found = new Map(known.gear.map((g) => [g.id, g]));
  // What cannot be read is still the crew's: a plan keeps pointing at it, and is judged as not knowing it.
  const unread = new Set(known.unreadable.map((g) => g.id));
  const had = new Set(before?.lines.flatMap((l) => l.elements.map(gearIdOf)) ?? []);
  const lines = plan.lines.map((line, i) => ({
    ...line,
    elements: line.elements.map((element, k) => {
      const id = gearIdOf(element);
      if (id === null || unread.has(id)) return element;
      const gear = found.get(id);
      if (gear && (gear.standing.state === 'retired' || gear.removed) && !had.has(id))
        throw refuse(
          422,
          gear.removed ? 'gear-removed' : 'gear-retired',
          { code: gear.document.code },
          ['lines', i, 'elements', k, 'gearId'],
        );
      return gear ? element : { ...element, gearId: null };
    }),
  }));
  return { ...plan, lines };
}
