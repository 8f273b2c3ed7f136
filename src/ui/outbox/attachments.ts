import type { OutboxEntry } from './outbox';

/** Pictures are too much for where records are kept: they lie in the browser's own database, under the key of their record. */

const photosOf = (body: unknown): unknown[] =>
  typeof body === 'object' && body !== null && 'photos' in body && Array.isArray(body.photos)
    ? body.photos
    : [];

/** Fetched with the first picture. */
const store = () => import('idb-keyval');

/** Puts the pictures of a record away. @returns the record without them */
export async function detached<E extends Pick<OutboxEntry, 'key' | 'body'>>(
  entry: E,
): Promise<E & { readonly attached: boolean }> {
  const photos = photosOf(entry.body);
  if (photos.length === 0) return { ...entry, attached: false };
  await (await store()).set(entry.key, photos);
  return { ...entry, body: { ...(entry.body as object), photos: [] }, attached: true };
}

/** The body of a record as it is sent. */
export async function attachedBody({ key, body, attached }: OutboxEntry): Promise<unknown> {
  if (!attached) return body;
  const photos = await (await store()).get<unknown[]>(key);
  return { ...(body as object), photos: photos ?? [] };
}

/** Lets go of the pictures of records that are not kept any more. */
export async function dropPhotos(
  before: readonly OutboxEntry[],
  after: readonly OutboxEntry[],
): Promise<void> {
  const gone = before.filter((e) => e.attached && !after.some((a) => a.key === e.key));
  if (gone.length > 0) await (await store()).delMany(gone.map((e) => e.key));
}
