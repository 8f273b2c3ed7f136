import { pool } from '@/db/pool';
import { endCalendarFeed } from '@/db/queries/calendar';
import { API } from '@/server/api/endpoints';
import { makeCalendar } from '@/server/calendar';
import { answer, route } from '@/server/route';

export const POST = route(API.makeCalendar, async ({ member, now }) =>
  answer(API.makeCalendar, { path: await makeCalendar(member, now) }, 201),
);

export const DELETE = route(API.endCalendar, async ({ member }) => {
  await endCalendarFeed(pool(), member.id);
  return answer(API.endCalendar, { ok: true });
});
