import { validate as isUuid } from 'uuid';
import { pool } from '@/db/pool';
import { partFacts } from '@/db/queries/kept-parts';
import { MOST_UNITS } from '@/core/securement/vocabulary';
import { API } from '@/server/api/endpoints';
import { refuse } from '@/server/problem';
import { answer, route } from '@/server/route';

/** One deck and its units, and then no more. */
const MOST = MOST_UNITS + 1;

export const GET = route(API.keptStanding, async ({ request, member }) => {
  const asked = new URL(request.url).searchParams.get('ids') ?? '';
  const ids = asked.split(',').filter((id) => isUuid(id));
  if (ids.length > MOST) throw refuse(422, 'too-big', { most: MOST, what: 'array' }, ['ids']);
  const facts = await partFacts(pool(), member.crewId, ids);
  return answer(API.keptStanding, {
    decks: facts.flatMap(([id, f]) => ('deck' in f ? [{ id, ...f }] : [])),
    loads: facts.flatMap(([id, f]) => ('unit' in f ? [{ id, ...f }] : [])),
  });
});
