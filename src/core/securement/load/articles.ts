import type { Plan } from '../plan';
import { UNLIMITED_N } from '../../line/line';
import { traced } from '../../working/working';
import { FRICTION_PAIRS, SURFACE_CEILING } from '../friction';
import type { Article, Blocking, Ranged } from '../rules/rule-set';
import { type Direction, DIRECTIONS } from '../vocabulary';
import type { Block } from './blocks';
import type { Extent, Placed } from './placed';
import type { LoadUnit } from './schema';

/** Friction as it counts: the pair or the entry, under the ceiling of the surface's state; unknown lies between 0 and 1. */
export function frictionOf(unit: Pick<LoadUnit, 'friction' | 'surface'>): Ranged {
  const common = { label: 'friction', symbol: 'μ', unit: 'ratio' } as const;
  if (unit.friction.known === 'no') {
    return {
      working: traced.given({
        ...common,
        value: null,
        source: 'surface not known',
        confidence: 'entered',
      }),
      low: 0,
      high: 1,
    };
  }
  const pair = unit.friction.known === 'pair' ? FRICTION_PAIRS[unit.friction.pair] : null;
  const mu = unit.friction.known === 'entered' ? unit.friction.mu : pair!.mu;
  const ceiling = SURFACE_CEILING[unit.surface];
  const limited = mu > ceiling;
  const working = traced.given({
    ...common,
    value: Math.min(mu, ceiling),
    confidence: pair || limited ? 'from-memory' : 'entered',
    source: limited
      ? `${unit.surface} surface: at most ${ceiling}`
      : pair
        ? `${pair.name}, EN 12195-1 Annex B / CTU Code`
        : 'your entry',
  });
  return { working, low: working.value ?? 0, high: working.value ?? 0 };
}

/** Of several units the friction of the worst; one of them not known leaves it open. */
function leastFriction(units: readonly LoadUnit[]): Ranged {
  const all = units.map(frictionOf);
  const unknown = all.find((f) => f.working.value === null);
  return unknown ?? all.reduce((a, b) => (b.low < a.low ? b : a));
}

/** No board: it is known to hold nothing. */
function noBoard(direction: Direction): Blocking {
  const working = traced.given({
    label: `blocking ${direction}`,
    symbol: 'BC',
    value: 0,
    unit: 'N',
    source: 'the load does not touch a board',
    confidence: 'entered',
  });
  return { touching: false, heightM: null, capacity: { working, low: 0, high: 0 } };
}

/** A board as one article may count on it: `part` of its capacity, at the worst and at the best. */
function boardOf(
  direction: Direction,
  { capacityN, heightM }: Plan['deck']['boards'][Direction],
  part: { readonly low: number; readonly high: number },
): Blocking {
  const whole = part.low === 1;
  const known = capacityN === null ? null : capacityN * part.low;
  const working = traced.given({
    label: `blocking ${direction}`,
    symbol: 'BC',
    value: known,
    unit: 'N',
    source:
      known === null
        ? 'board without rating'
        : whole
          ? 'your entry'
          : 'your entry, shared by mass with what else stands against the board',
    confidence: 'entered',
  });
  return {
    touching: true,
    heightM,
    capacity: {
      working,
      low: known ?? 0,
      high: capacityN === null ? UNLIMITED_N : capacityN * part.high,
    },
  };
}

/** The mass of units together; null where one of them is not known. */
export const massOf = (units: readonly Placed[]): number | null =>
  units.reduce<number | null>(
    (sum, { unit }) => (sum === null || unit.massKg === null ? null : sum + unit.massKg),
    0,
  );

/** Articles on the deck whose units stand against a board share it by mass; where a mass is not known nobody is sure of a part. */
function partOfBoard(
  block: Block,
  onDeck: readonly Block[],
  direction: Direction,
): { readonly low: number; readonly high: number } {
  const touching = onDeck.filter((b) =>
    b.units.some(({ unit }) => unit.against.includes(direction)),
  );
  if (touching.length < 2) return { low: 1, high: 1 };
  const carrier = touching.find((b) => block.units.every((p) => b.units.includes(p)));
  const masses = touching.map((b) => massOf(b.units));
  const own = carrier && masses[touching.indexOf(carrier)];
  const all = masses.reduce<number | null>(
    (sum, m) => (sum === null || m === null ? null : sum + m),
    0,
  );
  return own && all ? { low: own / all, high: 1 } : { low: 0, high: 1 };
}

const union = (units: readonly Placed[]): Extent => ({
  front: Math.max(...units.map((p) => p.box.front)),
  rear: Math.min(...units.map((p) => p.box.rear)),
  left: Math.max(...units.map((p) => p.box.left)),
  right: Math.min(...units.map((p) => p.box.right)),
});

/** How many of some units stand side by side across the deck, each with its own rows. */
function rowsAcross(units: readonly Placed[]): number {
  const byRight = units.toSorted((a, b) => a.box.left - b.box.left);
  let [rows, filled] = [0, -Infinity];
  for (const p of byRight) {
    if (p.box.right < filled - 0.02) continue;
    rows += p.unit.rows;
    filled = p.box.left;
  }
  return Math.max(1, rows);
}

/** Where a unit's weight is taken to lie, as seen from its middle along the deck. */
export function cgOffM({ unit }: Placed): { readonly x: number; readonly y: number } {
  const [x, y] = [unit.cgForwardM ?? 0, unit.cgLeftM ?? 0];
  const [c, s] = [Math.cos(unit.turnRad), Math.sin(unit.turnRad)];
  return unit.turnRad === 0 ? { x, y } : { x: x * c - y * s, y: x * s + y * c };
}

type Weight = Pick<
  Article,
  'cgHeightM' | 'cgForwardM' | 'cgLeftM' | 'cgForwardWithinM' | 'cgLeftWithinM'
>;

/** Where the weight of one unit lies, in the directions of the deck. */
function weightOfOne(placed: Placed, heightM: number): Weight {
  const { unit } = placed;
  const off = cgOffM(placed);
  const turned = unit.turnRad !== 0;
  const [fw, lw] = [unit.cgForwardWithinM, unit.cgLeftWithinM];
  const reach = Math.hypot(fw, lw);
  return {
    // What may lie higher than said is taken at its highest.
    cgHeightM:
      unit.cgHeightM === null ? null : Math.min(heightM, unit.cgHeightM + unit.cgHeightWithinM),
    cgForwardM: turned ? off.x : unit.cgForwardM,
    cgLeftM: turned ? off.y : unit.cgLeftM,
    cgForwardWithinM: turned ? reach : fw,
    cgLeftWithinM: turned ? reach : lw,
  };
}

/** Where the weight of several units lies together, from the middle of what they cover and from their foot. */
function weightOfSeveral(block: Block, box: Extent, baseM: number): Weight {
  const { units } = block;
  const mass = massOf(units);
  if (mass === null)
    return {
      cgHeightM: null,
      cgForwardM: null,
      cgLeftM: null,
      cgForwardWithinM: 0,
      cgLeftWithinM: 0,
    };
  const mean = (of: (p: Placed) => number): number =>
    units.reduce((sum, p) => sum + p.unit.massKg! * of(p), 0) / mass;
  const one = (p: Placed): Weight => weightOfOne(p, p.unit.heightM);
  const heights = units.every((p) => p.unit.cgHeightM !== null);
  return {
    cgHeightM: heights ? mean((p) => p.baseM - baseM + one(p).cgHeightM!) : null,
    cgForwardM: mean((p) => p.middle.x + (one(p).cgForwardM ?? 0)) - (box.front + box.rear) / 2,
    cgLeftM: mean((p) => p.middle.y + (one(p).cgLeftM ?? 0)) - (box.left + box.right) / 2,
    cgForwardWithinM: mean((p) => one(p).cgForwardWithinM),
    cgLeftWithinM: mean((p) => one(p).cgLeftWithinM),
  };
}

/** A block of a plan's load as an article. Heights are counted from what it stands on. */
export function articleOf(
  plan: { readonly deck: Pick<Plan['deck'], 'boards'> },
  block: Block,
  blocks: readonly Block[],
): Article {
  const { units, standing } = block;
  const [only] = units;
  const onDeck = blocks.filter((b) => b.underId === null);
  const boards = Object.fromEntries(
    DIRECTIONS.map((d) => [
      d,
      units.some(({ unit }) => unit.against.includes(d))
        ? boardOf(d, plan.deck.boards[d], partOfBoard(block, onDeck, d))
        : noBoard(d),
    ]),
  ) as Record<Direction, Blocking>;
  const baseM = Math.min(...standing.map((p) => p.baseM));
  const heightM = Math.max(...units.map((p) => p.topM)) - baseM;
  const box = union(units);
  const alone = units.length === 1 && only !== undefined;
  const unturned = alone && only.unit.turnRad === 0;
  return {
    massKg: massOf(units),
    lengthM: unturned ? only.unit.lengthM : box.front - box.rear,
    widthM: unturned ? only.unit.widthM : box.left - box.right,
    heightM: alone ? only.unit.heightM : heightM,
    ...(alone ? weightOfOne(only, only.unit.heightM) : weightOfSeveral(block, box, baseM)),
    friction: leastFriction(standing.map((p) => p.unit)),
    commodity: units.find(({ unit }) => unit.commodity !== 'general')?.unit.commodity ?? 'general',
    rows: alone ? only.unit.rows : rowsAcross(standing),
    fullyContained: units.every(({ unit }) => unit.fullyContained),
    blocking: boards,
    box,
  };
}
