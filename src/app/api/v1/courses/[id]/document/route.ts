import { pool } from '@/db/pool';
import { rawDocument } from '@/db/queries/revisions';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.courseDocument, async ({ params, member }) => {
  const id = documentId(params);
  const document = await rawDocument(pool(), 'kept_part', member.crewId, id);
  return fileResponse(JSON.stringify(document, null, 1), 'application/json', `${id}.json`);
});
