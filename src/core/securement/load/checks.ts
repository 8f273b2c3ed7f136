import type { z } from 'zod';
import type { LoadUnit } from './schema';

type Path = (string | number)[];

/** Refuses a place of a document by a code. */
export const refuse = (
  context: z.RefinementCtx,
  path: Path,
  code: string,
  values: Record<string, string | number> = {},
): void => context.addIssue({ code: 'custom', message: code, path, params: { code, values } });

/** Refuses a list whose items share an id: references would be ambiguous. */
export function uniqueIds(
  list: readonly { id: string }[],
  context: z.RefinementCtx,
  path: (string | number)[],
): void {
  const seen = new Set<string>();
  list.forEach((item, i) => {
    if (seen.has(item.id)) refuse(context, [...path, i, 'id'], 'id-twice', { id: item.id });
    seen.add(item.id);
  });
}

/** What a unit stands on must be there, and must not stand on it in turn. */
function standing(units: readonly LoadUnit[], context: z.RefinementCtx): void {
  const under = new Map(units.map((u) => [u.id, u.on.kind === 'unit' ? u.on.unitId : null]));
  units.forEach((unit, i) => {
    if (unit.on.kind !== 'unit') return;
    const path = ['units', i, 'on', 'unitId'];
    if (!under.has(unit.on.unitId)) {
      refuse(context, path, 'unit-not-there', { id: unit.on.unitId });
      return;
    }
    let below: string | null | undefined = unit.on.unitId;
    for (let steps = 0; below && below !== unit.id && steps < units.length; steps++)
      below = under.get(below);
    if (below) refuse(context, path, 'stands-on-itself', { id: unit.id });
  });
}

/** What units must be to each other, under `units` of a document: told apart, and standing on something. */
export function checkUnits(units: readonly LoadUnit[], context: z.RefinementCtx): void {
  uniqueIds(units, context, ['units']);
  standing(units, context);
}
