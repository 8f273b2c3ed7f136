import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { signOffsCsv } from '@/server/records/records';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.exportSignOffsCsv, async ({ member }) =>
  fileResponse(signOffsCsv(pool(), member.crewId), 'text/csv; charset=utf-8', 'sign-offs.csv'),
);
