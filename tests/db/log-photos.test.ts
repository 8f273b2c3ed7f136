/** Pictures of the log in the database: what is kept of them, and what is refused. */
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type pg from 'pg';
import { newEntrySchema } from '@/core/log/schema';
import { NotFoundError, transaction } from '@/db/pool';
import { photoBytes } from '@/db/queries/log-photos';
import type { Member } from '@/db/queries/members';
import { pictures } from '@/server/log-book/photos';
import { recordEntry } from '@/server/log-book/record';
import { freshDatabase, memberOf } from '../support/database';
import { refused } from '../support/refused';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
let ours: Member;
let theirs: Member;

beforeAll(async () => {
  db = await freshDatabase();
  pool = db.pool;
  [ours, theirs] = [await memberOf(pool, 'Ours'), await memberOf(pool, 'Theirs')];
});
afterAll(() => db.close());

describe('a picture', () => {
  const image = () =>
    sharp({ create: { width: 2400, height: 600, channels: 3, background: '#808080' } });
  it('is kept small, upright, and without where it was taken', async () => {
    const taken = await image()
      .withExif({ IFD3: { GPSLatitude: '51/1 30/1 0/1', GPSLatitudeRef: 'N' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    expect((await sharp(taken).metadata()).exif).toBeDefined();
    const sent = newEntrySchema.parse({
      entry: { kind: 'note', what: 'See.' },
      photos: [taken.toString('base64')],
    });
    const kept = await pictures(sent.photos);
    const made = await transaction((c) => recordEntry(c, ours, sent, kept, new Date()), pool);
    expect(made.photos).toMatchObject([{ widthPx: 400, heightPx: 1600 }]);
    const bytes = await photoBytes(pool, ours.crewId, made.photos[0]!.id);
    const meta = await sharp(bytes).metadata();
    expect([meta.format, meta.exif, meta.orientation]).toEqual(['jpeg', undefined, undefined]);
    expect(bytes.includes('GPS')).toBe(false);
    await expect(photoBytes(pool, theirs.crewId, made.photos[0]!.id)).rejects.toThrow(
      NotFoundError,
    );
  });
  it('is what it is, not what it is called', async () => {
    const refusedPicture = (bytes: Buffer) => refused(pictures([bytes.toString('base64')]));
    const svg = Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script/></svg>',
    );
    expect(await refusedPicture(svg)).toBe('photo-unreadable');
    expect(await refusedPicture(Buffer.from('<html>no</html>'))).toBe('photo-unreadable');
    const whole = await image().jpeg().toBuffer();
    expect(await refusedPicture(whole.subarray(0, whole.length / 2))).toBe('photo-unreadable');
    expect(await refusedPicture(await image().gif().toBuffer())).toBe('photo-unreadable');
    const bomb = await sharp({
      create: { width: 9000, height: 9000, channels: 3, background: '#000' },
    })
      .png({ compressionLevel: 9 })
      .toBuffer();
    expect(await refusedPicture(bomb)).toBe('photo-unreadable');
    expect(await refusedPicture(Buffer.alloc(3_000_001))).toBe('photo-too-large');
  });
});
