import { knotEfficiency } from '../../knot/efficiency';
import { knot, type KnotId } from '../../knot/knots';
import { bendFactor } from '../../rope/bend';
import type { Rope } from '../../rope/rope';
import { placeCapacity } from '../../rope/strength';
import { formula, type Tracer } from '../../working/working';
import type { LineContext, Run } from '../context';
import {
  makePlace,
  type Place,
  type PlacePart,
  type PlaceProblem,
  unknownCapacity,
  weakestPlace,
} from '../place';

const bendFormula = formula({
  symbol: 'β',
  unit: 'ratio',
  text: 'β(D ÷ d)',
  source: 'rope makers’ bend table, linear between entries',
  confidence: 'from-memory',
  compute: ({ D, d }: Record<'D' | 'd', number>) => bendFactor(D / d) ?? NaN,
});

/** Two factors at the same place multiply. */
const together = formula({
  symbol: 'η',
  unit: 'ratio',
  text: 'η₀ × β',
  source: 'knot and bend at the same place',
  confidence: 'exact',
  symbols: { knot: 'η₀' },
  compute: ({ knot: k, bend }: Record<'knot' | 'bend', number>) => k * bend,
});

/** What is known of what a rope bends over: its diameter, or that it is taken as thick as the rope, the sharpest bend there is a figure for. */
export type BendOver = { readonly diameterM: number } | 'as-thick-as-the-rope' | 'not-measured';

/** Bend factor over something. Not measured, or sharper than the rope itself: nothing is known. */
export function bendAt<V>(t: Tracer<V>, rope: Rope, over: BendOver): V {
  const measured = typeof over === 'object';
  const D = measured ? over.diameterM : over === 'not-measured' ? null : rope.diameterM;
  const tooSharp = D !== null && bendFactor(D / rope.diameterM) === null;
  return t.apply(bendFormula, 'bend', {
    D: t.given({
      label: 'bend diameter',
      symbol: 'D',
      value: tooSharp ? null : D,
      unit: 'm',
      source:
        D === null
          ? 'not measured: nothing is known'
          : tooSharp
            ? 'smaller than the rope: nothing is known'
            : measured
              ? 'your entry'
              : 'taken as thick as the rope',
      confidence: measured ? 'entered' : 'default',
    }),
    d: t.given({
      label: 'rope diameter',
      symbol: 'd',
      value: rope.diameterM,
      unit: 'm',
      source: 'your entry',
      confidence: 'entered',
    }),
  });
}

/** Why a bend has no factor: nobody measured it, it is too sharp, or the rope itself is not known. */
export function bendProblem(rope: Rope, over: BendOver): PlaceProblem {
  if (over === 'not-measured') return 'bend-not-measured';
  return typeof over === 'object' && bendFactor(over.diameterM / rope.diameterM) === null
    ? 'bend-too-sharp'
    : 'unknown-rope';
}

/** A measure as a bend. */
export const bendOver = (diameterM: number | null): BendOver =>
  diameterM === null ? 'not-measured' : { diameterM };

/** A factor of 1: nothing is lost here. */
export function noLoss<V>(t: Tracer<V>): V {
  return t.given({
    label: 'no knot here',
    symbol: 'η',
    value: 1,
    unit: 'ratio',
    source: 'plain rope',
    confidence: 'exact',
  });
}

/** Capacity of plain rope at a place, doubled strands counted. */
export function ropePlace<V>(
  t: Tracer<V>,
  rope: Rope,
  context: LineContext,
  label: string,
  factor: V,
): V {
  return placeCapacity(
    t,
    rope,
    context.basis,
    context.temporary,
    { label, strands: rope.doubled ? 2 : 1, factor },
    context.limit,
  );
}

/** What else acts where the knot lies. */
export interface KnotSpot {
  readonly bendDiameterM: number | null;
}

/** Capacity of a knot in rope: single strand, times the bend of another edge under its body when there is one. */
export function knotCapacity<V>(
  t: Tracer<V>,
  rope: Rope,
  id: KnotId,
  context: LineContext,
  spot: KnotSpot,
): V {
  const efficiency = t.given(knotEfficiency(id, context.knotSchool, rope.material));
  const factor =
    spot.bendDiameterM === null
      ? efficiency
      : t.apply(together, 'knot on an edge', {
          knot: efficiency,
          bend: bendAt(t, rope, { diameterM: spot.bendDiameterM }),
        });
  return placeCapacity(
    t,
    rope,
    context.basis,
    context.temporary,
    { label: knot(id).name, strands: 1, factor },
    context.limit,
  );
}

/** The place of a knot in one run; what is no rope takes no knots. */
function knotIn<V>(
  t: Tracer<V>,
  part: PlacePart,
  id: KnotId,
  run: Run | null,
  context: LineContext,
  spot: KnotSpot,
  share?: V,
): Place<V> {
  const name = knot(id).name;
  const refuse = (problem: PlaceProblem, why: string) =>
    makePlace(t, part, name, unknownCapacity(t, name, why), problem, share);
  if (!run) return refuse('no-rope', 'no rope on this line');
  if (run.rope === null || run.noKnots !== null)
    return refuse(run.noKnots ?? 'no-rope', `${run.kind} is not knotted`);
  const capacity = knotCapacity(t, run.rope, id, context, spot);
  const problem =
    spot.bendDiameterM === null
      ? 'unknown-rope'
      : bendProblem(run.rope, { diameterM: spot.bendDiameterM });
  return makePlace(t, part, name, capacity, problem, share);
}

/** The place of a knot in whatever may run through it: where two may, the weaker counts. */
export function knotPlace<V>(
  t: Tracer<V>,
  part: PlacePart,
  id: KnotId,
  runs: readonly Run[],
  context: LineContext,
  spot: KnotSpot = { bendDiameterM: null },
  share?: V,
): Place<V> {
  const candidates = runs.length > 0 ? runs : [null];
  return weakestPlace(
    t,
    candidates.map((run) => knotIn(t, part, id, run, context, spot, share)),
  )[0]!;
}

/** The ropes among what may run here. */
export const ropesOf = (runs: readonly Run[]): Rope[] => runs.flatMap((run) => run.rope ?? []);
