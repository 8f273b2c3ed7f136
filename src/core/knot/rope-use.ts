import { formula, type Given, type Tracer } from '../working/working';
import { type KnotId, knot } from './knots';
import { MEASURED, type RopeUse } from './measured';

/** A splice takes no knot's turns: rope buried for three-strand, in diameters. Source: rope makers, from memory. */
const SPLICE_D = 40;
/** What a knot counts that has not been measured: as much as a round turn and two half hitches, longer than most. */
const UNMEASURED: RopeUse = MEASURED['round-turn-two-half-hitches/plain'];

/** What a knot on a line takes, and whether that was measured on this very knot. */
export function ropeUseOf(id: KnotId): { readonly use: RopeUse; readonly measured: boolean } {
  if (knot(id).splice)
    return { use: { insideD: [SPLICE_D], reachD: [0], tailD: 0 }, measured: false };
  const use = knot(id).rope;
  return use ? { use, measured: true } : { use: UNMEASURED, measured: false };
}

/** Least tail that holds, whatever the rope: 100 mm for securing loads. Source: common practice. */
export const LEAST_TAIL_M = 0.1;

const inside = formula<'k' | 'd'>({
  symbol: 'l',
  unit: 'm',
  text: 'k × d',
  source: 'measured on the drawn-up knot',
  confidence: 'computed',
  compute: ({ k, d }) => k * d,
});
const tailLength = formula<'k' | 'd' | 'least'>({
  symbol: 't',
  unit: 'm',
  text: 'max(k × d, l₀)',
  source: 'tail of 12 diameters',
  confidence: 'practice',
  symbols: { least: 'l₀' },
  compute: ({ k, d, least }) => Math.max(k * d, least),
});

/** Length of `turns` diameters of rope, in m. */
export function insideLength<V>(
  t: Tracer<V>,
  label: string,
  turns: number,
  diameter: V,
  measured = true,
): V {
  return t.apply(inside, label, {
    k: t.given({
      label: 'rope in the knot beyond its own reach, in diameters',
      symbol: 'k',
      value: turns,
      unit: 'ratio',
      source: measured
        ? 'measured on the drawn-up knot'
        : 'not measured: as a round turn and two half hitches',
      confidence: measured ? 'computed' : 'default',
    }),
    d: diameter,
  });
}

/** Tail of a knot, in m; `leastM` 0 where nothing hangs on it. */
export function tailOf<V>(
  t: Tracer<V>,
  label: string,
  tailD: number,
  diameter: V,
  leastM: number,
): V {
  return t.apply(tailLength, label, {
    k: t.given({
      label: 'tail, in diameters',
      symbol: 'k',
      value: tailD,
      unit: 'ratio',
      source: 'common practice',
      confidence: 'practice',
    }),
    d: diameter,
    least: t.given({
      label: 'least tail',
      symbol: 'l₀',
      value: leastM,
      unit: 'm',
      source: leastM > 0 ? 'securing loads: never under 100 mm' : 'utility cord',
      confidence: 'practice',
    }),
  });
}

/** A rope's diameter as a given figure. */
export const diameterGiven = (diameterM: number, source: string): Given => ({
  label: 'rope diameter',
  symbol: 'd',
  value: diameterM,
  unit: 'm',
  source,
  confidence: 'entered',
});
