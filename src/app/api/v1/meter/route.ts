import { API } from '@/server/api/endpoints';
import { meterQuery, meterSlots, meterStream } from '@/server/meter';
import { route } from '@/server/route';

export const GET = route(API.meter, async ({ request, member }) => {
  const query = meterQuery(new URL(request.url).searchParams);
  const giveBack = await meterSlots.take(member.id);
  return new Response(
    meterStream(query, () => void giveBack(), request.signal),
    {
      headers: {
        'content-type': 'text/event-stream',
        'cache-control': 'no-store, no-transform',
        'x-accel-buffering': 'no',
      },
    },
  );
});

/** What a stream would be like, without one: whoever only asks for its head takes no slot. */
export const HEAD = route(API.meter, async ({ request }) => {
  meterQuery(new URL(request.url).searchParams);
  return new Response(null, {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' },
  });
});
