/** A crew's own courses in the database: whose they are, who saves first, how people stand by one, what a plan makes of its id. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type Course, courseSchema } from '@/core/training/standing/course';
import { ConflictError, NotFoundError, transaction } from '@/db/pool';
import { holdParts, partById, partFacts, partPage } from '@/db/queries/kept-parts';
import { type Member, ROLES } from '@/db/queries/members';
import { changePart, keepPart, removePart } from '@/server/kept-parts';
import { may } from '@/server/permissions';
import { standingOfCrew } from '@/server/training';
import { freshDatabase, memberOf } from '../support/database';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
let ours: Member;
let theirs: Member;
const NOW = new Date('2026-11-30T10:00:00.000Z');

beforeAll(async () => {
  db = await freshDatabase();
  pool = db.pool;
  [ours, theirs] = [await memberOf(pool, 'Ours'), await memberOf(pool, 'Theirs')];
});
afterAll(() => db.close());

const course = (skills: readonly string[], title = 'New at the yard'): Course =>
  courseSchema.parse({ format: 'vast-cleat/course', version: 1, title, skills });
const keep = (who: Member, document: Course) =>
  transaction((c) => keepPart(c, 'course', who, document, NOW), pool);

describe('a course', () => {
  it('is written by leads and instructors, read by everybody', () => {
    expect(ROLES.filter((role) => may(role, 'course.write'))).toEqual(['lead', 'instructor']);
    expect(ROLES.filter((role) => may(role, 'skill.read'))).toEqual([...ROLES]);
  });
  it('is its crew’s alone; whoever saves second is told what was saved first', async () => {
    const kept = await keep(ours, course(['reef/plain', 'bowline/facing-away']));
    await expect(partById(pool, 'course', theirs.crewId, kept.id)).rejects.toThrow(NotFoundError);
    // An id is of one kind.
    await expect(partById(pool, 'deck', ours.crewId, kept.id)).rejects.toThrow(NotFoundError);
    const change = (version: number, skills: string[]) =>
      transaction(
        (c) => changePart(c, 'course', ours, kept.id, version, course(skills), NOW),
        pool,
      );
    const saved = await change(1, ['bowline/facing-away', 'reef/plain']);
    expect([saved.version, saved.document.skills[0]]).toEqual([2, 'bowline/facing-away']);
    await expect(change(1, ['reef/plain'])).rejects.toThrow(ConflictError);
    const listed = async () =>
      (await partPage(pool, 'course', ours.crewId, { search: '', after: null })).parts;
    expect((await listed()).map((p) => p.id)).toEqual([kept.id]);
    await transaction((c) => removePart(c, 'course', ours, kept.id, true), pool);
    expect(await listed()).toEqual([]);
    await expect(standingOfCrew(pool, ours.crewId, kept.id, NOW)).rejects.toThrow(NotFoundError);
    await transaction((c) => removePart(c, 'course', ours, kept.id, false), pool);
    expect(await listed()).toHaveLength(1);
  });
  it('says how people stand in its skills, in its order, with what each builds on in it', async () => {
    const skills = ['slip-loop/plain', 'truckers-hitch/slip-loop', 'reckon/hauling'];
    const { id } = await keep(ours, course(skills, 'Tensioning'));
    const standing = await standingOfCrew(pool, ours.crewId, id, NOW);
    expect(standing.course).toBe(id);
    expect(standing.skills.map((s) => s.id)).toEqual(skills);
    expect(standing.skills[1]!.comesBefore).toEqual(['Slip loop']);
    expect(standing.courses.filter((c) => c.own).map((c) => c.title)).toContain('Tensioning');
    for (const nothing of ['no-such-course', '', theirs.crewId])
      await expect(standingOfCrew(pool, ours.crewId, nothing, NOW)).rejects.toThrow(NotFoundError);
    expect((await standingOfCrew(pool, ours.crewId, null, NOW)).course).toBe('transport');
  });
  it('is nothing that a plan could take: its id is as one that is not there', async () => {
    const { id } = await keep(ours, course(['reef/plain'], 'Not a deck'));
    expect(await partFacts(pool, ours.crewId, [id])).toEqual([]);
    expect([...(await transaction((c) => holdParts(c, ours.crewId, [id]), pool))]).toEqual([]);
  });
});
