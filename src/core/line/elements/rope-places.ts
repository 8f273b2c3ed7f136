import { knotEfficiency } from '../../knot/efficiency';
import { knot, type KnotId } from '../../knot/knots';
import { bendFactor } from '../../rope/bend';
import type { Rope } from '../../rope/rope';
import { placeCapacity } from '../../rope/strength';
import { formula, type Tracer } from '../../working/working';
import type { ChainPosition, Flexible, LineContext } from '../chain';
import { makePlace, type Place, type PlacePart, type PlaceProblem, unknownCapacity } from '../place';

const bendFormula = formula({
  symbol: 'β', unit: 'ratio', text: 'β(D ÷ d)', source: 'rope makers’ bend table, linear between entries', confidence: 'from-memory',
  compute: ({ D, d }: Record<'D' | 'd', number>) => bendFactor(D / d) ?? NaN,
});

/** Two factors at the same place multiply. */
const together = formula({
  symbol: 'η', unit: 'ratio', text: 'η₀ × β', source: 'knot and bend at the same place', confidence: 'exact', symbols: { knot: 'η₀' },
  compute: ({ knot: k, bend }: Record<'knot' | 'bend', number>) => k * bend,
});

/** Bend factor over a given diameter. Not measured: as thick as the rope itself, the most pessimistic known entry. */
export function bendAt<V>(t: Tracer<V>, rope: Rope, diameterM: number | null): V {
  const known = diameterM !== null;
  const D = diameterM ?? rope.diameterM;
  const d = t.given({ label: 'rope diameter', symbol: 'd', value: rope.diameterM, unit: 'm', source: 'your entry', confidence: 'entered' });
  const tooSharp = bendFactor(D / rope.diameterM) === null;
  return t.apply(bendFormula, 'bend', {
    D: t.given({
      label: 'bend diameter', symbol: 'D', value: tooSharp ? null : D, unit: 'm',
      source: tooSharp ? 'smaller than the rope: nothing is known' : known ? 'your entry' : 'not measured: as thick as the rope',
      confidence: known ? 'entered' : 'default',
    }),
    d,
  });
}

/** A factor of 1: nothing is lost here. */
export function noLoss<V>(t: Tracer<V>): V {
  return t.given({ label: 'no knot here', symbol: 'η', value: 1, unit: 'ratio', source: 'plain rope', confidence: 'exact' });
}

/** Capacity of plain rope at a place, doubled strands counted. */
export function ropePlace<V>(t: Tracer<V>, rope: Rope, context: LineContext, label: string, factor: V): V {
  return placeCapacity(t, rope, context.basis, context.temporary, { label, strands: rope.doubled ? 2 : 1, factor });
}

/** What else acts where the knot lies. */
export interface KnotSpot {
  readonly bendDiameterM: number | null;
}

/** Capacity of a knot in rope: single strand, times the bend of another edge under its body when there is one. */
export function knotCapacity<V>(t: Tracer<V>, rope: Rope, id: KnotId, context: LineContext, spot: KnotSpot): V {
  const efficiency = t.given(knotEfficiency(id, context.knotSchool, rope.material));
  const factor = spot.bendDiameterM === null ? efficiency
    : t.apply(together, 'knot on an edge', { knot: efficiency, bend: bendAt(t, rope, spot.bendDiameterM) });
  return placeCapacity(t, rope, context.basis, context.temporary, { label: knot(id).name, strands: 1, factor });
}

/** The place of a knot in whatever runs through it; webbing and chain take no knots. */
export function knotPlace<V>(
  t: Tracer<V>, part: PlacePart, id: KnotId, flexible: Flexible | null, context: LineContext,
  spot: KnotSpot = { bendDiameterM: null }, share?: V,
): Place<V> {
  const name = knot(id).name;
  const refuse = (problem: PlaceProblem, why: string) => makePlace(t, part, name, unknownCapacity(t, name, why), problem, share);
  if (!flexible) return refuse('no-rope', 'no rope on this line');
  if (flexible.kind === 'webbing') return refuse('knot-in-webbing', 'webbing is not knotted');
  if (flexible.kind === 'chain') return refuse('knot-in-chain', 'chain is not knotted');
  const capacity = knotCapacity(t, flexible.rope, id, context, spot);
  const tooSharp = spot.bendDiameterM !== null && spot.bendDiameterM < flexible.rope.diameterM;
  return makePlace(t, part, name, capacity, tooSharp ? 'bend-too-sharp' : 'unknown-rope', share);
}

/** Diameter of the anchor a trucker's hitch turns round; null when nobody measured it. */
export function turnDiameter(at: ChainPosition): number | null {
  return at.tensionedAnchor?.barDiameterM ?? null;
}
