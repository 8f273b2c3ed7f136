import { ENTRY_IDS, type EntryId } from '../entry-ids';
import { depthOf, LEADS, leadsFrom, leadsTo } from './leads';

/** Where a knot stands on the map: its column by how much it builds on, its row from the top. */
export interface Place {
  readonly id: EntryId;
  readonly column: number;
  readonly row: number;
}

/** Passes that pull each knot toward those it is joined to. */
const PASSES = 6;

const mean = (rows: readonly number[]): number => rows.reduce((sum, r) => sum + r, 0) / rows.length;

/**
 * All knots that build on others or lead to some, in columns; within a column each as near as may be to those it is joined
 * to (barycentres, taken a few times from left to right and back).
 */
export function knotMap(): {
  readonly places: readonly Place[];
  readonly alone: readonly EntryId[];
} {
  const joined = ENTRY_IDS.filter((id) => LEADS.some((l) => l.from === id || l.to === id));
  const columns: EntryId[][] = [];
  for (const id of joined) (columns[depthOf(id)] ??= []).push(id);
  const rowOf = (id: EntryId): number => columns[depthOf(id)]!.indexOf(id);
  for (let pass = 0; pass < PASSES; pass++)
    for (const column of pass % 2 === 0 ? columns : columns.toReversed()) {
      const wish = new Map(
        column.map((id) => {
          const near = [...leadsTo(id).map((l) => l.from), ...leadsFrom(id).map((l) => l.to)];
          return [id, mean(near.map(rowOf))] as const;
        }),
      );
      column.sort((a, b) => wish.get(a)! - wish.get(b)!);
    }
  return {
    places: columns.flatMap((ids, column) => ids.map((id, row) => ({ id, column, row }))),
    alone: ENTRY_IDS.filter((id) => !joined.includes(id)),
  };
}
