import { formula, type Formula, type Tracer } from '../working/working';
import type { Tackle } from './tackle';
import { riggingOf, turnEfficiency, turnWrapRad } from './tackle';
import { PASS_KINDS } from './passes';
import { handTurn, pullOfRope, riggingForces, stopsOf } from './rigging';

/** Every strand and body of a tackle in N for its hand pull, each with its working. */
export interface TackleForces<V> {
  readonly strandsN: readonly (readonly V[])[];
  readonly loadN: V;
  /** What the fastening of a body bears, by its id: on an anchor all strands, on a travelling body those on one side. */
  readonly bodiesN: ReadonlyMap<string, V>;
}

/** One strand's pull on one body. `along`: +1 toward the anchor. */
interface Pull<V> {
  readonly body: string;
  readonly along: number;
  readonly strand: V;
  readonly symbol: string;
}

const SUBSCRIPTS = '₀₁₂₃₄₅₆₇₈₉';
/** Strand 2 of the first rope is a₂. */
export const strandSymbol = (rope: number, strand: number): string =>
  `${String.fromCharCode(97 + rope)}${[...String(strand + 1)].map((d) => SUBSCRIPTS[Number(d)]).join('')}`;

const nameOf = (tackle: Tackle, id: string): string =>
  tackle.bodies.find((b) => b.id === id)?.name || id;

/** Sum of strands with their signs, as a formula written in the strands' own symbols. */
function signedSum<V>(
  t: Tracer<V>,
  symbol: string,
  label: string,
  source: string,
  pulls: readonly (Pull<V> & { sign: number })[],
): V {
  const text =
    pulls
      .map(
        ({ sign, symbol: s }, i) =>
          `${sign < 0 ? (i === 0 ? '−' : ' − ') : i === 0 ? '' : ' + '}${Math.abs(sign) === 1 ? '' : `${Number(Math.abs(sign).toPrecision(12))} × `}${s}`,
      )
      .join('') || '0';
  const keys = pulls.map((_, i) => `s${i}`);
  return t.apply(
    formula<string>({
      symbol,
      unit: 'N',
      text,
      source,
      confidence: 'exact',
      symbols: Object.fromEntries(keys.map((k, i) => [k, pulls[i]!.symbol])),
      compute: (v) => pulls.reduce((sum, { sign }, i) => sum + sign * v[`s${i}`]!, 0),
    }),
    label,
    Object.fromEntries(keys.map((k, i) => [k, pulls[i]!.strand])),
  );
}

/** What a turn leaves of a strand; the text is written with the strand's own symbol. */
const halfTurn = formula<'S' | 'e'>({
  symbol: 'S',
  unit: 'N',
  text: 'S × e',
  source: 'what the turn leaves while hauling',
  confidence: 'exact',
  compute: ({ S, e }) => S * e,
});
const onward = formula<'S' | 'e' | 'phi' | 'wrap'>({
  symbol: 'S',
  unit: 'N',
  text: 'S × e^(max(0, θ − φ) ÷ θ)',
  source: 'the turn at the hand shrinks by the hand’s angle',
  confidence: 'exact',
  symbols: { phi: 'φ', wrap: 'θ' },
  compute: ({ S, e, phi, wrap }) => S * e ** (Math.max(0, wrap - phi) / wrap),
});
const backward = formula<'S' | 'e' | 'phi' | 'wrap'>({
  symbol: 'S',
  unit: 'N',
  text: 'S × e^(max(0, θ − π + φ) ÷ θ)',
  source: 'the turn at the hand grows with its angle',
  confidence: 'exact',
  symbols: { phi: 'φ', wrap: 'θ' },
  compute: ({ S, e, phi, wrap }) => S * e ** (Math.max(0, wrap - Math.PI + phi) / wrap),
});

class Builder<V> {
  readonly pulls: Pull<V>[] = [];
  readonly strands: V[][];

  constructor(
    readonly t: Tracer<V>,
    readonly tackle: Tackle,
  ) {
    this.strands = tackle.ropes.map(() => []);
  }

  private at(id: string): number {
    return this.tackle.bodies.findIndex((b) => b.id === id);
  }

  private efficiency(rope: number, pass: number): V {
    const { body, turn } = this.tackle.ropes[rope]!.passes[pass]!;
    const kind = turn.by === 'efficiency' && turn.round ? PASS_KINDS[turn.round] : null;
    const source =
      turn.by === 'friction'
        ? `exp(−μθ), μ ${Number(turn.mu.toPrecision(3))}, ${Math.round((turn.wrapRad * 180) / Math.PI)}°`
        : kind
          ? `${kind.name}, ${kind.least} to ${kind.most}`
          : 'your entry';
    return this.t.given({
      label: `turn at ${nameOf(this.tackle, body)}`,
      symbol: 'e',
      value: turnEfficiency(turn),
      unit: 'ratio',
      source,
      confidence: kind ? 'from-memory' : 'entered',
    });
  }

  /** Adds a rope whose first strand is known: walks it to its end. */
  walk(rope: number, first: V): void {
    const { tackle } = this;
    const { from, passes } = tackle.ropes[rope]!;
    const stops = stopsOf({
      ...tackle.ropes[rope]!,
      passes: passes.map((p) => ({ body: p.body, efficiency: 1 })),
    });
    const strands = this.strands[rope]!;
    const put = (strand: V, ends: readonly { body: string; along: number }[]): void => {
      const symbol = strandSymbol(rope, strands.length);
      strands.push(strand);
      for (const end of ends) this.pulls.push({ ...end, strand, symbol });
    };
    let now = first;
    if (from === 'hand') put(now, [{ body: stops[0]!, along: Math.cos(tackle.handAngleRad) }]);
    for (let i = 0; i + 1 < stops.length; i++) {
      const [a, b] = [stops[i]!, stops[i + 1]!];
      const along = Math.sign(this.at(b) - this.at(a));
      const pass = from === 'hand' ? i : i - 1;
      if (pass >= 0) now = this.turned(rope, pass, now, from === 'hand' && i === 0 ? along : null);
      put(now, [
        { body: a, along },
        { body: b, along: -along },
      ]);
    }
  }

  private turned(rope: number, pass: number, S: V, first: number | null): V {
    const { t, tackle } = this;
    const at = this.strands[rope]!.length;
    const symbol = strandSymbol(rope, at);
    const of = <K extends string>(f: Formula<K>): Formula<K> => ({
      ...f,
      symbol,
      text: f.text.replace('S', strandSymbol(rope, at - 1)),
    });
    const label = `strand ${symbol}, past ${nameOf(tackle, tackle.ropes[rope]!.passes[pass]!.body)}`;
    const e = this.efficiency(rope, pass);
    const wrapRad = turnWrapRad(tackle.ropes[rope]!.passes[pass]!.turn);
    // A hand that pulls straight back or forth takes nothing off the turn: no angle to show.
    if (first === null || handTurn(tackle.handAngleRad, first, wrapRad) === 1)
      return t.apply(of(halfTurn), label, { S, e });
    const phi = t.given({
      label: 'hand, from the direction of the anchor',
      symbol: 'φ',
      value: tackle.handAngleRad,
      unit: 'rad',
      source: 'your entry',
      confidence: 'entered',
    });
    const wrap = t.given({
      label: 'wrapped, hand along the line',
      symbol: 'θ',
      value: wrapRad,
      unit: 'rad',
      source: 'the turn',
      confidence: 'entered',
    });
    return t.apply(of(first > 0 ? onward : backward), label, { S, e, phi, wrap });
  }

  on(body: string): readonly Pull<V>[] {
    return this.pulls.filter((p) => p.body === body);
  }
}

/** The one strand that is still unknown on a travelling body, from the others: together they come to nothing. */
function fromEquilibrium<V>(b: Builder<V>, body: string, rope: number, own: number): V {
  const symbol = strandSymbol(rope, 0);
  return signedSum(
    b.t,
    symbol,
    `strand ${symbol}, from ${nameOf(b.tackle, body)} in equilibrium`,
    'forces on a travelling body add up to nothing',
    b.on(body).map((p) => ({ ...p, sign: -p.along / own })),
  );
}

/** Adds the ropes that hang on travelling bodies, body by body where one rope is open; the rest as the solver gives them. */
function walkOpenRopes<V>(b: Builder<V>, numbers: readonly (readonly number[])[]): void {
  const { tackle, t } = b;
  const rigging = riggingOf(tackle);
  const open = new Set(tackle.ropes.flatMap((r, i) => (r.from === 'hand' ? [] : [i])));
  const bodies = new Set(
    tackle.bodies.filter((body) => body.kind === 'travelling').map((body) => body.id),
  );
  const next = (): { body: string; rope: number } | null => {
    for (const body of bodies) {
      const there = [...open].filter((r) => Math.abs(pullOfRope(rigging, r, body)) > 1e-12);
      if (there.length === 1) return { body, rope: there[0]! };
    }
    return null;
  };
  for (let found = next(); found; found = next()) {
    const { body, rope } = found;
    b.walk(rope, fromEquilibrium(b, body, rope, pullOfRope(rigging, rope, body)));
    open.delete(rope);
    bodies.delete(body);
  }
  for (const rope of open) {
    const symbol = strandSymbol(rope, 0);
    b.walk(
      rope,
      t.given({
        label: `strand ${symbol}`,
        symbol,
        value: numbers[rope]![0]! * tackle.handForceN,
        unit: 'N',
        source: `equilibrium of ${[...bodies].map((id) => nameOf(tackle, id)).join(' and ')} together`,
        confidence: 'computed',
      }),
    );
  }
}

/** The force on a body of the tackle: what the load or an anchor bears, or one side of what hangs between strands. */
function forceOn<V>(b: Builder<V>, id: string, kind: Tackle['bodies'][number]['kind']): V {
  // Strands that lead away from an anchor or the load on its far side pull the other way, so all of them count there.
  const pulls = kind === 'travelling' ? b.on(id).filter((p) => p.along > 1e-12) : b.on(id);
  return signedSum(
    b.t,
    'T',
    kind === 'load' ? 'load line' : `on ${nameOf(b.tackle, id)}`,
    kind === 'load' ? 'strands on the load' : 'strands on one side of it',
    pulls.map((p) => ({ ...p, sign: kind === 'anchor' ? -p.along : p.along })),
  );
}

/**
 * Forces in a tackle for its hand pull, in N, strand by strand. Numbers agree with `riggingForces`, which finds what
 * several bodies decide together; the tackle must be solvable (its schema refuses any other).
 */
export function tackleForces<V>(t: Tracer<V>, tackle: Tackle): TackleForces<V> {
  const solved = riggingForces(riggingOf(tackle), 'hauling');
  if (!solved.ok) throw new Error('Broken invariant: a tackle that cannot be solved');
  const b = new Builder(t, tackle);
  b.walk(
    tackle.ropes.findIndex((r) => r.from === 'hand'),
    t.given({
      label: 'hand pull',
      symbol: 'a₁',
      value: tackle.handForceN,
      unit: 'N',
      source: 'two gloved hands on bare rope: 250 N',
      confidence: 'practice',
    }),
  );
  walkOpenRopes(b, solved.value.strands);
  const bodiesN = new Map(
    tackle.bodies.map((body) => [body.id, forceOn(b, body.id, body.kind)] as const),
  );
  const loads = tackle.bodies
    .filter((body) => body.kind === 'load')
    .map((body) => bodiesN.get(body.id)!);
  return {
    strandsN: b.strands,
    bodiesN,
    loadN: loads.length === 1 ? loads[0]! : t.sum('load line', 'T', 'N', loads),
  };
}
