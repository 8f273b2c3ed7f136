import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { transaction } from '@/db/pool';
import { knotWords, knotWordsOfCrew, saveKnotWords } from '@/db/queries/knot-words';
import { crewWith, freshDatabase } from '../support/database';

let db: Awaited<ReturnType<typeof freshDatabase>>;
beforeAll(async () => {
  db = await freshDatabase();
  process.env['DATABASE_URL'] = db.url;
});
afterAll(() => db.close());

describe('a crew’s words for knots', () => {
  it('are kept by crew and version; whoever comes second is told what was saved first', async () => {
    const [ours, theirs] = [await crewWith(db.pool, 'Ours'), await crewWith(db.pool, 'Theirs')];
    const by = { crewId: ours.crewId, memberId: ours.memberId };
    const said = { entry: 'bowline', version: 0, names: ['yard loop'], note: 'Stopper on it.' };
    expect((await knotWords(db.pool, ours.crewId, 'bowline')).version).toBe(0);
    const first = await transaction((t) => saveKnotWords(t, by, said));
    expect(first).toMatchObject({ version: 1, names: ['yard loop'], note: 'Stopper on it.' });
    await expect(transaction((t) => saveKnotWords(t, by, said))).rejects.toMatchObject({
      current: { version: 1 },
    });
    const second = await transaction((t) =>
      saveKnotWords(t, by, { ...said, version: 1, names: [] }),
    );
    expect(second).toMatchObject({ version: 2, names: [] });
    await expect(
      transaction((t) => saveKnotWords(t, by, { ...said, version: 1 })),
    ).rejects.toMatchObject({ current: { version: 2 } });
    expect(await knotWordsOfCrew(db.pool, theirs.crewId)).toEqual([]);
    expect((await knotWordsOfCrew(db.pool, ours.crewId)).map((w) => w.entry)).toEqual(['bowline']);
  });
});
