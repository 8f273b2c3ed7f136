import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { z } from 'zod';
import { type Chance, chanceOf, oneOf } from '@/core/chance';
import { ENTRY_IDS } from '@/core/knot/entry-ids';
import { newEntrySchema } from '@/core/log/schema';
import { CAUSES, INCIDENT_GRADES } from '@/core/log/vocabulary';
import type { Plan } from '@/core/securement/plan';
import { checkSchema } from '@/core/securement/road/schema';
import type { CheckOccasion } from '@/core/securement/road/vocabulary';
import type { Database } from '@/db/pool';
import { gearByCode } from '@/db/queries/gear';
import { logPage } from '@/db/queries/log-entries';
import { type Member, membersOfCrew } from '@/db/queries/members';
import { planById, planPage } from '@/db/queries/plans';
import { addEntry } from '@/server/log-book/add';
import { factsOfWritten } from '@/server/log-book/facts';
import { pictures } from '@/server/log-book/photos';
import { recordEntry } from '@/server/log-book/record';
import { recordCheck } from '@/server/road-checks';

const DEMO = fileURLToPath(new URL('../../demo', import.meta.url));
const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** So long ago the season of the demo began. */
const SEASON_DAYS = 280;

const said = {
  crew: z.string(),
  by: z.string(),
  daysAgo: z.number(),
  plan: z.string().optional(),
  gear: z.array(z.string()).default([]),
  what: z.string(),
};
const logSchema = z.object({
  trips: z.array(
    z.object({
      crew: z.string(),
      plan: z.string(),
      trips: z.number(),
      /** How likely each line is found slack at a check. */
      loose: z.record(z.string(), z.number()),
    }),
  ),
  incidents: z.array(
    z.object({
      ...said,
      grade: z.enum(INCIDENT_GRADES),
      cause: z.enum(CAUSES),
      knot: z.enum(ENTRY_IDS).optional(),
      line: z.string().optional(),
      hurt: z.boolean().default(false),
      photo: z.string().optional(),
    }),
  ),
  notes: z.array(z.object(said)),
  corrected: z.array(
    z.object({
      crew: z.string(),
      by: z.string(),
      note: z.string(),
      instead: z.string(),
      reason: z.string(),
    }),
  ),
});

/** People and plans of a crew by name. */
interface Yard {
  readonly crewId: string;
  readonly people: ReadonlyMap<string, Member>;
  readonly plans: ReadonlyMap<string, string>;
}

async function yardOf(db: Database, crewId: string): Promise<Yard> {
  const { plans } = await planPage(db, crewId, { search: '', sort: 'changed', after: null });
  return {
    crewId,
    people: new Map((await membersOfCrew(db, crewId, 0)).map((m) => [m.name, m])),
    plans: new Map(plans.map((p) => [p.title, p.id])),
  };
}

/** A day that lies so far back, at an hour when people work. */
function ago(days: number): Date {
  const day = Math.floor((Date.now() - days * DAY_MS) / DAY_MS);
  const hour = 6 + ((days * 7) % 9);
  return new Date(day * DAY_MS + Math.round(hour * 60) * 60_000);
}

/** A check of all lines; some are found slack by chance, and hauled again. */
async function check(
  db: Database,
  who: Member,
  planId: string,
  plan: Plan,
  occasion: CheckOccasion,
  at: Date,
  loose: (lineId: string) => boolean,
): Promise<string[]> {
  const slack = plan.lines.filter((l) => occasion !== 'before-driving' && loose(l.id));
  const lines = plan.lines.map((l) => ({
    lineId: l.id,
    state: slack.includes(l) ? 'slack' : 'tight',
  }));
  const body = checkSchema.parse({ occasion, lines, madeAt: at.toISOString() });
  await recordCheck(db, who, planId, body, at);
  return slack.map((l) => l.id);
}

/** Hours after driving off at which lines are looked at. */
const CHECKS: readonly (readonly [CheckOccasion, number])[] = [
  ['before-driving', 0],
  ['on-the-road', 0.9],
  ['arrived', 2.4],
];

/** One trip: the load is secured, checked, and hauled again where something was slack. */
async function trip(
  db: Database,
  yard: Yard,
  planId: string,
  off: Date,
  chance: Chance,
  loose: Readonly<Record<string, number>>,
  secured: Awaited<ReturnType<typeof factsOfWritten>>,
): Promise<void> {
  const { document: plan, version } = await planById(db, yard.crewId, planId);
  const drivers = [...yard.people.values()].filter((m) => m.role !== 'trainee');
  const who = oneOf(chance, drivers as [Member, ...Member[]]);
  await addEntry(db, who, {
    body: { kind: 'securement', planId, planVersion: version, people: [], note: '' },
    ...secured,
    at: new Date(off.getTime() - 0.4 * HOUR_MS),
    now: off,
  });
  for (const [occasion, hours] of CHECKS) {
    const at = new Date(off.getTime() + hours * HOUR_MS);
    const slack = await check(
      db,
      who,
      planId,
      plan,
      occasion,
      at,
      (id) => chance() < (loose[id] ?? 0.02),
    );
    for (const lineId of slack) {
      const [beforeN, afterN] = [
        200 + 40 * Math.floor(chance() * 8),
        700 + 50 * Math.floor(chance() * 10),
      ];
      const entry = { kind: 're-tension', planId, lineId, beforeN, afterN };
      const now = new Date(at.getTime() + 0.1 * HOUR_MS);
      await recordEntry(db, who, newEntrySchema.parse({ entry }), [], now);
    }
  }
}

async function loadTrips(
  db: Database,
  yard: Yard,
  { plan, trips, loose }: z.infer<typeof logSchema>['trips'][number],
  seed: number,
): Promise<void> {
  const planId = yard.plans.get(plan)!;
  const chance = chanceOf(seed);
  const secured = await factsOfWritten(db, yard.crewId, {
    kind: 'securement',
    planId,
    planVersion: 1,
    people: [],
    note: '',
  });
  for (let i = 0; i < trips; i++) {
    const days = SEASON_DAYS * ((trips - i - chance() * 0.8) / trips) + 1;
    await trip(db, yard, planId, ago(days), chance, loose, secured);
  }
}

async function loadSaid(
  db: Database,
  yard: Yard,
  s: z.infer<typeof logSchema>['incidents'][number] | z.infer<typeof logSchema>['notes'][number],
): Promise<void> {
  const gear = await Promise.all(s.gear.map((code) => gearByCode(db, yard.crewId, code)));
  const common = {
    what: s.what,
    planId: s.plan ? yard.plans.get(s.plan) : null,
    gearIds: gear.flatMap((g) => (g ? [g.id] : [])),
  };
  const entry =
    'grade' in s
      ? {
          kind: 'incident',
          grade: s.grade,
          cause: s.cause,
          knot: s.knot ?? null,
          hurt: s.hurt,
          lineId: s.line ?? null,
          ...common,
        }
      : { kind: 'note', ...common };
  const photos =
    'photo' in s && s.photo
      ? [readFileSync(path.join(DEMO, 'photos', `${s.photo}.jpg`)).toString('base64')]
      : [];
  const sent = newEntrySchema.parse({ entry, photos });
  await recordEntry(db, yard.people.get(s.by)!, sent, await pictures(sent.photos), ago(s.daysAgo));
}

/** A season of the log, with days counted back from today. */
export async function loadLog(
  db: Database,
  crews: ReadonlyMap<string, { readonly crewId: string }>,
): Promise<void> {
  const log = logSchema.parse(JSON.parse(readFileSync(path.join(DEMO, 'log.json'), 'utf8')));
  const yards = new Map<string, Yard>();
  for (const [name, { crewId }] of crews) yards.set(name, await yardOf(db, crewId));
  for (const [seed, t] of log.trips.entries()) await loadTrips(db, yards.get(t.crew)!, t, seed + 1);
  for (const s of [...log.incidents, ...log.notes]) await loadSaid(db, yards.get(s.crew)!, s);
  for (const { crew, by, note, instead, reason } of log.corrected) {
    const yard = yards.get(crew)!;
    const none = { kind: null, planId: null, link: null, from: null, to: null, after: null };
    const { entries } = await logPage(db, yard.crewId, { ...none, search: note });
    const entry = {
      kind: 'correction',
      corrects: entries[0]!.id,
      instead: { kind: 'note', what: instead },
      reason,
    };
    await recordEntry(db, yard.people.get(by)!, newEntrySchema.parse({ entry }), [], new Date());
  }
}
