import type pg from 'pg';
import { afterAll, beforeAll } from 'vitest';
import { INSPECTION_CHECKS } from '@/core/inspection/checks';
import { type Gear, gearSchema, startSchema } from '@/core/gear/schema';
import { transaction } from '@/db/pool';
import type { Member } from '@/db/queries/members';
import { gearHistory } from '@/db/queries/gear-events';
import { ALL_GEAR, gearPage, type GearQuery } from '@/db/queries/gear-list';
import { enterGear, recordGear } from '@/server/gear';
import { Refusal } from '@/server/problem';
import { crewWith, freshDatabase } from './database';

const TODAY = '2026-11-25';

export const NOW = new Date(`${TODAY}T12:00:00Z`);

let db: Awaited<ReturnType<typeof freshDatabase>>;

export let pool: pg.Pool;

export let ours: Member;

export let theirs: Member;

export const memberOf = async (name: string): Promise<Member> => {
  const { crewId, memberId } = await crewWith(pool, name);
  return {
    id: memberId,
    crewId,
    crewName: name,
    name: `${name} lead`,
    signInName: `${name}.lead`,
    role: 'lead',
    units: 'metric',
    cautioned: true,
  };
};

export const rope = (code: string, extra: Record<string, unknown> = {}): Gear =>
  gearSchema.parse({
    format: 'vast-cleat/gear',
    version: 1,
    code,
    lengthM: 30,
    item: { kind: 'rope', material: 'polyester', diameterM: 0.012, mbsN: 21000 },
    ...extra,
  });

export const start = (extra: Record<string, unknown> = {}) => startSchema.parse(extra);

export const enter = (code: string, extra: Record<string, unknown> = {}, who = ours) =>
  transaction(
    (c) =>
      enterGear(
        c,
        who,
        { gear: rope(code, extra), start: start({ lastInspectedOn: '2026-10-01' }) },
        NOW,
        false,
      ),
    pool,
  );

export const record = (id: string, body: Parameters<typeof recordGear>[3], who = ours) =>
  transaction(async (c) => {
    const seen = (await gearHistory(c, who.crewId, id)).at(-1)?.id ?? null;
    const knowing = body.kind === 'inspected' && body.seen === null ? { ...body, seen } : body;
    return recordGear(c, who, id, knowing, NOW);
  }, pool);

export const inspection = {
  kind: 'inspected' as const,
  seen: null,
  answered: INSPECTION_CHECKS.rope.map((c) => c.id),
  found: [],
  decided: 'pass' as const,
  condition: null,
  reason: '',
};

export const query = (part: Partial<GearQuery> = {}): GearQuery => ({
  ...ALL_GEAR,
  today: TODAY,
  ...part,
});

export const codes = async (part: Partial<GearQuery>, who = ours): Promise<string[]> =>
  (await gearPage(pool, who.crewId, query(part))).gear.map((g) => g.document.code);

export const refusalOf = async (work: Promise<unknown>): Promise<string> => {
  try {
    await work;
  } catch (e) {
    if (e instanceof Refusal) return e.issues[0]!.code;
    throw e;
  }
  return 'admitted';
};

/** A fresh database with two crews, for the tests of the file that calls this. */
export function withTwoCrews(): void {
  beforeAll(async () => {
    db = await freshDatabase();
    pool = db.pool;
    [ours, theirs] = [await memberOf('Ours'), await memberOf('Theirs')];
  });
  afterAll(() => db.close());
}
