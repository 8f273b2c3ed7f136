import { transaction } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { recordGear } from '@/server/gear';
import { json, route } from '@/server/route';

export const POST = route(API.recordCuts, async ({ body, member, now }) =>
  json(
    {
      gear: await transaction(async (db) => {
        const done = [];
        // In one order everywhere, so that two plans over the same ropes wait for each other instead of locking up.
        for (const cut of body.cuts.toSorted((a, b) => (a.gearId < b.gearId ? -1 : 1))) {
          done.push(
            await recordGear(
              db,
              member,
              cut.gearId,
              { kind: 'cut', pieces: cut.pieces, scrapM: cut.scrapM, damageGone: false },
              now,
            ),
          );
        }
        return done;
      }),
    },
    201,
  ),
);
