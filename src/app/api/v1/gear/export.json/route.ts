import { LOCKER_FORMAT } from '@/core/exchange/locker';
import { pool } from '@/db/pool';
import { gearHistories } from '@/db/queries/gear-events';
import { allGear } from '@/db/queries/gear-list';
import { API } from '@/server/api/endpoints';
import { rowOf } from '@/server/gear-import';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.exportGearJson, async ({ member }) => {
  const items: unknown[] = [];
  const unreadable: unknown[] = [];
  for await (const batch of allGear(pool(), member.crewId)) {
    const histories = await gearHistories(
      pool(),
      member.crewId,
      batch.gear.map((g) => g.id),
    );
    for (const g of batch.gear) items.push({ ...rowOf(g), history: histories.get(g.id) ?? [] });
    unreadable.push(...batch.unreadable);
  }
  return fileResponse(
    `${JSON.stringify({ format: LOCKER_FORMAT, version: 1, items, ...(unreadable.length > 0 ? { unreadable } : {}) }, null, 1)}\n`,
    'application/json',
    'rope-locker.json',
  );
});
