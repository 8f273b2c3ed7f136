import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { recorded } from '@/server/documents';
import { keepTying, tiedWanted, tyingsOf } from '@/server/drills/tying';
import { once } from '@/server/once';
import { answer, route } from '@/server/route';

export const GET = route(API.tyings, async ({ request, member }) => {
  const asked = new URL(request.url).searchParams.get('skill');
  return answer(API.tyings, await tyingsOf(pool(), member, tiedWanted(asked)));
});

export const POST = route(API.tie, async (call) =>
  once(call, async (db) =>
    recorded(API.tie, await keepTying(db, call.member, call.body, call.now), 201),
  ),
);
