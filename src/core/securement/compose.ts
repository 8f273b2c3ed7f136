import { newElement } from '../line/compose';
import type { ElementKindId, LineElement } from '../line/schema';
import type { RuleSetId } from './rule-set-ids';
import type { Plan } from './plan';
import { type LineMake, PLAN_FORMAT, PLAN_VERSION } from './vocabulary';
import { withoutGear } from './gear-facts';
import { placeUnits } from './load/placed';
import type { LoadUnit } from './load/schema';
import { lineShape, namedAnchorIds } from './route/shape';
import type { DeckAnchor, Line, Strength } from './schema';
import { freshId } from '../ids';
import type { Point } from './leg';

/** What stands between the ends of a new line. */
export const MIDDLE: Record<LineMake, readonly ElementKindId[]> = {
  rope: ['knot', 'rope', 'edge', 'edge', 'truckers', 'lock'],
  webbing: ['webbing', 'edge', 'edge', 'ratchet'],
  chain: ['chain', 'edge', 'edge', 'binder'],
};

/** A line with these ends, only to ask geometry where it would lie. */
const between = (id: string, a: string, b: string, units: readonly string[]): Line => ({
  id,
  name: '',
  kind: 'over',
  units: [...units],
  points: [],
  angle: { by: 'anchors' },
  routeLengthM: null,
  enteredPretensionN: null,
  reading: null,
  settling: 0,
  temporary: false,
  hauling: 'from-one-end',
  elements: [a, b].map((anchorId, i): LineElement => ({
    id: `${i}`,
    kind: 'anchor',
    at: { on: 'deck', anchorId },
  })),
});

/** Further askew than this nobody leads a line across a load. Common practice, no source. */
const MOST_ASKEW_M = 1;

/** Two anchors between which a line lies over a unit, from left to right, and where it meets the unit first. */
export interface Across {
  readonly ends: readonly [left: string, right: string];
  readonly at: Point;
  /** How far it runs askew, m. */
  readonly askewM: number;
}

/** Every pair of anchors between which a line would lie across a unit rather than askew. */
export function pairsAcross(
  unit: LoadUnit,
  { deck, units }: Pick<Plan, 'deck' | 'units'>,
): readonly Across[] {
  const load = placeUnits(units);
  return deck.anchors.flatMap((a) =>
    deck.anchors.flatMap((b): Across[] => {
      const askewM = Math.abs(a.fromFrontM - b.fromFrontM);
      if (a.fromCentreM <= b.fromCentreM || a.id === b.id || askewM > MOST_ASKEW_M) return [];
      const shape = lineShape(between('x', a.id, b.id, [unit.id]), load, deck);
      const at = shape.legs[0]?.at;
      return shape.problem !== null || !at ? [] : [{ ends: [a.id, b.id], at, askewM }];
    }),
  );
}

/**
 * The pair of anchors for the next line over a unit: on both sides of it, across rather than askew, where no line is
 * yet, and as far from the others as may be. Null when no pair lets a line lie over it.
 */
export function pairOver(
  unit: LoadUnit,
  plan: Pick<Plan, 'deck' | 'units' | 'lines'>,
): readonly [string, string] | null {
  const { deck, units, lines } = plan;
  const load = placeUnits(units);
  const taken = new Map<string, number>();
  for (const id of lines.flatMap((l) => namedAnchorIds(l.elements)))
    taken.set(id, (taken.get(id) ?? 0) + 1);
  const lieAt = lines.flatMap((l) =>
    l.kind === 'over' && l.units.includes(unit.id)
      ? lineShape(l, load, deck)
          .legs.slice(0, 1)
          .flatMap((leg) => leg.at?.x ?? [])
      : [],
  );
  const middle = -unit.fromFrontM - unit.lengthM / 2;
  const pairs = pairsAcross(unit, plan).map(({ ends, at, askewM }) => {
    const uses = (taken.get(ends[0]) ?? 0) + (taken.get(ends[1]) ?? 0);
    const apart =
      lieAt.length > 0
        ? -Math.min(...lieAt.map((x) => Math.abs(x - at.x)))
        : Math.abs(at.x - middle);
    return { ends, rank: [uses, askewM > 0.3 ? 1 : 0, apart] };
  });
  const first = pairs.sort(
    (p, q) => p.rank[0]! - q.rank[0]! || p.rank[1]! - q.rank[1]! || p.rank[2]! - q.rank[2]!,
  )[0];
  return first?.ends ?? null;
}

/** The unit that the fewest lines name; of several the one that stands highest in the list. */
function emptiest({ units, lines }: Pick<Plan, 'units' | 'lines'>): LoadUnit | undefined {
  const count = (u: LoadUnit): number => lines.filter((l) => l.units.includes(u.id)).length;
  return units.reduce<LoadUnit | undefined>(
    (a, b) => (a === undefined || count(b) < count(a) ? b : a),
    undefined,
  );
}

/** A new line over a unit, at anchors that are there; null when the deck has none that let it lie over it. */
export function newLine(
  make: LineMake,
  plan: Pick<Plan, 'deck' | 'units' | 'lines'>,
  unit = emptiest(plan),
): Line | null {
  const ends = unit ? pairOver(unit, plan) : null;
  if (!unit || !ends) return null;
  const { lines } = plan;
  const elements: LineElement[] = [onDeckEnd('a', ends[0])];
  for (const kind of MIDDLE[make]) elements.push(newElement(kind, elements));
  elements.push(onDeckEnd('b', ends[1]));
  return {
    ...freshLine(lines, { name: `Over ${lines.length + 1}`, elements, make }),
    units: [unit.id],
  };
}

/** An end of a line at an anchor of the deck. */
export const onDeckEnd = (id: string, anchorId: string): LineElement => ({
  id,
  kind: 'anchor',
  at: { on: 'deck', anchorId },
});

/** A line over nothing yet, with an id that no other has. */
export const freshLine = (
  lines: readonly Line[],
  { name, elements, make }: Pick<Line, 'name' | 'elements'> & { readonly make: LineMake },
): Line => ({
  ...between(freshId('l', lines), '', '', []),
  name,
  elements,
  settling: make === 'rope' ? 0.2 : 0,
});

const ring = (id: string, fromFrontM: number, fromCentreM: number): DeckAnchor => ({
  id,
  name: `ring ${id}`,
  fromFrontM,
  fromCentreM,
  rating: { state: 'unrated' },
  barDiameterM: null,
  surface: 'metal',
  on: 'deck',
  heightM: 0,
});
const OPEN = { capacityN: null, heightM: null };

/** A box of a metre of which nothing is claimed that nobody has entered. */
export const newUnit = (id: string, name: string, fromFrontM: number): LoadUnit => ({
  id,
  name,
  shape: { kind: 'box' },
  massKg: null,
  lengthM: 1,
  widthM: 1,
  heightM: 1,
  cgHeightM: null,
  cgForwardM: null,
  cgLeftM: null,
  cgHeightWithinM: 0,
  cgForwardWithinM: 0,
  cgLeftWithinM: 0,
  fromFrontM,
  fromCentreM: 0,
  turnRad: 0,
  on: { kind: 'deck' },
  friction: { known: 'no' },
  surface: 'clean',
  commodity: 'general',
  rows: 1,
  maxLineForceN: null,
  fullyContained: false,
  against: [],
  edges: null,
  keptAs: null,
});

/** A plan to begin with: a load of a metre on a small trailer, nothing claimed that nobody has entered. `ruleSet`: the crew's own, if it has one. */
export function newPlan(
  strength: Strength,
  units: 'metric' | 'us',
  ruleSet: RuleSetId | null = null,
): Plan {
  const anchors = (['L', 'R'] as const).flatMap((side) =>
    [0.3, 1.1, 1.9, 2.7].map((x, i) => ring(`${side}${i + 1}`, x, side === 'L' ? 0.8 : -0.8)),
  );
  return {
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    title: 'New load',
    notes: '',
    ruleSet: ruleSet ?? (units === 'us' ? 'us-light' : 'eu-road'),
    strength,
    units: [newUnit('load', 'load', 0.5)],
    deck: {
      name: 'trailer',
      lengthM: 3,
      widthM: 1.7,
      anchors,
      surface: null,
      boards: { forward: OPEN, rearward: OPEN, left: OPEN, right: OPEN },
      keptAs: null,
    },
    lines: [],
  };
}

/** Length of a line's name, as the schema has it. */
const MOST_NAME = 80;
const COPY = ' (copy)';

/** A line like another, of the same sort of gear but not the same things of the locker. */
export const copyOfLine = (line: Line, lines: readonly Line[]): Line => ({
  ...line,
  elements: withoutGear(line.elements),
  id: freshId('l', lines),
  name: `${line.name.slice(0, MOST_NAME - COPY.length)}${COPY}`,
});
