import { unitName } from './describe';
import type { FindingCode } from '../codes';
import { FRICTION_PAIRS } from '../friction';
import { farEnd, type Point } from '../leg';
import type { Plan } from '../plan';
import type { Deck } from '../schema';
import type { LineFacts } from '../rule-input';
import type { Finding } from '../verdict';
import { type Direction, DIRECTIONS } from '../vocabulary';
import { overlapping } from './contacts';
import { chordOf } from './outline';
import type { Placed } from './placed';

const called = ({ unit }: Placed): string => unitName(unit);

const say = (
  code: FindingCode,
  effect: Finding['effect'],
  values: Finding['values'],
  lineId?: string,
): Finding => ({ code, effect, clause: '', ...(lineId ? { lineId } : {}), values });

/** Two things in one place: one of them is not where it is said to be. */
const overlaps = (load: readonly Placed[]): Finding[] =>
  overlapping(load).map(([a, b]) =>
    say('units-overlap', 'cannot-say', { first: called(a), second: called(b) }),
  );

/** Friction that is known for another floor than the deck has. */
const otherSurface = (plan: Plan, load: readonly Placed[]): Finding[] =>
  load.flatMap((placed) => {
    const { friction, on } = placed.unit;
    if (plan.deck.surface === null || friction.known !== 'pair' || on.kind !== 'deck') return [];
    const { floor, name } = FRICTION_PAIRS[friction.pair];
    return floor === null || floor === plan.deck.surface
      ? []
      : [say('friction-other-surface', 'cannot-say', { unit: called(placed), pair: name })];
  });

/** What may not be pressed carries nothing either. */
const pressed = (load: readonly Placed[]): Finding[] =>
  load.flatMap(({ unit }) => {
    const { on } = unit;
    const under = on.kind === 'unit' ? load.find((p) => p.unit.id === on.unitId) : undefined;
    return under?.unit.maxLineForceN === 0
      ? [say('unit-may-not-be-pressed', 'short', { unit: called(under), by: unitName(unit) })]
      : [];
  });

/** Farther than this from the edge of the deck nothing touches the board there. */
const AT_BOARD_M = 0.05;

/** How far a unit stands from the edge of the deck on one side, m; less than nothing: it reaches over it. */
export const gapToBoard = (
  { box }: Placed,
  direction: Direction,
  { lengthM, widthM }: Pick<Deck, 'lengthM' | 'widthM'>,
): number =>
  ({
    forward: -box.front,
    rearward: box.rear + lengthM,
    left: widthM / 2 - box.left,
    right: box.right + widthM / 2,
  })[direction];

/** Whether a unit can touch the board on one side. */
export const isAtBoard = (
  placed: Placed,
  direction: Direction,
  deck: Pick<Deck, 'lengthM' | 'widthM'>,
): boolean => gapToBoard(placed, direction, deck) <= AT_BOARD_M;

/** A unit that is said to stand against a board and does not reach the edge of the deck: worth a word where others may stand between. */
function notAtBoard(plan: Plan, load: readonly Placed[]): Finding[] {
  if (load.length < 2) return [];
  return load.flatMap((p) =>
    DIRECTIONS.filter((d) => p.unit.against.includes(d) && !isAtBoard(p, d, plan.deck)).map(
      (direction) =>
        say('unit-not-at-board', 'cannot-say', {
          unit: called(p),
          direction,
          gapM: gapToBoard(p, direction, plan.deck),
        }),
    ),
  );
}

/** The part of a straight stretch that runs through a unit, as parts of it from 0 to 1; null: none of it. */
function partWithin(
  from: Point,
  to: Point,
  { outline, baseM, topM }: Placed,
): readonly [number, number] | null {
  const flat = Math.hypot(to.x - from.x, to.y - from.y);
  if (flat < 1e-9) return null;
  const along = { x: (to.x - from.x) / flat, y: (to.y - from.y) / flat };
  const chord = chordOf(outline, from, along);
  if (chord === null) return null;
  const rise = (to.z - from.z) / flat;
  const heights = [baseM, topM].map((z) => (rise === 0 ? null : (z - from.z) / rise));
  const level = rise === 0 && from.z > baseM && from.z < topM;
  if (rise === 0 && !level) return null;
  const [low, high] = level
    ? [-Infinity, Infinity]
    : [Math.min(...(heights as number[])), Math.max(...(heights as number[]))];
  const [begins, ends] = [Math.max(0, chord[0], low), Math.min(flat, chord[1], high)];
  return ends > begins ? [begins / flat, ends / flat] : null;
}

/** Less than this of a line within a unit is measuring. */
const THROUGH_M = 0.05;

/** Where a line would run through something it does not name. */
export interface RunsThrough {
  readonly placed: Placed;
  readonly from: Point;
  readonly to: Point;
}

/** Every place where a line would run through a unit that it does not name. */
export function runsThrough(
  load: readonly Placed[],
  { line, shape }: Pick<LineFacts, 'line' | 'shape'>,
): RunsThrough[] {
  const others = load.filter((p) => !line.units.includes(p.unit.id));
  if (others.length === 0) return [];
  const between = (a: Point, b: Point, part: number): Point => ({
    x: a.x + (b.x - a.x) * part,
    y: a.y + (b.y - a.y) * part,
    z: a.z + (b.z - a.z) * part,
  });
  return shape.pulls.flatMap(({ leg }) => {
    const far = farEnd(leg);
    if (leg.at === null || far === null) return [];
    const { at } = leg;
    return others.flatMap((placed) => {
      const part = partWithin(at, far, placed);
      if (part === null) return [];
      // Along the deck: a stretch straight up runs through nothing.
      const throughM = (part[1] - part[0]) * Math.hypot(far.x - at.x, far.y - at.y);
      return throughM > THROUGH_M
        ? [{ placed, from: between(at, far, part[0]), to: between(at, far, part[1]) }]
        : [];
    });
  });
}

const through = (load: readonly Placed[], facts: LineFacts): Finding[] =>
  [...new Set(runsThrough(load, facts).map((r) => r.placed))].map((p) =>
    say(
      'line-through-unit',
      'cannot-say',
      { line: facts.line.name, unit: called(p) },
      facts.line.id,
    ),
  );

/** Units that a line names and does not touch: it gives them nothing. */
function untouched(load: readonly Placed[], { line, shape }: LineFacts): Finding[] {
  if (shape.pulls.length === 0) return [];
  return load
    .filter(
      ({ unit }) =>
        line.units.includes(unit.id) && !shape.pulls.some((pull) => pull.unitId === unit.id),
    )
    .map((p) => say('unit-not-touched', 'notice', { line: line.name, unit: called(p) }, line.id));
}

/** A unit with sharp edges under a line that says nothing of an edge. */
function edges(load: readonly Placed[], { line }: LineFacts): Finding[] {
  const sharp = load.filter(({ unit }) => line.units.includes(unit.id) && unit.edges === 'sharp');
  const said = line.elements.filter((e) => e.kind === 'edge');
  if (line.kind === 'direct' || sharp.length === 0) return [];
  return said.length > 0 && said.every((e) => e.shape !== 'rounded')
    ? []
    : [say('edges-not-said', 'cannot-say', { line: line.name, unit: called(sharp[0]!) }, line.id)];
}

/** What is to be said of units and of where lines lie on them, whatever the rule set. */
export function loadFindings(
  plan: Plan,
  load: readonly Placed[],
  lines: readonly LineFacts[],
): Finding[] {
  return [
    ...overlaps(load),
    ...otherSurface(plan, load),
    ...pressed(load),
    ...notAtBoard(plan, load),
    ...lines.flatMap((facts) => [
      ...through(load, facts),
      ...untouched(load, facts),
      ...edges(load, facts),
    ]),
  ];
}
