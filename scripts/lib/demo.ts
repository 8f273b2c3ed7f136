import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { z } from 'zod';
import { happeningSchema, type HistoryBody } from '@/core/gear/events';
import { gearHistory } from '@/db/queries/gear-events';
import { gearSchema, startSchema } from '@/core/gear/schema';
import { GEAR_FORMAT, GEAR_VERSION } from '@/core/gear/vocabulary';
import { type Plan, parsePlan } from '@/core/securement/plan';
import { readKeptDeck, readKeptLoad } from '@/core/securement/kept/schema';
import { resultOf } from '@/core/exchange/read';
import { parseRigging } from '@/core/bench/rigging';
import type { Result } from '@/core/result';
import { strengthSchema } from '@/core/securement/schema';
import type { Database } from '@/db/pool';
import { insertCrew } from '@/db/queries/crews';
import { insertMember, type Member, membersOfCrew, ROLES } from '@/db/queries/members';
import { gearByCode } from '@/db/queries/gear';
import { setGoesOut } from '@/db/queries/going-out';
import { insertPlan, planPage } from '@/db/queries/plans';
import { insertRigging } from '@/db/queries/riggings';
import { enterGear, recordGear } from '@/server/gear';
import { keepPart } from '@/server/kept-parts';
import { hashPassword } from '@/server/passwords';
import { loadLog } from './demo-log';
import { type DemoPerson, loadDrills, loadSignOffs, trainingSchema } from './demo-training';

const DEMO = fileURLToPath(new URL('../../demo', import.meta.url));
const read = (file: string): unknown => JSON.parse(readFileSync(path.join(DEMO, file), 'utf8'));
const peopleSchema = z.object({
  password: z.string(),
  crews: z.array(
    z.object({ name: z.string(), people: z.array(z.tuple([z.string(), z.enum(ROLES)])) }),
  ),
});
const fileSchema = z.object({
  crew: z.string(),
  plan: z.unknown().optional(),
  rigging: z.unknown().optional(),
});

interface Home {
  readonly crewId: string;
  readonly memberId: string;
}

/** Keeps every document of a folder in its crew. */
async function loadFolder<D>(
  folder: 'plans' | 'riggings',
  crews: ReadonlyMap<string, Home>,
  parse: (input: unknown) => Result<D>,
  keep: (home: Home, document: D) => Promise<unknown>,
): Promise<void> {
  for (const file of readdirSync(path.join(DEMO, folder)).sort().reverse()) {
    const { crew, plan, rigging } = fileSchema.parse(read(`${folder}/${file}`));
    const parsed = parse(plan ?? rigging);
    const home = crews.get(crew);
    if (!parsed.ok || !home)
      throw new Error(
        `demo/${folder}/${file}: ${parsed.ok ? `no crew ${crew}` : JSON.stringify(parsed.issues)}`,
      );
    await keep(home, parsed.value);
  }
}

const keptFileSchema = z.object({
  crew: z.string(),
  deck: z.unknown().optional(),
  load: z.unknown().optional(),
});

const HOUR_MS = 3_600_000;

/** Loads of the demo that go out soon, hours from now: what is on a crew's mind is never old. */
async function loadGoingOut(
  db: Database,
  crews: ReadonlyMap<string, { readonly crewId: string }>,
): Promise<void> {
  const soon = z.record(z.string(), z.number()).parse(read('going-out.json'));
  for (const { crewId } of crews.values()) {
    const { plans } = await planPage(db, crewId, { search: '', sort: 'changed', after: null });
    for (const { id, title } of plans) {
      const hours = soon[title];
      if (hours !== undefined)
        await setGoesOut(db, crewId, id, new Date(Date.now() + hours * HOUR_MS).toISOString());
    }
  }
}

/** Keeps the decks and loads that come back in their crew, as read by whoever leads it. */
async function loadKept(db: Database, crews: ReadonlyMap<string, Home>): Promise<void> {
  for (const file of readdirSync(path.join(DEMO, 'kept')).sort()) {
    const { crew, deck, load } = keptFileSchema.parse(read(`kept/${file}`));
    const home = crews.get(crew)!;
    const lead = (await membersOfCrew(db, home.crewId, 0)).find((m) => m.id === home.memberId)!;
    const [keptDeck, keptLoad] = [
      deck === undefined ? null : resultOf(readKeptDeck(deck)),
      load === undefined ? null : resultOf(readKeptLoad(load)),
    ];
    if (keptDeck?.ok) await keepPart(db, 'deck', lead, keptDeck.value, new Date());
    else if (keptLoad?.ok) await keepPart(db, 'load', lead, keptLoad.value, new Date());
    else throw new Error(`demo/kept/${file}: ${JSON.stringify(keptDeck ?? keptLoad)}`);
  }
}

const DAY_MS = 86_400_000;
const lockerSchema = z.object({
  items: z.array(
    z.object({
      crew: z.string(),
      gear: z.record(z.string(), z.unknown()),
      start: startSchema,
      boughtDaysAgo: z.number().nullable(),
      firstUsedDaysAgo: z.number().nullable(),
      enteredDaysAgo: z.number(),
      history: z.array(z.object({ daysAgo: z.number(), by: z.string(), body: happeningSchema })),
    }),
  ),
});

/** The locker, with days counted back from today so that the demo never grows old. Its people record what its history says. */
async function loadLocker(db: Database, crews: ReadonlyMap<string, Home>): Promise<void> {
  const ago = (days: number): Date => new Date(Date.now() - days * DAY_MS);
  const day = (days: number | null): string | null =>
    days === null ? null : ago(days).toISOString().slice(0, 10);
  for (const {
    crew,
    gear,
    start,
    boughtDaysAgo,
    firstUsedDaysAgo,
    enteredDaysAgo,
    history,
  } of lockerSchema.parse(read('locker.json')).items) {
    const home = crews.get(crew);
    const members = new Map(
      (await membersOfCrew(db, home!.crewId, 0)).map((m): [string, Member] => [m.name, m]),
    );
    const document = gearSchema.parse({
      format: GEAR_FORMAT,
      version: GEAR_VERSION,
      ...gear,
      boughtOn: day(boughtDaysAgo),
      firstUsedOn: day(firstUsedDaysAgo),
    });
    const { id } = await enterGear(
      db,
      [...members.values()].find((m) => m.id === home!.memberId)!,
      { gear: document, start },
      ago(enteredDaysAgo),
      false,
    );
    for (const { daysAgo, by, body } of history)
      await recordGear(
        db,
        members.get(by)!,
        id,
        await knowing(db, home!.crewId, id, body),
        ago(daysAgo),
      );
  }
}

/** An inspection that knows everything that was recorded before it. */
async function knowing(
  db: Database,
  crewId: string,
  id: string,
  body: HistoryBody,
): Promise<HistoryBody> {
  if (body.kind !== 'inspected') return body;
  return { ...body, seen: (await gearHistory(db, crewId, id)).at(-1)!.id };
}

/** Ropes of a plan that wear a tag of the locker are those of the locker. */
async function withGear(db: Database, crewId: string, plan: Plan): Promise<Plan> {
  const lines = [];
  for (const line of plan.lines) {
    const elements = [];
    for (const e of line.elements) {
      const tag =
        e.kind === 'rope' ? e.rope.tag : e.kind === 'webbing' || e.kind === 'chain' ? e.tag : '';
      const gear = tag === '' ? null : await gearByCode(db, crewId, tag);
      elements.push(
        gear && 'gearId' in e
          ? {
              ...e,
              gearId: gear.id,
              ...(e.kind === 'rope' ? { lengthM: gear.standing.remainingM } : {}),
            }
          : e,
      );
    }
    lines.push({ ...line, elements });
  }
  return { ...plan, lines };
}

/**
 * Loads the demo's crews with their people, lockers, plans and riggings.
 * @param again told apart by this from the crews at the door, whom anybody may step in as; empty: these are they.
 * @returns ids of its people by name.
 */
export async function loadDemo(db: Database, again = ''): Promise<ReadonlyMap<string, string>> {
  const people = peopleSchema.parse(read('people.json'));
  const passwordHash = await hashPassword(people.password);
  const crews = new Map<string, Home>();
  const members = new Map<string, string>();
  const everybody = new Map<string, DemoPerson>();
  for (const crew of people.crews) {
    const crewId = await insertCrew(db, {
      name: `${crew.name}${again}`,
      strength: strengthSchema.parse({}),
      demo: again === '',
    });
    for (const [name, role] of crew.people) {
      const memberId = await insertMember(db, crewId, {
        name,
        role,
        passwordHash,
        // Crews loaded at the same moment do not wait for each other's names.
        signInName: again ? `${name}${again}` : undefined,
        demo: again === '',
      });
      members.set(name, memberId);
      everybody.set(name, { id: memberId, crewId });
      if (!crews.has(crew.name)) crews.set(crew.name, { crewId, memberId });
    }
  }
  await loadLocker(db, crews);
  await loadFolder('plans', crews, parsePlan, async (home, plan) =>
    insertPlan(db, home.crewId, home.memberId, await withGear(db, home.crewId, plan)),
  );
  await loadGoingOut(db, crews);
  await loadFolder('riggings', crews, parseRigging, (home, rigging) =>
    insertRigging(db, home.crewId, home.memberId, rigging),
  );
  await loadKept(db, crews);
  const training = trainingSchema.parse(read('training.json'));
  await loadSignOffs(db, everybody, training);
  // Whom anybody may step in as has learned for weeks, and written down a season; the others begin.
  if (again === '') {
    await loadDrills(db, everybody, training);
    await loadLog(db, crews);
  }
  return members;
}
