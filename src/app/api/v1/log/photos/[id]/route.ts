import { pool } from '@/db/pool';
import { photoBytes } from '@/db/queries/log-photos';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { route } from '@/server/route';

/** A picture never changes: who has seen it once need not ask again. */
export const GET = route(API.logPhoto, async ({ params, member }) => {
  const jpeg = await photoBytes(pool(), member.crewId, documentId(params));
  return new Response(new Uint8Array(jpeg), {
    headers: {
      'content-type': 'image/jpeg',
      'cache-control': 'private, max-age=31536000, immutable',
      'x-content-type-options': 'nosniff',
    },
  });
});
