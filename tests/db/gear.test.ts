import { describe, expect, it } from 'vitest';
import { monthsLater } from '@/core/gear/due';
import { ConflictError, NotFoundError, transaction } from '@/db/pool';
import { crewSettings, saveCrewSettings } from '@/db/queries/crews';
import { gearByCode, gearById } from '@/db/queries/gear';
import { gearHistory } from '@/db/queries/gear-events';
import { dueByDay } from '@/db/queries/gear-list';
import { changeGear, enterGear } from '@/server/gear';
import {
  NOW,
  pool,
  ours,
  theirs,
  memberOf,
  rope,
  start,
  enter,
  record,
  inspection,
  refusalOf,
  withTwoCrews,
} from '../support/locker-database';

withTwoCrews();

describe('things and their history', () => {
  it('come back as they were put in, for their crew alone; a tag is worn once in a crew', async () => {
    const { id } = await enter('A-1');
    expect(await gearById(pool, ours.crewId, id)).toMatchObject({
      version: 1,
      document: rope('A-1'),
      dueOn: '2027-04-01',
      standing: { condition: 'good', remainingM: 30 },
    });
    await expect(gearById(pool, theirs.crewId, id)).rejects.toThrow(NotFoundError);
    expect(await gearByCode(pool, theirs.crewId, 'A-1')).toBeNull();
    expect((await gearByCode(pool, ours.crewId, ' a-1 '))!.id).toBe(id);
    expect(await refusalOf(enter('A-1'))).toBe('code-taken');
    await enter('A-1', {}, theirs);
    await expect(record(id, inspection, theirs)).rejects.toThrow(NotFoundError);
    expect(await gearHistory(pool, theirs.crewId, id)).toEqual([]);
  });
  it('the history cannot be changed, deleted or emptied, by anybody who speaks SQL', async () => {
    const { id } = await enter('A-2');
    await record(id, inspection);
    await expect(
      pool.query(`UPDATE gear_event SET body = '{}' WHERE gear_id = $1`, [id]),
    ).rejects.toThrow('append-only');
    await expect(pool.query('DELETE FROM gear_event WHERE gear_id = $1', [id])).rejects.toThrow(
      'append-only',
    );
    await expect(pool.query('TRUNCATE gear_event')).rejects.toThrow('append-only');
    expect(await gearHistory(pool, ours.crewId, id)).toHaveLength(2);
  });
  it('is only corrected by a later entry, and both stay', async () => {
    const { id } = await enter('A-3');
    await record(id, { kind: 'retired', reason: 'wrong tag read' });
    expect(await refusalOf(record(id, inspection))).toBe('gear-retired');
    const entry = (await gearHistory(pool, ours.crewId, id)).at(-1)!;
    const after = await record(id, {
      kind: 'corrected',
      corrects: entry.id,
      instead: null,
      reason: 'that was A-4',
    });
    expect(after.standing.state).toBe('in-service');
    expect((await gearHistory(pool, ours.crewId, id)).map((e) => e.body.kind)).toEqual([
      'entered',
      'retired',
      'corrected',
    ]);
  });
  it('an inspection that did not see the incident is refused, and the incident stays', async () => {
    const { id } = await enter('A-30');
    const [before] = await gearHistory(pool, ours.crewId, id);
    await record(id, { kind: 'incident', what: 'shock' });
    expect(await refusalOf(record(id, { ...inspection, seen: before!.id }))).toBe('history-moved');
    expect((await gearById(pool, ours.crewId, id)).standing.suspect).toBe(true);
    await record(id, inspection);
    expect((await gearById(pool, ours.crewId, id)).standing.suspect).toBe(false);
  });
  it('how it was entered cannot lie: inspected tomorrow, more left than there was', async () => {
    const with_ = (part: Record<string, unknown>) =>
      refusalOf(
        transaction(
          (c) => enterGear(c, ours, { gear: rope('A-31'), start: start(part) }, NOW, false),
          pool,
        ),
      );
    expect(await with_({ lastInspectedOn: '2027-01-01' })).toBe('inspected-in-future');
    expect(await with_({ remainingM: 31 })).toBe('left-over-length');
    expect(await with_({ suspect: true })).toBe('admitted');
    const kept = await gearByCode(pool, ours.crewId, 'A-31');
    expect(kept!.standing.suspect).toBe(true);
  });
  it('two who record at once both stand in it; a cut never takes more than there is', async () => {
    const { id } = await enter('A-5');
    const cut = {
      kind: 'cut' as const,
      pieces: [{ lengthM: 12, what: '' }],
      scrapM: 0,
      damageGone: false,
    };
    const results = await Promise.allSettled(Array.from({ length: 5 }, () => record(id, cut)));
    expect(results.filter((r) => r.status === 'fulfilled')).toHaveLength(2);
    expect((await gearById(pool, ours.crewId, id)).standing.remainingM).toBe(6);
  });
  it('of many who change the label at once one wins', async () => {
    const { id } = await enter('A-6');
    const results = await Promise.allSettled(
      Array.from({ length: 5 }, (_, i) =>
        transaction(
          (c) => changeGear(c, ours, id, 1, rope('A-6', { place: `peg ${i}` }), false),
          pool,
        ),
      ),
    );
    expect(results.filter((r) => r.status === 'fulfilled')).toHaveLength(1);
    expect(
      results
        .filter((r) => r.status === 'rejected')
        .every((r) => (r as PromiseRejectedResult).reason instanceof ConflictError),
    ).toBe(true);
  });
  it('of two who change the crew’s settings the second is shown what the first saved', async () => {
    const who = await memberOf('Settings');
    const begun = await crewSettings(pool, who.crewId);
    const save = (designFactor: number) =>
      transaction(
        (c) =>
          saveCrewSettings(c, who.crewId, {
            ...begun,
            strength: { ...begun.strength, designFactor },
          }),
        pool,
      );
    expect(await save(12)).toMatchObject({ version: 2, strength: { designFactor: 12 } });
    const refused: unknown = await save(5).catch((e: unknown) => e);
    expect(refused).toBeInstanceOf(ConflictError);
    expect((refused as ConflictError<unknown>).current).toMatchObject({
      version: 2,
      strength: { designFactor: 12 },
    });
    expect((await crewSettings(pool, who.crewId)).strength.designFactor).toBe(12);
  });
  it('what a crew’s interval moves is due accordingly, to the day that is computed elsewhere', async () => {
    const who = await memberOf('Intervals');
    const day = '2026-08-31';
    const [normal, daily] = await Promise.all(
      (['normal', 'daily'] as const).map((use) =>
        transaction(
          (c) =>
            enterGear(
              c,
              who,
              { gear: rope(`I-${use}`, { use }), start: start({ lastInspectedOn: day }) },
              NOW,
              false,
            ),
          pool,
        ),
      ),
    );
    await transaction(
      async (c) =>
        saveCrewSettings(c, who.crewId, {
          ...(await crewSettings(c, who.crewId)),
          intervals: { normalMonths: 18, dailyMonths: 6, checkMinutes: 180, signOffMonths: 12 },
        }),
      pool,
    );
    expect((await gearById(pool, who.crewId, normal!.id)).dueOn).toBe(monthsLater(day, 18));
    expect((await gearById(pool, who.crewId, daily!.id)).dueOn).toBe(monthsLater(day, 6));
    expect(await dueByDay(pool, who.crewId, '2027-12-31')).toEqual([
      { day: '2027-02-28', codes: ['I-DAILY'] },
    ]);
  });
});
