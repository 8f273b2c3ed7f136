import { API } from '@/server/api/endpoints';
import { recordGear } from '@/server/gear';
import { once } from '@/server/once';
import { route } from '@/server/route';

export const POST = route(API.recordCuts, async (call) => {
  const { body, member, now } = call;
  return once(call, async (db) => {
    const gear = [];
    // In one order everywhere, so that two plans over the same ropes wait for each other instead of locking up.
    for (const { gearId, pieces, scrapM } of body.cuts.toSorted((a, b) =>
      a.gearId < b.gearId ? -1 : 1,
    ))
      gear.push(
        await recordGear(
          db,
          member,
          gearId,
          { kind: 'cut', pieces, scrapM, damageGone: false },
          now,
        ),
      );
    return { status: 201, body: { gear } };
  });
});
