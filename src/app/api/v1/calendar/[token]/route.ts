import { API } from '@/server/api/endpoints';
import { calendarOf } from '@/server/calendar';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.calendar, async ({ params, now }) =>
  fileResponse(
    await calendarOf(params['token'] ?? '', now),
    'text/calendar; charset=utf-8',
    'inspections.ics',
  ),
);
