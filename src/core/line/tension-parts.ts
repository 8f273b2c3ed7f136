import type { KeptReading } from '../meter/kept-reading';
import type { Rope } from '../rope/rope';
import { stiffestOfSize, stiffness } from '../rope/strength';
import { settledFormula } from '../tackle/tie-off';
import { bare, formula, type Tracer } from '../working/working';
import type { ElementKindId, LineElement } from './schema';

/** How a line is pulled tight, and what stays. Forces in N; unknown where something needed is unknown. */
export interface LineTension<V> {
  /** The kind of element that does it, a tension that was entered, or nothing. */
  readonly system: ElementKindId | 'entered' | 'none';
  /** Strands counted without friction; null where there is no such count. */
  readonly counted: number | null;
  readonly ratio: V | null;
  /** The largest tension the line sees, while hauling: over-tension is judged on it. */
  readonly hauled: V;
  readonly kept: V;
  /** F_T, after settling: what the rules count. */
  readonly pretension: V;
}

/** What tension needs to know beside the elements. */
export interface TensionInputs {
  readonly routeLengthM: number | null;
  readonly settling: number;
  readonly enteredPretensionN: number | null;
  /** When and by what that tension was read, if a meter read it. */
  readonly reading?: KeptReading | null;
}

/** A tension from a hand pull and a ratio. */
export const times = formula({
  symbol: 'T',
  unit: 'N',
  text: 'H × R',
  source: 'hand pull times ratio',
  confidence: 'exact',
  symbols: { H: 'H' },
  compute: ({ H, R }: Record<'H' | 'R', number>) => H * R,
});

/** A figure that somebody entered, or did not. */
export function entered<V>(
  t: Tracer<V>,
  label: string,
  symbol: string,
  value: number | null,
  unit: 'N' | 'm' | 'ratio' | 'rad',
  source = 'your entry',
): V {
  return t.given({ label, symbol, value, unit, source, confidence: 'entered' });
}

/** What is left of a kept tension after settling: what the rules count. */
export function settle<V>(t: Tracer<V>, kept: V, settling: number): V {
  return t.apply(settledFormula, 'pretension that the rules count', {
    T: kept,
    z: t.given({
      label: 'settling',
      symbol: 'z',
      value: settling,
      unit: 'ratio',
      source: '10 to 30 % in the first hour; default 20 %',
      confidence: 'from-memory',
    }),
  });
}

/** The stiffest rope of a line: it loses most when the hand lets go. One nobody knows counts as that. */
function stiffestRope(elements: readonly LineElement[]): Rope | null {
  const ropes = elements.flatMap((e) => ('rope' in e ? [e.rope] : []));
  const EA = (rope: Rope): number =>
    (rope.mbsN === null ? stiffestOfSize(bare, rope) : stiffness(bare, rope)) ?? Infinity;
  return ropes.length === 0 ? null : ropes.reduce((a, b) => (EA(b) > EA(a) ? b : a));
}

/** What is kept, and what of it the rules count: without label the rope is taken as stiff as any of its size. */
export function keptAndCounted<V>(
  t: Tracer<V>,
  elements: readonly LineElement[],
  settling: number,
  keptWith: (stiffnessN: V) => V,
): { readonly kept: V; readonly pretension: V } {
  const rope = stiffestRope(elements);
  const kept = keptWith(
    rope ? stiffness(t, rope) : entered(t, 'stiffness', 'EA', null, 'N', 'no rope on this line'),
  );
  const stiffestN = rope && stiffestOfSize(t, rope);
  return { kept, pretension: settle(t, stiffestN === null ? kept : keptWith(stiffestN), settling) };
}
