/** Lines led by hand: their ends from anchor to anchor, their points along edges, and new ones pulled over what lies between. */
import { loadEnd, newElement } from '../../line/compose';
import { kindOf } from '../../line/elements';
import type { LineElement } from '../../line/schema';
import { freshLine, MIDDLE, onDeckEnd } from '../compose';
import type { Point } from '../leg';
import { chordOf, nearestOn, type Spot } from '../load/outline';
import { type Placed, placeUnits } from '../load/placed';
import type { Plan } from '../plan';
import { isRunOfLegs } from '../route/run';
import { lineShape } from '../route/shape';
import { anchorPoint, endAnchor, endIndex, type LineEnd } from './ends';
import type { DeckAnchor, Line, RoutePoint } from '../schema';
import { type LineMake, MOST_LINES } from '../vocabulary';

const tidy = (m: number): number => Math.round(m * 1e4) / 1e4 + 0;
const routePoint = (unitId: string, { x, y, z }: Point): RoutePoint => ({
  unitId,
  fromFrontM: tidy(Math.max(0, -x)),
  fromCentreM: tidy(y),
  heightM: tidy(Math.max(0, z)),
});

/** Units that a straight line from one place to another crosses as seen from above, in its order. */
function crossed(load: readonly Placed[], from: Spot, to: Spot): Placed[] {
  const far = Math.hypot(to.x - from.x, to.y - from.y);
  if (far === 0) return [];
  const along = { x: (to.x - from.x) / far, y: (to.y - from.y) / far };
  return load
    .flatMap((placed) => {
      const chord = chordOf(placed.outline, from, along);
      return chord && chord[0] < far && chord[1] > 0 ? [{ placed, at: chord[0] }] : [];
    })
    .sort((a, b) => a.at - b.at)
    .map((c) => c.placed);
}

/** Of the units a line would cross, those it would lie on; all of them where its way is not known. */
function touched(
  line: Line,
  over: readonly Placed[],
  plan: Plan,
  load: readonly Placed[],
): string[] {
  const all = over.map((p) => p.unit.id);
  const { pulls } = lineShape({ ...line, units: all }, load, plan.deck);
  return pulls.length === 0 ? all : all.filter((id) => pulls.some((p) => p.unitId === id));
}

/** A new line from anchor to anchor over what lies between them; null where nothing does, or the plan has no more room. */
export function lineOver(plan: Plan, fromId: string, toId: string, make: LineMake): Line | null {
  const [a, b] = [fromId, toId].map((id) => plan.deck.anchors.find((x) => x.id === id));
  if (!a || !b || fromId === toId || plan.lines.length >= MOST_LINES) return null;
  const load = placeUnits(plan.units);
  const over = crossed(load, anchorPoint(a), anchorPoint(b));
  if (over.length === 0) return null;
  const elements: LineElement[] = [onDeckEnd('a', fromId)];
  for (const kind of MIDDLE[make]) elements.push(newElement(kind, elements));
  elements.push(onDeckEnd('b', toId));
  const line = freshLine(plan.lines, { name: `Over ${plan.lines.length + 1}`, elements, make });
  return { ...line, units: touched(line, over, plan, load) };
}

/** A new line from an anchor to a unit, made fast where it is nearest to a place on it; null where the plan has no more room. */
export function lineTo(
  plan: Plan,
  fromId: string,
  unitId: string,
  near: Spot | null,
  make: LineMake,
): Line | null {
  const from = plan.deck.anchors.find((x) => x.id === fromId);
  const unit = placeUnits(plan.units).find((p) => p.unit.id === unitId);
  if (!from || !unit || plan.lines.length >= MOST_LINES) return null;
  const at = nearestOn(unit.outline, near ?? anchorPoint(from));
  const elements: LineElement[] = [onDeckEnd('a', fromId)];
  for (const kind of MIDDLE[make]) if (kind !== 'edge') elements.push(newElement(kind, elements));
  elements.push(loadEnd('b'));
  const line = freshLine(plan.lines, { name: `Direct ${plan.lines.length + 1}`, elements, make });
  const point = routePoint(unitId, { ...at, z: (unit.baseM + unit.topM) / 2 });
  return { ...line, kind: 'direct', units: [unitId], points: [point] };
}

/** A line with one of its ends led to another anchor. */
export function ledTo(line: Line, end: LineEnd, anchorId: string): Line {
  const at = endIndex(line, end);
  if (at < 0 || endAnchor(line, end) === anchorId) return line;
  return {
    ...line,
    elements: line.elements.map((e, i) =>
      i === at && e.kind === 'anchor' ? { ...e, at: { on: 'deck', anchorId } } : e,
    ),
  };
}

/** A line led on: over the hook where it ended to another anchor, one rope over both; it names what the new leg lies on too. */
export function ledOn(plan: Plan, line: Line, anchorId: string): Line {
  const hookId = endAnchor(line, 'last');
  const anchor = (id: string): DeckAnchor | undefined => plan.deck.anchors.find((a) => a.id === id);
  if (hookId === null || hookId === anchorId || line.kind !== 'over') return line;
  const [hook, next] = [anchor(hookId), anchor(anchorId)];
  if (!hook || !next) return line;
  const hauled = line.elements.findIndex(
    (e) => kindOf(e).hauling !== undefined || kindOf(e).tension !== undefined,
  );
  const before = hauled < 0 ? endIndex(line, 'last') : hauled;
  const turn = { ...newElement('hook', line.elements), anchorId: hookId } as LineElement;
  const elements = line.elements.toSpliced(before, 0, turn);
  const over = crossed(placeUnits(plan.units), anchorPoint(hook), anchorPoint(next));
  const added = over.map((p) => p.unit.id).filter((id) => !line.units.includes(id));
  return ledTo(
    { ...line, elements, points: [], units: [...line.units, ...added] },
    'last',
    anchorId,
  );
}

/** Whether the places where a line lies on the load can be taken hold of. */
export const canBeBent = (line: Line): boolean =>
  line.angle.by === 'anchors' && !isRunOfLegs(line.elements);

/** The points of a line's route: as entered, or where a tight line lies; none where nobody knows. */
export function pointsOf(
  line: Line,
  plan: Pick<Plan, 'deck'>,
  load: readonly Placed[],
): RoutePoint[] {
  if (line.points.length > 0 || line.kind !== 'over' || !canBeBent(line)) return line.points;
  const { pulls } = lineShape(line, load, plan.deck);
  return pulls.flatMap(({ leg, unitId }) => (leg.at ? [routePoint(unitId, leg.at)] : []));
}

/** A line with one of its points elsewhere on the rim of its unit: what lies over it stays on its top, what pulls at it keeps its height unless one is given. */
export function bentTo(
  plan: Plan,
  line: Line,
  index: number,
  to: Spot,
  heightM: number | null = null,
): Line {
  const load = placeUnits(plan.units);
  const points = pointsOf(line, plan, load);
  const point = points[index];
  const unit = load.find((p) => p.unit.id === point?.unitId);
  if (!point || !unit) return line;
  const z =
    line.kind === 'over'
      ? unit.topM
      : Math.min(unit.topM, Math.max(unit.baseM, heightM ?? point.heightM));
  const at = routePoint(point.unitId, { ...nearestOn(unit.outline, to), z });
  return { ...line, points: points.map((p, i) => (i === index ? at : p)) };
}
