import { pool } from '@/db/pool';
import { signOffById } from '@/db/queries/sign-offs';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { answer, route } from '@/server/route';
import { shown } from '@/server/training';

export const GET = route(API.signOffById, async ({ params, member: { crewId } }) =>
  answer(API.signOffById, shown(await signOffById(pool(), crewId, documentId(params)))),
);
