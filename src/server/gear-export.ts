import type { GearRow } from '@/core/exchange/gear-csv/columns';
import { writeGearTable } from '@/core/exchange/gear-csv/write';
import { LOCKER_FORMAT } from '@/core/exchange/locker';
import { startOf } from '@/core/gear/history';
import type { Database } from '@/db/pool';
import type { StoredGear } from '@/db/queries/gear';
import { csvText, jsonList } from './export-text';
import { gearHistories } from '@/db/queries/gear-events';
import { allGear } from '@/db/queries/gear-list';

/** A row of an export: where a thing was moved to goes with it. */
const rowOf = (g: StoredGear): GearRow => ({
  gear: { ...g.document, place: g.standing.place },
  start: startOf(g.standing),
});

/** Everything a crew has as a table that spreadsheets read and no spreadsheet runs, some rows at a time. */
export async function* exportCsv(db: Database, crewId: string): AsyncGenerator<string> {
  yield csvText(writeGearTable([]));
  for await (const { gear } of allGear(db, crewId))
    if (gear.length > 0) yield csvText(writeGearTable(gear.map(rowOf)).slice(1));
}

/** A whole locker with its history, one thing a line, some things at a time. What cannot be read goes with it as it is kept. */
export async function* exportLocker(db: Database, crewId: string): AsyncGenerator<string> {
  const unreadable: unknown[] = [];
  async function* items(): AsyncGenerator<unknown> {
    for await (const batch of allGear(db, crewId)) {
      unreadable.push(...batch.unreadable);
      const ids = batch.gear.map((g) => g.id);
      const histories = await gearHistories(db, crewId, ids);
      for (const g of batch.gear) yield { ...rowOf(g), history: histories.get(g.id) ?? [] };
    }
  }
  yield `{"format":${JSON.stringify(LOCKER_FORMAT)},"version":1,"items":`;
  yield* jsonList(items());
  if (unreadable.length > 0) yield `,"unreadable":${JSON.stringify(unreadable)}`;
  yield '}\n';
}
