import { type FrozenPlan, freeze, type LineMake, makeOf } from '@/core/log/frozen';
import { type Facts, factsSchema } from '@/core/log/kept';
import type { Written } from '@/core/log/schema';
import type { Check } from '@/core/securement/road/schema';
import type { LineState } from '@/core/securement/road/vocabulary';
import { assess } from '@/core/securement/assess';
import { gearIdOf, gearIdsOf, partIdsOf } from '@/core/securement/locker-word';
import type { Plan } from '@/core/securement/plan';
import type { Database } from '@/db/pool';
import { gearByIds } from '@/db/queries/gear';
import { membersOfCrew } from '@/db/queries/members';
import { factsOf } from '@/db/queries/plan-gear';
import { planById, planRevision } from '@/db/queries/plans';
import { refuse } from '../problem';

interface Made {
  readonly planId: string | null;
  readonly facts: Facts;
}
type Shown = Pick<Plan, 'title' | 'deck' | 'lines'>;

const planFact = (id: string, version: number, { title, deck }: Shown): Facts['plan'] => ({
  id,
  title,
  version,
  deck: deck.name,
});

/** The things of the locker some lines are of, by the tags they wear today; what was never in this locker is left out. */
async function gearFacts(
  db: Database,
  crewId: string,
  ids: readonly string[],
): Promise<Facts['gear']> {
  const { gear } = await gearByIds(db, crewId, [...new Set(ids)]);
  return gear.map((g) => ({ id: g.id, code: g.document.code }));
}

const ownGear = (lines: Plan['lines']): string[] =>
  lines.flatMap((l) => l.elements.map(gearIdOf).filter((id) => id !== null));

const facts = (some: Partial<Facts>): Facts => ({ ...factsSchema.parse({}), ...some });

/** Somebody of the crew each, once. @throws Refusal 422 with the place */
async function peopleFacts(
  db: Database,
  crewId: string,
  ids: readonly string[],
): Promise<Facts['people']> {
  if (ids.length === 0) return [];
  const all = new Map((await membersOfCrew(db, crewId, 0)).map((m) => [m.id, m.name]));
  return [...new Set(ids)].map((id, i) => {
    const name = all.get(id);
    if (name === undefined) throw refuse(422, 'nobody-of-crew', {}, ['entry', 'people', i]);
    return { id, name };
  });
}

const linesFound = (
  plan: Shown,
  found: ReadonlyMap<string, LineState | null>,
): (LineMake & { state: LineState | null })[] =>
  plan.lines.flatMap((l) => (found.has(l.id) ? [{ ...makeOf(l), state: found.get(l.id)! }] : []));

/** Facts of a check: how each line that was looked at was found, and what it is made of. */
export async function factsOfCheck(
  db: Database,
  crewId: string,
  planId: string,
  version: number,
  plan: Plan,
  { lines }: Check,
): Promise<Facts> {
  const seen = new Set(lines.map((l) => l.lineId));
  return facts({
    plan: planFact(planId, version, plan),
    lines: linesFound(plan, new Map(lines.map((l) => [l.lineId, l.state]))),
    gear: await gearFacts(db, crewId, ownGear(plan.lines.filter((l) => seen.has(l.id)))),
  });
}

/** A version of a plan with its figures as the locker has it now. @throws NotFoundError, UnreadableError */
async function frozenOf(
  db: Database,
  crewId: string,
  id: string,
  version: number,
): Promise<{ readonly plan: Plan; readonly frozen: FrozenPlan }> {
  await planById(db, crewId, id);
  const plan = await planRevision(db, crewId, id, version);
  const locker = await factsOf(db, crewId, gearIdsOf(plan), partIdsOf(plan));
  return { plan, frozen: freeze(plan, version, assess(plan, locker)) };
}

async function ofSecurement(
  db: Database,
  crewId: string,
  { planId, planVersion, people }: Extract<Written, { kind: 'securement' }>,
): Promise<Made> {
  const { plan, frozen } = await frozenOf(db, crewId, planId, planVersion);
  const lines = linesFound(plan, new Map(plan.lines.map((l) => [l.id, null])));
  return {
    planId,
    facts: facts({
      plan: planFact(planId, planVersion, plan),
      frozen,
      lines,
      gear: await gearFacts(db, crewId, gearIdsOf(plan)),
      people: await peopleFacts(db, crewId, people),
    }),
  };
}

/** The plan an entry names, as it is now, and the line of it. @throws Refusal 422 for a line that is not on it, NotFoundError */
async function planNamed(
  db: Database,
  crewId: string,
  planId: string,
  lineId: string | null,
  state: LineState | null,
): Promise<Pick<Facts, 'plan' | 'lines'> & { readonly own: string[] }> {
  const { document: plan, version } = await planById(db, crewId, planId);
  const line = plan.lines.find((l) => l.id === lineId);
  if (lineId !== null && !line)
    throw refuse(422, 'line-not-there', { id: lineId }, ['entry', 'lineId']);
  return {
    plan: planFact(planId, version, plan),
    lines: line ? linesFound(plan, new Map([[line.id, state]])) : [],
    own: line ? ownGear([line]) : [],
  };
}

/** Things of the locker that are named must be the crew's. @throws Refusal 422 with the place */
async function gearNamed(
  db: Database,
  crewId: string,
  ids: readonly string[],
): Promise<Facts['gear']> {
  const found = await gearFacts(db, crewId, ids);
  const missing = ids.findIndex((id) => !found.some((g) => g.id === id));
  if (missing >= 0) throw refuse(422, 'gear-not-there', {}, ['entry', 'gearIds', missing]);
  return found;
}

/**
 * What is so of an entry when it is made: of which plan, lines, ropes and people it speaks, and the figures of a securement.
 * @throws Refusal 422 with the place, NotFoundError
 */
export async function factsOfWritten(db: Database, crewId: string, entry: Written): Promise<Made> {
  if (entry.kind === 'securement') return ofSecurement(db, crewId, entry);
  if (entry.kind === 're-tension') {
    const { own, ...named } = await planNamed(db, crewId, entry.planId, entry.lineId, 're-hauled');
    return {
      planId: entry.planId,
      facts: facts({ ...named, gear: await gearFacts(db, crewId, own) }),
    };
  }
  const lineId = entry.kind === 'incident' ? entry.lineId : null;
  if (entry.planId === null && lineId !== null)
    throw refuse(422, 'line-of-no-plan', {}, ['entry', 'lineId']);
  const named =
    entry.planId === null ? null : await planNamed(db, crewId, entry.planId, lineId, null);
  const given = await gearNamed(db, crewId, entry.gearIds);
  const own = named ? await gearFacts(db, crewId, named.own) : [];
  return {
    planId: entry.planId,
    facts: facts({
      ...(named ? { plan: named.plan, lines: named.lines } : {}),
      gear: [...new Map([...given, ...own].map((g) => [g.id, g])).values()],
    }),
  };
}
