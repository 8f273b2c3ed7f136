import { pool } from '@/db/pool';
import { logEntry } from '@/db/queries/log-entries';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { answer, route } from '@/server/route';

export const GET = route(API.logEntry, async ({ params, member }) =>
  answer(API.logEntry, await logEntry(pool(), member.crewId, documentId(params))),
);
