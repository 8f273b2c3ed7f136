import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { KNOT_IDS } from '@/core/knot/knots';
import { skillOfKnot } from '@/core/training/standing/plan-skills';
import { pointsOf } from '@/core/training/standing/skills';
import { saveCrewSettings, crewSettings } from '@/db/queries/crews';
import { type Member, ROLES } from '@/db/queries/members';
import { LAST_SQL, signOffPage, signOffPageSql } from '@/db/queries/sign-offs';
import { hashPassword } from '@/server/passwords';
import { may } from '@/server/permissions';
import { peopleForPlan, revoke, signOff, standingOfCrew } from '@/server/training';
import { crewOfRoles, freshDatabase } from '../support/database';
import { demoPlan } from '../support/demo';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let passwordHash: string;
const PASSWORD = 'a good long one';

beforeAll(async () => {
  db = await freshDatabase();
  process.env['DATABASE_URL'] = db.url;
  passwordHash = await hashPassword(PASSWORD);
});
afterAll(() => db.close());

const crew = (name: string) => crewOfRoles(db.pool, name, passwordHash);

const SKILL = 'bowline/facing-away' as const;
const NOW = new Date('2026-03-01T09:00:00Z');
const later = (days: number): Date => new Date(NOW.getTime() + days * 86_400_000);
const at = (now = NOW) => ({ who: '127.0.0.1', device: undefined, now });
const seen = (memberId: string, over: Record<string, unknown> = {}) => ({
  memberId,
  skill: SKILL,
  points: pointsOf(SKILL).map(() => true),
  times: 3,
  under: ['on-a-bar' as const, 'gloves' as const],
  note: '',
  password: PASSWORD,
  ...over,
});
/** How somebody stands in the bowline. */
async function stands(who: Member, now: Date) {
  const { skills, people } = await standingOfCrew(db.pool, who.crewId, 'transport', now);
  const i = skills.findIndex((s) => s.id === SKILL);
  return people.find((p) => p.id === who.id)!.standing[i]!.state;
}

describe('signing for somebody', () => {
  it('is for leads and instructors only', () => {
    expect(ROLES.filter((role) => may(role, 'skill.sign'))).toEqual(['lead', 'instructor']);
    expect(ROLES.filter((role) => may(role, 'skill.read'))).toEqual([...ROLES]);
  });
  it('nobody for themselves, of whatever role; the database would not take it either', async () => {
    const people = await crew('Self');
    for (const role of ['lead', 'instructor'] as const) {
      await expect(
        signOff(db.pool, people[role], seen(people[role].id), at()),
      ).rejects.toMatchObject({ issues: [{ code: 'sign-self' }] });
      await expect(
        db.pool.query(
          `INSERT INTO sign_off (id, crew_id, member_id, skill, signed_at, signed_by, body)
           VALUES (gen_random_uuid(), $1, $2, 's', now(), $2, '{}')`,
          [people[role].crewId, people[role].id],
        ),
      ).rejects.toThrow('sign_off_by_somebody_else');
    }
  });
  it('with the own password and every point right; for nobody of another crew', async () => {
    const { instructor, trainee } = await crew('Ours');
    const others = await crew('Others');
    const refused = (over: Record<string, unknown>, code: string) =>
      expect(signOff(db.pool, instructor, seen(trainee.id, over), at())).rejects.toMatchObject({
        issues: [{ code }],
      });
    await refused({ password: 'not it at all' }, 'password-wrong');
    await refused({ points: pointsOf(SKILL).map((_, i) => i > 0) }, 'points-open');
    await refused({ points: [true] }, 'points-open');
    await expect(signOff(db.pool, instructor, seen(others.trainee.id), at())).rejects.toThrow();
    const signed = await signOff(db.pool, instructor, seen(trainee.id), at());
    expect(signed).toMatchObject({
      title: 'Bowline (facing away)',
      signedBy: instructor.name,
      times: 3,
      revoked: null,
    });
    expect(signed.points).toHaveLength(pointsOf(SKILL).length);
    await expect(revoke(others.lead, signed.id, 'not ours', NOW)).rejects.toThrow();
  });
  it('role by role: missing, current, lapsing, lapsed, signed anew, taken back, signed anew', async () => {
    const people = await crew('Stand');
    for (const role of ROLES.filter((r) => r !== 'instructor')) {
      const who = people[role];
      expect(await stands(who, NOW)).toBe('missing');
      await signOff(db.pool, people.instructor, seen(who.id), at());
      expect(await stands(who, NOW)).toBe('current');
      expect(await stands(who, later(340))).toBe('lapsing');
      expect(await stands(who, later(365))).toBe('lapsed');
      const anew = await signOff(db.pool, people.instructor, seen(who.id), at(later(366)));
      expect(await stands(who, later(366))).toBe('current');
      if (role === 'lead')
        await expect(revoke(who, anew.id, 'I know better', later(367))).rejects.toMatchObject({
          issues: [{ code: 'sign-self' }],
        });
      const taken = await revoke(people.instructor, anew.id, 'Ties it wrong since.', later(367));
      expect(taken.revoked).toMatchObject({ by: people.instructor.name });
      // The older one is not made good again.
      expect(await stands(who, later(367))).toBe('revoked');
      await expect(
        revoke(people.instructor, anew.id, 'Once more.', later(368)),
      ).rejects.toMatchObject({ issues: [{ code: 'revoked-before' }] });
      await signOff(db.pool, people.instructor, seen(who.id), at(later(370)));
      expect(await stands(who, later(370))).toBe('current');
    }
  });
  it('is good for the crew’s own period', async () => {
    const { lead, instructor, trainee } = await crew('Period');
    await signOff(db.pool, instructor, seen(trainee.id), at());
    const now = await crewSettings(db.pool, lead.crewId);
    await saveCrewSettings(db.pool, lead.crewId, {
      ...now,
      intervals: { ...now.intervals, signOffMonths: 2 },
    });
    expect(await stands(trainee, later(50))).toBe('lapsing');
    expect(await stands(trainee, later(62))).toBe('lapsed');
  });
  it('stays as it was made: nothing is changed or taken away', async () => {
    for (const table of ['sign_off', 'sign_off_revocation'])
      for (const sql of [
        `UPDATE ${table} SET crew_id = crew_id`,
        `DELETE FROM ${table}`,
        `TRUNCATE ${table} CASCADE`,
      ])
        await expect(db.pool.query(sql), sql).rejects.toThrow();
  });
});

describe('who can do a plan', () => {
  it('is whoever is current in every knot of its lines; where nobody is, it says so', async () => {
    const { lead, instructor, trainee, hand } = await crew('Plan');
    const plan = demoPlan('carousel-crate');
    const before = await peopleForPlan(db.pool, lead.crewId, plan, NOW);
    expect(before.kept).toBe(false);
    expect(before.skills.length).toBeGreaterThan(0);
    for (const { id } of before.skills)
      for (const who of [trainee, hand])
        if (who === trainee || id !== before.skills[0]!.id)
          await signOff(
            db.pool,
            instructor,
            seen(who.id, { skill: id, points: pointsOf(id as typeof SKILL).map(() => true) }),
            at(),
          );
    const after = await peopleForPlan(db.pool, lead.crewId, plan, NOW);
    expect(after).toMatchObject({ kept: true, able: [trainee.name] });
    expect(after.skills[0]!.current).toEqual([trainee.name]);
    const taught = KNOT_IDS.filter((k) => skillOfKnot(k) !== null);
    const tied = after.tied.map(skillOfKnot).filter((s) => s !== null);
    // Of what is taught only what somebody is current in; what is not taught here nobody can sign for.
    expect(new Set(tied)).toEqual(new Set(after.skills.map((s) => s.id)));
    expect(after.tied.length).toBeGreaterThanOrEqual(KNOT_IDS.length - taught.length);
    const lapsed = await peopleForPlan(db.pool, lead.crewId, plan, later(400));
    expect(lapsed.able).toEqual([]);
    expect(lapsed.skills.every((s) => s.current.length === 0)).toBe(true);
  });
});

describe('lists of sign-offs', () => {
  it('page by key, newest first; every query goes by an index', async () => {
    const { instructor, trainee, hand } = await crew('List');
    for (let i = 0; i < 34; i++)
      await db.pool.query(
        `INSERT INTO sign_off (id, crew_id, member_id, skill, signed_at, signed_by, body)
         VALUES (gen_random_uuid(), $1, $2, $3, $4, $5, $6)`,
        [
          trainee.crewId,
          i % 2 ? trainee.id : hand.id,
          SKILL,
          later(Math.floor(i / 3)),
          instructor.id,
          { points: [], times: 3, under: ['on-a-bar'], note: '' },
        ],
      );
    const first = await signOffPage(db.pool, trainee.crewId, null, null);
    const second = await signOffPage(db.pool, trainee.crewId, null, first.next);
    const ids = [...first.signOffs, ...second.signOffs].map((s) => s.id);
    expect([ids.length, new Set(ids).size, second.next]).toEqual([34, 34, null]);
    expect((await signOffPage(db.pool, trainee.crewId, hand.id, null)).signOffs).toHaveLength(17);
    const client = await db.pool.connect();
    try {
      await client.query('SET enable_seqscan = off');
      for (const [sql, values] of [
        [LAST_SQL, [trainee.crewId, null]],
        [signOffPageSql(31), [trainee.crewId, null, null, null]],
      ] as const) {
        const { rows } = await client.query<{ 'QUERY PLAN': string }>(`EXPLAIN ${sql}`, [
          ...values,
        ]);
        expect(rows.map((r) => r['QUERY PLAN']).join('\n')).not.toMatch(/Seq Scan on sign_off/);
      }
    } finally {
      client.release();
    }
  });
});
