import { pool, transaction } from '@/db/pool';
import { planRevision } from '@/db/queries/plans';
import { nameRevision, rawDocument } from '@/db/queries/revisions';
import { API } from '@/server/api/endpoints';
import { documentId, documentVersion } from '@/server/documents';
import { answer, route } from '@/server/route';

export const GET = route(API.planRevision, async ({ params, member }) => {
  const [id, version] = [documentId(params), documentVersion(params)];
  await rawDocument(pool(), 'plan', member.crewId, id);
  return answer(API.planRevision, await planRevision(pool(), member.crewId, id, version));
});

export const PUT = route(API.namePlanRevision, async ({ params, body, member }) => {
  const [id, version] = [documentId(params), documentVersion(params)];
  await transaction(async (db) => {
    await rawDocument(db, 'plan', member.crewId, id);
    await nameRevision(db, 'plan', member.crewId, id, version, body.name);
  });
  return answer(API.namePlanRevision, { ok: true });
});
