import { formula, type Tracer } from '../working/working';

const factor = formula<'alpha'>({
  symbol: 'f',
  unit: 'ratio',
  text: '1 ÷ sin(α)',
  source: 'angle of the leg from the horizontal',
  confidence: 'exact',
  symbols: { alpha: 'α' },
  compute: ({ alpha }) => 1 / Math.sin(alpha),
});
const leg = formula<'P' | 'n' | 'f'>({
  symbol: 'T',
  unit: 'N',
  text: 'P ÷ n × f',
  source: 'even legs share the load',
  confidence: 'exact',
  compute: ({ P, n, f }) => (P / n) * f,
});

/** Tension of one leg over its share of the load, for its angle from the horizontal: 1 / sin. Exact. */
export function legFactor(angleRad: number): number {
  return factor.compute({ alpha: angleRad });
}

/** Tension of each of several even legs that carry a load together, in N, with working. */
export function legTension<V>(t: Tracer<V>, loadN: number, legs: number, angleRad: number): V {
  const entered = (label: string, symbol: string, value: number, unit: 'N' | 'count' | 'rad'): V =>
    t.given({ label, symbol, value, unit, source: 'your entry', confidence: 'entered' });
  return t.apply(leg, 'each leg', {
    P: entered('load', 'P', loadN, 'N'),
    n: entered('legs that share it', 'n', legs, 'count'),
    f: t.apply(factor, 'angle factor', {
      alpha: entered('leg from the horizontal', 'α', angleRad, 'rad'),
    }),
  });
}
