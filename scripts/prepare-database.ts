import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { z } from 'zod';
import { parsePlan } from '@/core/exchange/plan';
import { parseRigging } from '@/core/exchange/rigging';
import type { Result } from '@/core/result';
import { strengthSchema } from '@/core/securement/schema';
import { migrate } from '@/db/migrate';
import { type Database, pool, transaction } from '@/db/pool';
import { anyCrew, insertCrew, insertMember, ROLES } from '@/db/queries/crews';
import { insertPlan } from '@/db/queries/plans';
import { insertRigging } from '@/db/queries/riggings';
import { hashPassword } from '@/server/session';

/** Brings the database up to date; with --demo loads the demo when the database is empty. */

const DEMO = fileURLToPath(new URL('../demo', import.meta.url));
const read = (file: string): unknown => JSON.parse(readFileSync(path.join(DEMO, file), 'utf8'));
const peopleSchema = z.object({
  password: z.string(), crews: z.array(z.object({ name: z.string(), people: z.array(z.tuple([z.string(), z.enum(ROLES)])) })),
});
const fileSchema = z.object({ crew: z.string(), plan: z.unknown().optional(), rigging: z.unknown().optional() });

interface Home { readonly crewId: string; readonly memberId: string }

/** Keeps every document of a folder in its crew. */
async function loadFolder<D>(folder: 'plans' | 'riggings', crews: ReadonlyMap<string, Home>, parse: (input: unknown) => Result<D>, keep: (home: Home, document: D) => Promise<unknown>): Promise<void> {
  for (const file of readdirSync(path.join(DEMO, folder)).sort().reverse()) {
    const { crew, plan, rigging } = fileSchema.parse(read(`${folder}/${file}`));
    const parsed = parse(plan ?? rigging);
    const home = crews.get(crew);
    if (!parsed.ok || !home) throw new Error(`demo/${folder}/${file}: ${parsed.ok ? `no crew ${crew}` : JSON.stringify(parsed.issues)}`);
    await keep(home, parsed.value);
  }
}

async function loadDemo(db: Database): Promise<void> {
  const people = peopleSchema.parse(read('people.json'));
  const passwordHash = await hashPassword(people.password);
  const crews = new Map<string, Home>();
  for (const crew of people.crews) {
    const crewId = await insertCrew(db, { name: crew.name, strength: strengthSchema.parse({}), demo: true });
    for (const [name, role] of crew.people) {
      const memberId = await insertMember(db, crewId, { name, role, passwordHash, demo: true });
      if (!crews.has(crew.name)) crews.set(crew.name, { crewId, memberId });
    }
  }
  await loadFolder('plans', crews, parsePlan, (home, plan) => insertPlan(db, home.crewId, home.memberId, plan));
  await loadFolder('riggings', crews, parseRigging, (home, rigging) => insertRigging(db, home.crewId, home.memberId, rigging));
}

const url = process.env['DATABASE_URL'];
if (!url) throw new Error('DATABASE_URL is not set');
await migrate(url);
if (process.argv.includes('--demo') && !(await anyCrew(pool()))) await transaction(loadDemo);
await pool().end();
