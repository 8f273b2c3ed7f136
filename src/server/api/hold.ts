import type { z } from 'zod';
import { sideContacts } from '@/core/securement/load/contacts';
import { placeUnits } from '@/core/securement/load/placed';
import { unitName } from '@/core/securement/load/describe';
import { HoldSearch } from '@/core/securement/hold/limit';
import { holdProblem } from '@/core/securement/hold/load-model';
import { mechanismOf, movingBodies } from '@/core/securement/hold/mechanism';
import type { HoldLine, HoldProblem } from '@/core/securement/hold/problem';
import { motionAt } from '@/core/securement/hold/programme';
import { wholeLoadOf } from '@/core/securement/hold/statics-load';
import type { StaticsBox } from '@/core/securement/rules/rule-set';
import { mechanismClause } from '@/wording/mechanism';
import type { holdBody } from './hold-schemas';

type Body = z.infer<typeof holdBody>;
type Place = Body['lines'][number]['legs'][number]['at'];

const spot = ({ fromFrontM, fromCentreM, heightM }: Place) => ({
  x: -fromFrontM,
  y: fromCentreM,
  z: heightM,
});

/** A line by its legs, as statics takes it. */
function lineOf(line: Body['lines'][number], at: ReadonlyMap<string, number>): HoldLine {
  return {
    id: line.id,
    leastN: line.leastN,
    mostN: line.mostN,
    ratios: line.ratios,
    legs: line.legs.map((l) => {
      const [from, to] = [spot(l.at), spot(l.to)];
      const d = { x: to.x - from.x, y: to.y - from.y, z: to.z - from.z };
      const n = Math.hypot(d.x, d.y, d.z) || 1;
      return {
        body: at.get(l.unitId)!,
        at: from,
        pull: { x: d.x / n, y: d.y / n, z: d.z / n },
        stretch: l.stretch,
      };
    }),
  };
}

const box = (weightPart: number): StaticsBox => ({
  id: 'asked',
  clause: '',
  strength: 'working',
  requiredG: { forward: 0, rearward: 0, left: 0, right: 0 },
  weightPart,
});

function directionOut(
  search: HoldSearch,
  problem: HoldProblem,
  names: readonly string[],
  angleRad: number,
) {
  const motion = motionAt(angleRad);
  const limit = search.limit(motion);
  const mechanism = mechanismOf(problem, limit, motion);
  const { moving } = limit ? movingBodies(problem, limit) : { moving: [] };
  return {
    angleRad,
    heldG: limit?.heldG ?? null,
    weightG: limit?.weightG ?? null,
    mechanism,
    mechanismInWords: mechanismClause(mechanism),
    moving: moving.map((k) => names[k]!),
    lines: limit?.lines ?? [],
    boards: limit?.boards ?? [],
    twists: limit?.twists?.map((t, k) => ({ unit: names[k]!, ...t })) ?? null,
  };
}

/** What statics hold of units where they stand, direction by direction: limit, mechanism, and what each line adds for each newton. */
export function computeHold(body: Body) {
  const load = placeUnits(body.units);
  const part = wholeLoadOf(load, body.deck);
  const bare = holdProblem(part, box(body.weightPart), {
    end: 'worst',
    present: true,
    cone: 'inscribed',
  })!;
  const at = new Map(part.bodies.map((b, i) => [b.id, i]));
  const problem = { ...bare, lines: body.lines.map((l) => lineOf(l, at)) };
  const search = new HoldSearch(problem);
  const names = body.units.map(unitName);
  const standing = part.bodies.map((b) => ({
    kind: 'stands' as const,
    unit: b.id,
    on: b.onId,
    corners: b.feet,
  }));
  return {
    contacts: [
      ...standing,
      ...sideContacts(load).map((c) => ({
        kind: 'side' as const,
        unit: c.to,
        on: c.from,
        corners: c.corners,
      })),
    ],
    directions: body.anglesRad.map((a) => directionOut(search, problem, names, a)),
  };
}
