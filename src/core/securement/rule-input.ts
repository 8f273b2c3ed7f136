import type { Plan } from '../exchange/plan';
import { knot } from '../knot/knots';
import type { LineElement } from '../line/gear';
import { type LineCapacity, UNLIMITED_N } from '../line/line';
import type { LineTension } from '../line/tension';
import { traced, type Working } from '../working/working';
import { FRICTION_PAIRS, SURFACE_CEILING } from './friction';
import { cargoBox, type Leg, type LineShape } from './geometry';
import type { Article, Blocking, Ranged, RuleInput, TieDown } from './rules/rule-set';
import { DIRECTIONS, type Cargo, type Line } from './schema';

/** Everything known about one line of a plan. */
export interface LineFacts {
  readonly line: Line;
  readonly shape: LineShape;
  readonly capacity: LineCapacity<Working>;
  readonly tension: LineTension<Working>;
  /** Rope it takes from end to end, knots and tails included. */
  readonly rope: Working;
}

/** A figure known exactly. */
export function exactly(working: Working): Ranged {
  const value = working.value ?? 0;
  return { working, low: value, high: value };
}

/** Friction as it counts: the pair or the entry, under the ceiling of the surface's state; unknown lies between 0 and 1. */
function friction(cargo: Cargo): Ranged {
  const common = { label: 'friction', symbol: 'μ', unit: 'ratio' } as const;
  if (cargo.friction.known === 'no') {
    return { working: traced.given({ ...common, value: null, source: 'surface not known', confidence: 'entered' }), low: 0, high: 1 };
  }
  const pair = cargo.friction.known === 'pair' ? FRICTION_PAIRS[cargo.friction.pair] : null;
  const mu = cargo.friction.known === 'entered' ? cargo.friction.mu : pair!.mu;
  const ceiling = SURFACE_CEILING[cargo.surface];
  const limited = mu > ceiling;
  return exactly(traced.given({
    ...common, value: Math.min(mu, ceiling), confidence: pair || limited ? 'from-memory' : 'entered',
    source: limited ? `${cargo.surface} surface: at most ${ceiling}` : pair ? `${pair.name}, EN 12195-1 Annex B / CTU Code` : 'your entry',
  }));
}

function blocking(plan: Plan, direction: keyof Plan['deck']['blocking']): Blocking {
  const board = plan.deck.blocking[direction];
  const known = !board.touching ? 0 : board.capacityN;
  const working = traced.given({
    label: `blocking ${direction}`, symbol: 'BC', value: known, unit: 'N',
    source: board.touching ? (known === null ? 'board without rating' : 'your entry') : 'the load does not touch a board', confidence: 'entered',
  });
  return { touching: board.touching, capacity: { working, low: known ?? 0, high: known ?? UNLIMITED_N } };
}

/** The load of a plan as an article. */
function article(plan: Plan): Article {
  const { cargo } = plan;
  const boards = Object.fromEntries(DIRECTIONS.map((d) => [d, blocking(plan, d)])) as Record<(typeof DIRECTIONS)[number], Blocking>;
  return {
    massKg: cargo.massKg, lengthM: cargo.lengthM, widthM: cargo.widthM, heightM: cargo.heightM, cgHeightM: cargo.cgHeightM,
    friction: friction(cargo), commodity: cargo.commodity, rows: cargo.rows, fullyContained: cargo.fullyContained, blocking: boards, box: cargoBox(cargo),
  };
}

/** Elements that the rules call knots: knots, hitches, bends, loops, locks; splices, ratchets and binders are none. */
export function knotElementIds(elements: readonly LineElement[]): string[] {
  return elements.flatMap((e) => {
    const id = e.kind === 'truckers' ? e.loop : 'knot' in e ? e.knot : null;
    return id !== null && !knot(id).splice ? [e.id] : [];
  });
}

/** Best case of a line that nobody has placed: against every motion and straight down at once. Its forces are unknown, so the worst case is nothing. */
const ANY_LEGS: readonly Leg[] = [[1, 0], [-1, 0], [0, 1], [0, -1]].map(([forward, left]) =>
  ({ anchorId: null, lengthM: null, sinAlpha: 1, cosAlpha: 1, forward: forward!, left: left!, at: null }));

const unknown = (working: Working): Working => ({ ...working, value: null });

/** A line as a tie-down. A line whose WLL or geometry is unknown may count for nothing, or for whatever it could at best. */
export function tieDownOf({ line, shape, capacity, tension }: LineFacts): TieDown {
  const placed = shape.legs.length > 0;
  const wllKnown = capacity.wll.value !== null;
  const F = tension.pretension.value;
  const flexible = line.elements.find((e) => e.kind === 'rope' || e.kind === 'webbing' || e.kind === 'chain');
  return {
    id: line.id, name: line.name, kind: line.kind, crosses: shape.crosses, gear: (flexible?.kind ?? 'none') as TieDown['gear'],
    legs: placed ? shape.legs : ANY_LEGS,
    wll: { working: capacity.wll, low: 0, high: capacity.range.highN },
    pull: { working: placed ? capacity.wll : unknown(capacity.wll), low: 0, high: capacity.range.highN },
    pretension: {
      working: placed && wllKnown && F !== null ? tension.pretension : unknown(tension.pretension), low: 0, high: F ?? UNLIMITED_N,
    },
    knotIds: knotElementIds(line.elements),
    sharpEdgeIds: line.elements.filter((e) => e.kind === 'edge' && e.shape === 'sharp').map((e) => e.id),
    adjustable: line.elements.some((e) => e.kind === 'truckers' || e.kind === 'tackle' || e.kind === 'ratchet' || e.kind === 'binder' || (e.kind === 'lock' && e.knot === 'taut-line-hitch')),
  };
}

/** A whole plan as rules see it. */
export function ruleInputOf(plan: Plan, lines: readonly LineFacts[]): RuleInput {
  return { article: article(plan), tieDowns: lines.map(tieDownOf) };
}
