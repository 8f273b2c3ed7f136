import { chanceOf } from '../../chance';
import { mapBoxes } from '../hold/map';
import { PartStatics, rowsAlone } from '../hold/part-statics';
import type { HoldProblem } from '../hold/problem';
import { MOTIONS } from '../hold/programme';
import type { Plan } from '../plan';
import { ruleSet } from '../rules';
import { type Direction, DIRECTIONS } from '../vocabulary';
import { type Range, type Unsure, unsureOf, USUAL } from './inputs';
import { type Doubt, DOUBTS } from './vocabulary';
import type { Draw } from './drawn-programme';
import { asSaid, ParametricHold } from './parametric';

export interface Wanted {
  readonly seed: number;
  readonly draws: number;
  /** What counts as not sure; the rest is as the plan says. */
  readonly open: readonly Doubt[];
  /** Only these of the directions that are asked for; left out: all of them. What is drawn is the same. */
  readonly toward?: readonly Direction[];
}

/** One direction over all draws. */
export interface DirectionDraws {
  readonly direction: Direction;
  /** What is asked, g. */
  readonly requiredG: number;
  /** What the plan's own figures hold, g; null: the lines drag. */
  readonly saidG: number | null;
  /** What each draw held, g; −1: nothing balanced. */
  readonly heldG: Float64Array;
}

/** All draws, and for each what of it was drawn: numbers from 0 to 1, doubt after doubt in the order of {@link Wanted.open}. */
export interface Drawn {
  readonly directions: readonly DirectionDraws[];
  readonly drawn: readonly Float32Array[];
  readonly done: number;
}

const at = ({ low, high }: Range, u: number): number => low + u * (high - low);

interface PartHold {
  readonly problem: HoldProblem;
  readonly hold: ParametricHold;
  readonly draw: Draw;
  readonly lengthM: number;
  readonly heightM: number;
  /** What rows of it hold by themselves, g. */
  readonly alone: number;
  /** For each line: whether its tension is a force that it keeps, what it loses by the plan, what knots leave of it. */
  readonly lines: readonly {
    readonly kept: boolean;
    readonly settling: number | null;
    readonly knots: Range;
  }[];
}

/** Numbers from 0 to 1 that were drawn, in the order of {@link DOUBTS}; −1: it is as the plan says. */
type Numbers = Float64Array;
const [FRICTION, PULL, SETTLING, KNOTS, MASS, CG_HEIGHT, CG_PLACE] = (
  ['friction', 'pull', 'settling', 'knots', 'mass', 'cg-height', 'cg-place'] as const
).map((d) => DOUBTS.indexOf(d)) as [number, number, number, number, number, number, number];

const drawnOr = (u: number, range: Range, said: number): number => (u < 0 ? said : at(range, u));

/**
 * Friction is drawn in so many steps of its range: what a basis asks for is reckoned once for each. A share is wrong by half a
 * step at most by that: less than the standard error of 100,000 draws.
 */
const FRICTION_STEPS = 512;
const stepOf = (u: number): number => (u < 0 ? 0 : 1 + Math.floor(u * FRICTION_STEPS));

/** Writes what was drawn for one part of a load. */
function writeDraw({ draw, lines, lengthM, heightM }: PartHold, u: Numbers): void {
  draw.frictionStep = stepOf(u[FRICTION]!);
  const inRange = (draw.frictionStep - 0.5) / FRICTION_STEPS;
  draw.friction = drawnOr(inRange, USUAL.friction, 1);
  draw.mass = drawnOr(u[MASS]!, USUAL.mass, 1);
  draw.alongM = drawnOr(u[CG_PLACE]!, USUAL['cg-place'], 0) * lengthM;
  draw.upM = (drawnOr(u[CG_HEIGHT]!, USUAL['cg-height'], 1) - 1) * heightM;
  const pull = drawnOr(u[PULL]!, USUAL.pull, 1);
  const [settled, tied] = [u[SETTLING]!, u[KNOTS]!];
  for (let i = 0; i < lines.length; i++) {
    const { kept, settling, knots } = lines[i]!;
    // A tension that was read has hand and settling in it.
    const left =
      settling === null || settled < 0 ? 1 : (1 - at(USUAL.settling, settled)) / (1 - settling);
    const pulled = settling === null ? 1 : pull * left;
    draw.least[i] = kept ? pulled : 1;
    draw.most[i] = kept ? pulled : drawnOr(tied, knots, 1);
  }
}

/** Draws are alike whose pull and place of weight are: as many kinds of each. */
const KINDS = 6;
const kind = (u: number): number => Math.max(0, Math.floor(u * KINDS));

/**
 * The order in which draws are answered: those of one friction after each other, and of them those that are alike, since what
 * answers one often answers the next.
 */
function orderOf(drawn: Numbers, draws: number): Uint32Array {
  const keys = new Float64Array(draws);
  for (let i = 0, at = 0; i < draws; i++, at += DOUBTS.length) {
    const like =
      (kind(drawn[at + PULL]!) * KINDS + kind(drawn[at + CG_PLACE]!)) * KINDS +
      kind(drawn[at + CG_HEIGHT]!);
    keys[i] = (stepOf(drawn[at + FRICTION]!) * KINDS ** 3 + like) * draws + i;
  }
  keys.sort();
  const order = new Uint32Array(draws);
  for (let n = 0; n < draws; n++) order[n] = keys[n]! % draws;
  return order;
}

/** What was drawn of one doubt. */
function numbersFor(doubt: Doubt, drawn: Numbers, draws: number): Float32Array {
  const numbers = new Float32Array(draws);
  for (let i = 0, at = DOUBTS.indexOf(doubt); i < draws; i++, at += DOUBTS.length)
    numbers[i] = drawn[at]!;
  return numbers;
}

/** Parts of a load in one direction; null where a mass is not known. */
function partsOf(plan: Plan, unsure: Unsure, direction: Direction): PartHold[] | null {
  const { statics } = ruleSet(plan.ruleSet);
  const box = mapBoxes(statics)[0]!;
  const motion = MOTIONS[direction];
  const along = motion.along.x !== 0;
  const parts = unsure.load.parts.map((part): PartHold | null => {
    const { problem } = new PartStatics(part, statics).atWorst(box, motion);
    if (problem === null) return null;
    const units = part.bodies.map((b) => b.placed);
    return {
      problem,
      hold: new ParametricHold(problem, motion),
      alone: rowsAlone(part, motion),
      draw: asSaid(problem.lines.length),
      lines: problem.lines.map((l) => ({
        kept: l.leastN === l.mostN,
        settling: unsure.settling.get(l.id) ?? null,
        knots: unsure.knots.get(l.id) ?? { low: 1, high: 1 },
      })),
      lengthM: Math.max(...units.map((p) => (along ? p.unit.lengthM : p.unit.widthM))),
      // Heights count from the foot of what stands lowest.
      heightM: Math.max(...problem.bodies.map((b, i) => b.centre.z - units[i]!.baseM)),
    };
  });
  return parts.some((p) => p === null) ? null : (parts as PartHold[]);
}

/** A step of the work: this many draws, so that it can be watched and given up. */
const AT_ONCE = 2000;

/**
 * Draws what is not sure about a plan, seeded, and asks statics each time what is held in every direction the rule set asks for,
 * in steps; until the last, what is not done is nothing. Null where a mass is not known. The same seed gives the same.
 * Source: Monte Carlo; every draw is answered by the programme of statics itself.
 */
export function* drawing(
  plan: Plan,
  { seed, draws, open, toward = DIRECTIONS }: Wanted,
): Generator<Drawn, Drawn | null> {
  const unsure = unsureOf(plan);
  const { statics } = ruleSet(plan.ruleSet);
  const box = mapBoxes(statics)[0]!;
  const asked = DIRECTIONS.filter((d) => box.requiredG[d] > 0 && toward.includes(d));
  const parts = asked.map((d) => partsOf(plan, unsure, d));
  if (unsure.load.parts.length === 0 || parts.some((p) => p === null)) return null;
  const drawn = numbersOf(seed, draws, open);
  const order = orderOf(drawn, draws);
  const held = asked.map(() => new Float64Array(draws));
  const u = new Float64Array(DOUBTS.length).fill(-1);
  const directions = asked.map((direction, k): DirectionDraws => ({
    direction,
    requiredG: box.requiredG[direction],
    saidG: heldBy(parts[k]!, u),
    heldG: held[k]!,
  }));
  const numbers = open.map((d) => numbersFor(d, drawn, draws));
  for (let n = 0; n < draws; n++) {
    const i = order[n]!;
    for (let d = 0, at = i * DOUBTS.length; d < DOUBTS.length; d++, at++) u[d] = drawn[at]!;
    for (let k = 0; k < asked.length; k++) held[k]![i] = heldBy(parts[k]!, u) ?? -1;
    if (n % AT_ONCE === AT_ONCE - 1 && n + 1 < draws)
      yield { directions, drawn: numbers, done: n + 1 };
  }
  return { directions, drawn: numbers, done: draws };
}

/**
 * What is drawn, draw by draw and doubt by doubt; −1 where it is as the plan says. Each doubt has its number whether it counts
 * or not: opening one changes nothing of the others.
 */
function numbersOf(seed: number, draws: number, open: readonly Doubt[]): Numbers {
  const chance = chanceOf(seed);
  const counts = DOUBTS.map((d) => open.includes(d));
  const drawn = new Float64Array(draws * DOUBTS.length);
  for (let at = 0; at < drawn.length;) {
    for (let d = 0; d < counts.length; d++, at++) {
      const number = chance();
      drawn[at] = counts[d] ? number : -1;
    }
  }
  return drawn;
}

/** What all parts of a load hold with what was drawn, g; null: nothing balances. */
function heldBy(parts: readonly PartHold[], u: Numbers): number | null {
  let least = Infinity;
  for (const p of parts) {
    writeDraw(p, u);
    const g = p.hold.heldG(p.draw);
    if (g === null) return null;
    least = Math.min(least, g, p.alone);
  }
  return least;
}
