import { pool } from '@/db/pool';
import { signOffById } from '@/db/queries/sign-offs';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { badge } from '@/server/records/records';
import { fileResponse, route } from '@/server/route';
import { shown } from '@/server/training';

export const GET = route(API.badge, async ({ params, member }) => {
  const signed = shown(await signOffById(pool(), member.crewId, documentId(params)));
  const json = JSON.stringify(await badge(pool(), member, signed), null, 2);
  return fileResponse(`${json}\n`, 'application/json', 'badge.json');
});
