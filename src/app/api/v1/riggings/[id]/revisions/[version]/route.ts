import { pool, transaction } from '@/db/pool';
import { riggingRevision } from '@/db/queries/riggings';
import { nameRevision, rawDocument } from '@/db/queries/revisions';
import { API } from '@/server/api/endpoints';
import { documentId, documentVersion } from '@/server/documents';
import { answer, route } from '@/server/route';

export const GET = route(API.riggingRevision, async ({ params, member }) => {
  const [id, version] = [documentId(params), documentVersion(params)];
  await rawDocument(pool(), 'rigging', member.crewId, id);
  return answer(API.riggingRevision, await riggingRevision(pool(), member.crewId, id, version));
});

export const PUT = route(API.nameRiggingRevision, async ({ params, body, member }) => {
  const [id, version] = [documentId(params), documentVersion(params)];
  await transaction(async (db) => {
    await rawDocument(db, 'rigging', member.crewId, id);
    await nameRevision(db, 'rigging', member.crewId, id, version, body.name);
  });
  return answer(API.nameRiggingRevision, { ok: true });
});
