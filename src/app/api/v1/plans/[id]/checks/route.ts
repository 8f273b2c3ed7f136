import { pool } from '@/db/pool';
import { planById } from '@/db/queries/plans';
import { checkPage, recentChecks } from '@/db/queries/road-checks';
import { API } from '@/server/api/endpoints';
import { documentId, readMarker, recorded, writeMarker } from '@/server/documents';
import { once } from '@/server/once';
import { clockOf, recordCheck } from '@/server/road-checks';
import { answer, route } from '@/server/route';

export const GET = route(API.listChecks, async ({ request, params, member: { crewId } }) => {
  const id = documentId(params);
  const { document } = await planById(pool(), crewId, id);
  const after = readMarker(new URL(request.url).searchParams, true);
  const { checks, next } = await checkPage(pool(), crewId, id, after);
  const clock = await clockOf(pool(), crewId, document, await recentChecks(pool(), crewId, id));
  return answer(API.listChecks, { checks, clock, next: writeMarker(next) });
});

export const POST = route(API.recordCheck, async (call) => {
  const { params, body, member, now } = call;
  const id = documentId(params);
  return once(call, async (db) =>
    recorded(API.recordCheck, await recordCheck(db, member, id, body, now), 201),
  );
});
