import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { statementsJson } from '@/server/records/records';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.exportStatements, async ({ member }) =>
  fileResponse(statementsJson(pool(), member.crewId), 'application/json', 'statements.json'),
);
