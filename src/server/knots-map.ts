import { entryOf } from '@/core/knot/catalogue';
import type { Step } from '@/core/knot/catalogue/entry';
import type { EntryId } from '@/core/knot/entry-ids';
import { LEADS, leadsFrom, leadsTo, wayTo } from '@/core/knot/lead-ins/leads';
import { knotMap, type Place } from '@/core/knot/lead-ins/map';
import type { ShippedForm } from '@/core/knot/shape/frames';
import { stageData } from './knots';

interface Named {
  readonly id: EntryId;
  readonly name: string;
}

/** The map, and the knot that is looked at on it. */
export interface KnotMapData {
  readonly places: readonly (Place & { readonly name: string })[];
  readonly leads: readonly { readonly from: EntryId; readonly to: EntryId }[];
  readonly alone: readonly Named[];
  readonly looked: {
    readonly knot: Named;
    readonly purpose: string;
    readonly way: readonly Named[];
    readonly buildsOn: readonly (Named & { readonly changes: string; readonly step: number })[];
    readonly leadsTo: readonly (Named & { readonly changes: string })[];
    readonly steps: readonly Step[];
    readonly shipped: ShippedForm;
  } | null;
}

const named = (id: EntryId): Named => ({ id, name: entryOf(id)!.name });

/** The map of what builds on what; `id`: the knot that is looked at, if there is such a knot. */
export async function knotMapData(id: string | undefined): Promise<KnotMapData> {
  const { places, alone } = knotMap();
  const entry = id === undefined ? null : entryOf(id);
  const stage = entry && (await stageData(entry.id));
  return {
    places: places.map((p) => ({ ...p, name: named(p.id).name })),
    leads: LEADS.map(({ from, to }) => ({ from, to })),
    alone: alone.map(named),
    looked:
      entry && stage
        ? {
            knot: named(entry.id),
            purpose: entry.purpose,
            way: wayTo(entry.id).map(named),
            buildsOn: leadsTo(entry.id).map((l) => ({
              ...named(l.from),
              changes: l.changes,
              step: l.step,
            })),
            leadsTo: leadsFrom(entry.id).map((l) => ({ ...named(l.to), changes: l.changes })),
            steps: stage.form.steps,
            shipped: stage.shipped,
          }
        : null,
  };
}
