import { lineShape } from '@/core/securement/route/shape';
import { placeUnits } from '@/core/securement/load/placed';
import { type Plan, parsePlan } from '@/core/securement/plan';

/** A unit as it would be sent: a box of a tonne unless it says otherwise. Lengths m. */
export const unitBody = (id: string, more: Record<string, unknown> = {}) => ({
  id,
  name: id,
  massKg: 1000,
  lengthM: 1,
  widthM: 1,
  heightM: 1,
  cgHeightM: 0.5,
  cgForwardM: 0,
  cgLeftM: 0,
  friction: { known: 'entered', mu: 0.4 },
  ...more,
});

export const ringBody = (
  id: string,
  fromFrontM: number,
  fromCentreM: number,
  more: Record<string, unknown> = {},
) => ({
  id,
  name: `ring ${id}`,
  fromFrontM,
  fromCentreM,
  rating: { state: 'rated', wllN: 50_000 },
  ...more,
});

/** A webbing line with a ratchet that keeps what its label promises. */
export const lineBody = (
  id: string,
  ends: readonly string[],
  units: readonly string[],
  more: Record<string, unknown> = {},
) => ({
  id,
  name: id,
  kind: 'over',
  units,
  settling: 0,
  elements: [
    ...ends
      .slice(0, 1)
      .map((anchorId) => ({ id: 'a', kind: 'anchor', at: { on: 'deck', anchorId } })),
    { id: 'w', kind: 'webbing', widthM: 0.05, markedWllN: 25_000 },
    {
      id: 't',
      kind: 'ratchet',
      rating: { state: 'rated', wllN: 25_000 },
      standardTensionN: 3000,
    },
    ...ends.slice(1).map((anchorId) => ({ id: 'b', kind: 'anchor', at: { on: 'deck', anchorId } })),
  ],
  ...more,
});

/** An end of a line that is made fast to a unit. */
export const lugBody = (id: string) => ({
  id,
  kind: 'anchor',
  at: { on: 'own', name: 'lug', rating: { state: 'rated', wllN: 50_000 } },
});

/** A plan of version 2 on a wide deck, parsed. */
export function planOf(
  units: readonly Record<string, unknown>[],
  lines: readonly Record<string, unknown>[] = [],
  anchors: readonly Record<string, unknown>[] = [],
  more: Record<string, unknown> = {},
): Plan {
  const parsed = parsePlan({
    format: 'vast-cleat/plan',
    version: 2,
    title: 'several',
    ruleSet: 'eu-road',
    units,
    deck: { name: 'deck', lengthM: 20, widthM: 6, anchors },
    lines,
    ...more,
  });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  return parsed.value;
}

/** The shape of a plan's first line. */
export const firstShape = (plan: Plan) =>
  lineShape(plan.lines[0]!, placeUnits(plan.units), plan.deck);
