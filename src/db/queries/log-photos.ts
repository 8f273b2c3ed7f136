import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import type { PhotoOf } from '@/core/log/kept';
import { type Database, many, one } from '../pool';

/** A picture as it is kept. */
export interface PhotoToKeep {
  readonly jpeg: Buffer;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** Keeps the pictures of an entry. Call inside the transaction that adds it. */
export async function addPhotos(
  db: Database,
  crewId: string,
  entryId: string,
  photos: readonly PhotoToKeep[],
): Promise<void> {
  for (const [place, { jpeg, widthPx, heightPx }] of photos.entries())
    await db.query(
      'INSERT INTO log_photo (id, crew_id, entry_id, place, width_px, height_px, jpeg) VALUES ($1, $2, $3, $4, $5, $6, $7)',
      [uuid(), crewId, entryId, place, widthPx, heightPx, jpeg],
    );
}

/** SQL of the pictures of some entries, without themselves. $1 crew, $2 entries */
export const PHOTOS_SQL =
  'SELECT id, entry_id, width_px, height_px FROM log_photo WHERE crew_id = $1 AND entry_id = ANY($2) ORDER BY entry_id, place';

/** The pictures of some entries, without themselves. */
export async function photosOf(
  db: Database,
  crewId: string,
  entryIds: readonly string[],
): Promise<ReadonlyMap<string, PhotoOf[]>> {
  const rows = await many(
    db,
    z.object({ id: z.uuid(), entry_id: z.uuid(), width_px: z.number(), height_px: z.number() }),
    PHOTOS_SQL,
    [crewId, entryIds],
  );
  const photos = new Map<string, PhotoOf[]>();
  for (const r of rows)
    photos.set(r.entry_id, [
      ...(photos.get(r.entry_id) ?? []),
      { id: r.id, widthPx: r.width_px, heightPx: r.height_px },
    ]);
  return photos;
}

/** A picture itself. @throws NotFoundError */
export const photoBytes = async (db: Database, crewId: string, id: string): Promise<Buffer> =>
  (
    await one(
      db,
      z.object({ jpeg: z.instanceof(Buffer) }),
      'SELECT jpeg FROM log_photo WHERE id = $2 AND crew_id = $1',
      [crewId, id],
    )
  ).jpeg;
