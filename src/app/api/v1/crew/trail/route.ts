import { validate as isUuid } from 'uuid';
import { pool } from '@/db/pool';
import { auditPage } from '@/db/queries/crew-links';
import { API } from '@/server/api/endpoints';
import { refuse } from '@/server/problem';
import { answer, route } from '@/server/route';

export const GET = route(API.crewTrail, async ({ request, member }) => {
  const after = new URL(request.url).searchParams.get('after');
  if (after !== null && !isUuid(after)) throw refuse(422, 'cursor-invalid', {}, ['after']);
  return answer(API.crewTrail, await auditPage(pool(), member.crewId, after));
});
