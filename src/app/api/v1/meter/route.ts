import { API } from '@/server/api/endpoints';
import { meterQuery, meterStream } from '@/server/meter';
import { route } from '@/server/route';

export const GET = route(
  API.meter,
  async ({ request }) =>
    new Response(meterStream(meterQuery(new URL(request.url).searchParams), request.signal), {
      headers: {
        'content-type': 'text/event-stream',
        'cache-control': 'no-store, no-transform',
        'x-accel-buffering': 'no',
      },
    }),
);
