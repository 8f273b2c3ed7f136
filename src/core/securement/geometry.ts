import type { ElementOf, LineElement } from '../line/schema';
import type { Cargo, Deck, Line } from './schema';
import type { Direction } from './vocabulary';
import {
  cargoBox,
  type DeckEnd,
  type Leg,
  legTo,
  type Point,
  pullOf,
  type RouteProblem,
} from './leg';
import { overRoute } from './over-route';

/** Routes that certainly do not hold the load: such a line counts for nothing, whatever else comes to be known. */
export const CERTAINLY_NOTHING: readonly RouteProblem[] = [
  'over-same-ring',
  'over-beyond-load',
  'over-one-side',
  'over-ring-under-load',
  'attached-outside-load',
  'direct-not-at-load',
];

/** A line as geometry sees it. */
export interface LineShape {
  readonly legs: readonly Leg[];
  readonly routeLengthM: number | null;
  /** Its ends lie on different sides of the vehicle; null: not known. */
  readonly crosses: boolean | null;
  readonly problem: RouteProblem | null;
  /** How far the tensions of its legs may differ over its edges: e^{μθ}, 1 where no edge says its friction. */
  readonly legRatio: number;
}

const NO_ROUTE = { legs: [], routeLengthM: null, crosses: null, legRatio: 1 } as const;
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

/** Anchors of a line that stand on the deck, first to last. */
function deckEnds(line: Line, deck: Deck): DeckEnd[] {
  return namedAnchorIds(line.elements).flatMap((id) => {
    const found = deck.anchors.find((a) => a.id === id);
    return found ? [{ id, at: { x: -found.fromFrontM, y: found.fromCentreM, z: 0 } }] : [];
  });
}

/** Measuring on a deck is no finer than this. */
const MEASURING_M = 0.02;

function holdsTheLoad(at: Point, cargo: Cargo): boolean {
  const box = cargoBox(cargo);
  return (
    at.x <= box.front + MEASURING_M &&
    at.x >= box.rear - MEASURING_M &&
    at.y <= box.left + MEASURING_M &&
    at.y >= box.right - MEASURING_M &&
    at.z <= box.top + MEASURING_M
  );
}

/** Over how much edges let the legs differ: least stated friction times the whole turn between the legs. */
function legRatioOf(elements: readonly LineElement[], legs: readonly Leg[]): number {
  const edges = elements.filter((e): e is ElementOf<'edge'> => e.kind === 'edge');
  const frictions = edges.map((e) => e.mu);
  if (
    legs.length !== 2 ||
    edges.length === 0 ||
    !frictions.every((mu): mu is number => mu !== null)
  )
    return 1;
  const [a, b] = [pullOf(legs[0]!), pullOf(legs[1]!)];
  const turn = Math.acos(Math.max(-1, Math.min(1, -(a.x * b.x + a.y * b.y + a.z * b.z))));
  return Math.exp(Math.min(...frictions) * turn);
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

/** Angles as entered; where the anchors and the hold are known, the legs also have their places. */
function enteredShape(line: Line, cargo: Cargo, deck: Deck): LineShape {
  const angles = enteredLeg(line);
  const ends = deckEnds(line, deck);
  if (!angles) return { ...unplaced('lean-unknown'), routeLengthM: line.routeLengthM };
  const common = { routeLengthM: line.routeLengthM, problem: null, legRatio: 1 };
  const one: Leg = { anchorId: null, lengthM: null, ...angles, at: null };
  if (line.kind === 'over') {
    const placed = ends.length === 2 ? overRoute(cargo, ends[0]!, ends[1]!) : null;
    if (placed?.problem) return { ...unplaced(placed.problem), routeLengthM: line.routeLengthM };
    const steep = { sinAlpha: one.sinAlpha, cosAlpha: one.cosAlpha };
    const legs = placed
      ? placed.legs.map((leg) => ({ ...leg, ...steep }))
      : [one, { ...one, forward: -one.forward, left: -one.left }];
    return { ...common, legs, crosses: crossing(ends) };
  }
  if (line.attach && !holdsTheLoad(attachOf(line)!, cargo))
    return { ...unplaced('attached-outside-load'), routeLengthM: line.routeLengthM };
  const legs = (line.kind === 'loop' ? [0, 1] : [0]).map((i): Leg => ({
    ...one,
    at: attachOf(line),
    anchorId: ends[i]?.id ?? null,
  }));
  return { ...common, legs, crosses: line.kind === 'direct' ? false : crossing(ends) };
}

const attachOf = (line: Line): Point | null =>
  line.attach && { x: -line.attach.fromFrontM, y: line.attach.fromCentreM, z: line.attach.heightM };

function attachedShape(line: Line, cargo: Cargo, ends: readonly DeckEnd[]): LineShape {
  const held = attachOf(line);
  if (line.kind === 'direct' && namedAnchorIds(line.elements).length > 1)
    return unplaced('direct-not-at-load');
  if (!held || ends.length < (line.kind === 'loop' ? 2 : 1)) return unplaced('line-not-placed');
  if (!holdsTheLoad(held, cargo)) return unplaced('attached-outside-load');
  const legs = ends.slice(0, line.kind === 'loop' ? 2 : 1).map((end) => legTo(held, end));
  const routeLengthM = legs.reduce((sum, l) => sum + (l.lengthM ?? 0), 0);
  return {
    legs,
    routeLengthM,
    crosses: line.kind === 'loop' ? crossing(ends) : false,
    problem: null,
    legRatio: legRatioOf(line.elements, legs),
  };
}

function overShape(line: Line, cargo: Cargo, ends: readonly DeckEnd[]): LineShape {
  if (ends.length !== 2) return unplaced('line-not-placed');
  const route = overRoute(cargo, ends[0]!, ends[1]!);
  if (route.problem) return unplaced(route.problem);
  return {
    legs: route.legs,
    routeLengthM: route.routeLengthM,
    crosses: crossing(ends),
    problem: null,
    legRatio: legRatioOf(line.elements, route.legs),
  };
}

/**
 * Legs, route length and crossing of a line. Angles come from anchors and load unless they were entered.
 * Too little known, or a route that does not hold the load: no legs, and `problem` says why.
 */
export function lineShape(line: Line, cargo: Cargo, deck: Deck): LineShape {
  if (line.angle.by === 'entered') return enteredShape(line, cargo, deck);
  const ends = deckEnds(line, deck);
  const shape =
    line.kind === 'over' ? overShape(line, cargo, ends) : attachedShape(line, cargo, ends);
  return { ...shape, routeLengthM: line.routeLengthM ?? shape.routeLengthM };
}
