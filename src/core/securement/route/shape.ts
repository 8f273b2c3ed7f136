import type { LineElement } from '../../line/schema';
import { type DeckEnd, type Leg, type Point, pullOf, type RouteProblem } from '../leg';
import { contains } from '../load/outline';
import type { Placed } from '../load/placed';
import type { Deck, Line, RoutePoint } from '../schema';
import type { Direction } from '../vocabulary';
import { overBox } from './over-box';
import { overSection } from './over-section';
import { type Path, pathOf, type Touch, type UnitPull } from './path';
import { isRunOfLegs, runPath, stopsOf } from './run';

/** A line as geometry sees it. */
export interface LineShape {
  /** Its pulls, unit by unit. */
  readonly pulls: readonly UnitPull[];
  /** Its legs to the anchors: what it does to the load as a whole. */
  readonly legs: readonly Leg[];
  readonly routeLengthM: number | null;
  /** Its ends lie on different sides of the vehicle; null: not known. */
  readonly crosses: boolean | null;
  readonly problem: RouteProblem | null;
  /** How far the tensions before and after each unit it lies on may differ; 1: equal. */
  readonly ratios: readonly number[];
}

const NO_ROUTE = { pulls: [], legs: [], routeLengthM: null, crosses: null, ratios: [] } as const;
const unplaced = (problem: RouteProblem): LineShape => ({ ...NO_ROUTE, problem });

/** Horizontal unit vector that resists motion in a direction (it points the other way). */
const RESISTS: Record<Direction, readonly [forward: number, left: number]> = {
  forward: [-1, 0],
  rearward: [1, 0],
  left: [0, -1],
  right: [0, 1],
};
const TOWARD: Record<Direction, readonly [forward: number, left: number]> = {
  forward: [1, 0],
  rearward: [-1, 0],
  left: [0, 1],
  right: [0, -1],
};

/** Ids of the deck's anchors that a line's elements name, whether the deck has them or not. */
export const namedAnchorIds = (elements: readonly LineElement[]): string[] =>
  elements.flatMap((e) => (e.kind === 'anchor' && e.at.on === 'deck' ? [e.at.anchorId] : []));

/** Anchors of a line that belong to the deck, first to last. */
function deckEnds(line: Line, deck: Pick<Deck, 'anchors'>): DeckEnd[] {
  return namedAnchorIds(line.elements).flatMap((id) => endOf(id, deck));
}

/** An anchor of the deck where it is; none: it is not there. */
function endOf(id: string, deck: Pick<Deck, 'anchors'>): DeckEnd[] {
  const found = deck.anchors.find((a) => a.id === id);
  return found
    ? [{ id, at: { x: -found.fromFrontM, y: found.fromCentreM, z: found.heightM } }]
    : [];
}

/** Measuring on a deck is no finer than this. */
const MEASURING_M = 0.02;

function isAt(at: Point, { box, outline, baseM, topM, unit }: Placed): boolean {
  const inPlan =
    unit.turnRad === 0
      ? at.x <= box.front + MEASURING_M &&
        at.x >= box.rear - MEASURING_M &&
        at.y <= box.left + MEASURING_M &&
        at.y >= box.right - MEASURING_M
      : contains(outline, at, MEASURING_M);
  return inPlan && at.z <= topM + MEASURING_M && (baseM === 0 || at.z >= baseM - MEASURING_M);
}

/** The ends on two sides of the vehicle; without two ends on the deck nobody knows. */
const crossing = (ends: readonly DeckEnd[]): boolean | null =>
  ends.length === 2 ? ends[0]!.at.y * ends[1]!.at.y < 0 : null;

/** A leg by its entered angles, or null when nobody said to which side it leans. */
function enteredLeg(line: Line): Pick<Leg, 'sinAlpha' | 'cosAlpha' | 'forward' | 'left'> | null {
  if (line.angle.by !== 'entered') return null;
  const { alphaRad, betaRad, restrains, leans } = line.angle;
  const leaning = Math.abs(Math.sin(betaRad)) > 1e-9 && line.kind !== 'over';
  const [f, l] = RESISTS[restrains];
  const [lf, ll] = leans === null ? [0, 0] : TOWARD[leans];
  // A lean along the restrained direction itself says nothing about the side.
  if (leaning && (leans === null || Math.abs(f * lf + l * ll) > 0.5)) return null;
  const [c, s] = [Math.cos(betaRad), leaning ? Math.sin(betaRad) : 0];
  return {
    sinAlpha: Math.sin(alphaRad),
    cosAlpha: Math.cos(alphaRad),
    forward: f * c + lf * s,
    left: l * c + ll * s,
  };
}

const spot = ({ fromFrontM, fromCentreM, heightM }: RoutePoint): Point => ({
  x: -fromFrontM,
  y: fromCentreM,
  z: heightM,
});

/** The pulls of legs that all belong to one unit. */
const pullsOf = (legs: readonly Leg[], unitId: string): UnitPull[] =>
  legs.map((leg, stretch) => ({ unitId, leg, towardId: null, stretch }));

/** Angles as entered; where the anchors and the hold are known, the legs also have their places. */
function enteredShape(line: Line, held: readonly Placed[], deck: Pick<Deck, 'anchors'>): LineShape {
  const angles = enteredLeg(line);
  const ends = deckEnds(line, deck);
  const { routeLengthM } = line;
  const no = (problem: RouteProblem): LineShape => ({ ...unplaced(problem), routeLengthM });
  if (!angles) return no('lean-unknown');
  if (line.units.length > 1 || line.points.length > 1) return no('angle-of-several');
  const unit = held[0];
  const shaped = (legs: readonly Leg[], crosses: boolean | null): LineShape => ({
    pulls: pullsOf(legs, line.units[0] ?? ''),
    legs,
    crosses,
    routeLengthM,
    problem: null,
    ratios: legs.slice(1).map(() => 1),
  });
  const one: Leg = { anchorId: null, lengthM: null, ...angles, at: null };
  if (line.kind === 'over') {
    const placed = ends.length === 2 && unit ? tightOver([unit], ends[0]!, ends[1]!) : null;
    if (placed?.problem) return no(placed.problem);
    const steep = { sinAlpha: one.sinAlpha, cosAlpha: one.cosAlpha };
    const legs = placed
      ? pathOf(ends[0]!, placed.touches, ends[1]!, []).pulls.map(({ leg }) => ({
          ...leg,
          ...steep,
        }))
      : [one, { ...one, forward: -one.forward, left: -one.left }];
    return shaped(legs, crossing(ends));
  }
  const at = line.points[0] ? spot(line.points[0]) : null;
  if (at && unit && !isAt(at, unit)) return no('attached-outside-load');
  const legs = (line.kind === 'loop' ? [0, 1] : [0]).map((i): Leg => ({
    ...one,
    at,
    anchorId: ends[i]?.id ?? null,
  }));
  return shaped(legs, line.kind === 'direct' ? false : crossing(ends));
}

/** A tight line over units: straight when the faces of one box along the deck are unfolded, else in its upright plane. */
function tightOver(
  over: readonly Placed[],
  a: DeckEnd,
  b: DeckEnd,
): { readonly problem: RouteProblem } | { readonly problem: null; readonly touches: Touch[] } {
  const [only] = over;
  const isBox = (p: Placed): boolean =>
    p.unit.turnRad === 0 && (p.unit.shape.kind === 'box' || p.unit.shape.kind === 'bundle');
  if (over.length !== 1 || !only || !isBox(only) || Math.max(a.at.z, b.at.z) >= only.topM)
    return overSection(over, a, b);
  const route = overBox(only, a, b);
  if (route.problem !== null) return route;
  const { up, down } = route;
  const lengthM = Math.hypot(up.x - down.x, up.y - down.y);
  return { problem: null, touches: [{ unitId: only.unit.id, on: up, off: down, lengthM }] };
}

/** Points of a route, those that follow each other on one unit taken together. */
function touchesOf(points: readonly RoutePoint[]): Touch[] {
  const touches: Touch[] = [];
  for (const point of points) {
    const [at, before] = [spot(point), touches.at(-1)];
    if (before?.unitId !== point.unitId)
      touches.push({ unitId: point.unitId, on: at, off: at, lengthM: 0 });
    else {
      const { off } = before;
      touches[touches.length - 1] = {
        ...before,
        off: at,
        lengthM: before.lengthM + Math.hypot(off.x - at.x, off.y - at.y, off.z - at.z),
      };
    }
  }
  return touches;
}

/** A unit that a line only runs over is pressed by it: a route that turns away from the unit would lift off. */
function leaves(path: Path, load: readonly Placed[]): boolean {
  return load.some((unit) => {
    const pulls = path.pulls.filter((p) => p.unitId === unit.unit.id);
    if (pulls.length < 2) return false;
    const [a, b] = [pulls[0]!, pulls.at(-1)!];
    const [f, g] = [pullOf(a.leg), pullOf(b.leg)];
    const [p, q] = [a.leg.at!, b.leg.at!];
    const middle = { x: unit.middle.x, y: unit.middle.y, z: (unit.baseM + unit.topM) / 2 };
    const toward =
      (f.x + g.x) * (middle.x - (p.x + q.x) / 2) +
      (f.y + g.y) * (middle.y - (p.y + q.y) / 2) +
      (f.z + g.z) * (middle.z - (p.z + q.z) / 2);
    return toward < -1e-9;
  });
}

const shapeOf = (path: Path, crosses: boolean | null): LineShape => ({
  pulls: path.pulls,
  legs: path.pulls.filter((p) => p.leg.anchorId !== null).map((p) => p.leg),
  routeLengthM: path.lengthM,
  crosses,
  problem: null,
  ratios: path.ratios,
});

/** A line along the points of its route: from anchor to anchor, from an anchor to the unit, or from unit to unit. */
function pointedShape(line: Line, held: readonly Placed[], ends: readonly DeckEnd[]): LineShape {
  const named = namedAnchorIds(line.elements).length;
  if (line.kind === 'direct' && named > 1) return unplaced('direct-not-at-load');
  const touches = touchesOf(line.points);
  const needed = line.kind === 'direct' ? named : 2;
  const fromUnit = line.kind === 'direct' && named === 0;
  if (touches.length === 0 || ends.length < needed || (fromUnit && touches.length < 2))
    return unplaced('line-not-placed');
  const at = (p: RoutePoint): Placed | undefined => held.find((h) => h.unit.id === p.unitId);
  if (line.points.some((p) => at(p) === undefined || !isAt(spot(p), at(p)!)))
    return unplaced('attached-outside-load');
  const [first, last] = line.kind === 'direct' ? directEnds(line, ends) : [ends[0]!, ends[1]!];
  const path = pathOf(first, touches, last, line.elements);
  if (line.points.length > 1 && leaves(path, held)) return unplaced('route-leaves-load');
  return shapeOf(path, line.kind === 'direct' ? false : crossing(ends));
}

/** Of a direct line the end that is the deck's; the other is made fast to the load. */
function directEnds(line: Line, ends: readonly DeckEnd[]): [DeckEnd | null, DeckEnd | null] {
  const end = ends[0] ?? null;
  const anchors = line.elements.filter((e) => e.kind === 'anchor');
  const [opening] = anchors;
  // With one anchor only nobody can tell from which end the points were counted: from the anchor.
  const atFirst = anchors.length < 2 || (opening?.kind === 'anchor' && opening.at.on === 'deck');
  return atFirst ? [end, null] : [null, end];
}

function overShape(line: Line, held: readonly Placed[], ends: readonly DeckEnd[]): LineShape {
  if (ends.length !== 2) return unplaced('line-not-placed');
  const route = tightOver(held, ends[0]!, ends[1]!);
  if (route.problem) return unplaced(route.problem);
  return shapeOf(pathOf(ends[0]!, route.touches, ends[1]!, line.elements), crossing(ends));
}

/** One rope over several hooks, back and forth over the load. */
function runShape(line: Line, held: readonly Placed[], deck: Pick<Deck, 'anchors'>): LineShape {
  if (line.kind !== 'over' || line.points.length > 0) return unplaced('hooks-not-over');
  const named = stopsOf(line.elements);
  const stops = named.flatMap((id) => endOf(id, deck));
  const ends = deckEnds(line, deck);
  if (stops.length < named.length || ends.length !== 2) return unplaced('line-not-placed');
  const run = runPath(line, stops, (a, b) => tightOver(held, a, b));
  if (run.problem !== null) return unplaced(run.problem);
  const shape = shapeOf(run.path, crossing(ends));
  return { ...shape, routeLengthM: line.routeLengthM ?? shape.routeLengthM };
}

/**
 * Pulls, legs, route length and crossing of a line. They come from anchors, units and points unless angles were entered.
 * Too little known, or a route that does not hold the load: no pulls, and `problem` says why.
 * @param load every unit of the plan where it stands
 */
export function lineShape(
  line: Line,
  load: readonly Placed[],
  deck: Pick<Deck, 'anchors'>,
): LineShape {
  const held = line.units.flatMap((id) => load.find((p) => p.unit.id === id) ?? []);
  if (line.angle.by === 'entered') return enteredShape(line, held, deck);
  if (held.length === 0)
    return { ...unplaced('line-holds-nothing'), routeLengthM: line.routeLengthM };
  const ends = deckEnds(line, deck);
  if (isRunOfLegs(line.elements)) return runShape(line, held, deck);
  const shape =
    line.kind === 'over' && line.points.length === 0
      ? overShape(line, held, ends)
      : pointedShape(line, held, ends);
  return { ...shape, routeLengthM: line.routeLengthM ?? shape.routeLengthM };
}
