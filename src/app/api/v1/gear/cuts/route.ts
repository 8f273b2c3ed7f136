import type { HistoryBody } from '@/core/gear/events';
import { API } from '@/server/api/endpoints';
import { recorded } from '@/server/documents';
import { recordGear, standingOn } from '@/server/gear';
import { once } from '@/server/once';
import { route } from '@/server/route';

type Cut = Extract<HistoryBody, { kind: 'cut' }>;
const cut = (pieces: Cut['pieces'], scrapM: number): Cut => ({
  kind: 'cut',
  pieces,
  scrapM,
  damageGone: false,
});

export const POST = route(API.recordCuts, async (call) => {
  const { body, member, now } = call;
  return once(call, async (db) => {
    const gear = [];
    // In one order everywhere, so that two plans over the same ropes wait for each other instead of locking up.
    for (const { gearId, pieces, scrapM } of body.cuts.toSorted((a, b) =>
      a.gearId < b.gearId ? -1 : 1,
    ))
      gear.push(standingOn(await recordGear(db, member, gearId, cut(pieces, scrapM), now), now));
    return recorded(API.recordCuts, { gear }, 201);
  });
});
