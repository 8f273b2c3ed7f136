/**
 * The working: every computed figure carries how it came about. The same code runs with two tracers,
 * `traced` (builds the tree that screen, print, drills and the programming interface read) and `bare`
 * (numbers only, for hot loops), so that the formula shown can never drift from the formula used.
 */
export type WorkingUnit = 'N' | 'm' | 'kg' | 'rad' | 'g' | 'ratio' | 'count' | 'N/m' | 'J';

/** How far a number may be trusted, and which mark it wears on screen. */
export type Confidence =
  | 'exact'
  | 'from-memory'
  | 'practice'
  | 'rope-tag'
  | 'entered'
  | 'crew-default'
  | 'default'
  | 'computed';

/** One figure with everything it was made from. `value` null: not known. */
export interface Working {
  readonly label: string;
  readonly symbol: string;
  readonly value: number | null;
  readonly unit: WorkingUnit;
  /** In the symbols of `inputs`; empty for a figure that was given, not computed. */
  readonly formula: string;
  readonly inputs: readonly Working[];
  readonly source: string;
  readonly confidence: Confidence;
}

/** A figure that is given, not computed. */
export interface Given {
  readonly label: string;
  readonly symbol: string;
  readonly value: number | null;
  readonly unit: WorkingUnit;
  readonly source: string;
  readonly confidence: Confidence;
}

/** A formula stated once: its text for people and its arithmetic for the program. */
export interface Formula<K extends string> {
  readonly symbol: string;
  readonly unit: WorkingUnit;
  readonly text: string;
  readonly source: string;
  readonly confidence: Confidence;
  /** Symbols under which inputs appear in `text`, where they differ from the symbols the inputs came with. */
  readonly symbols?: Partial<Record<NoInfer<K>, string>>;
  readonly compute: (values: Record<K, number>) => number;
}

/** Declares a formula; only there to let the input names be inferred. */
export function formula<K extends string>(spec: Formula<K>): Formula<K> {
  return spec;
}

/** What a computation is written against. `V` is `Working` or plain number; null stands for unknown. */
export interface Tracer<V> {
  given(fact: Given): V;
  apply<K extends string>(f: Formula<K>, label: string, inputs: Record<K, V>): V;
  /** Smallest (or largest) of several figures. Unknown members make the result unknown. */
  extreme(kind: 'least' | 'greatest', label: string, symbol: string, members: readonly V[]): V;
  /** Sum of several figures; empty is 0. */
  sum(label: string, symbol: string, unit: WorkingUnit, members: readonly V[]): V;
  value(v: V): number | null;
}

function combine(
  values: readonly (number | null)[],
  fold: (known: readonly number[]) => number,
): number | null {
  return values.every((v): v is number => v !== null) ? fold(values) : null;
}

const EXTREME = {
  least: (values: readonly number[]) => Math.min(...values),
  greatest: (values: readonly number[]) => Math.max(...values),
};
const add = (values: readonly number[]) => values.reduce((a, b) => a + b, 0);

function computeKnown<K extends string>(
  f: Formula<K>,
  values: Record<K, number | null>,
): number | null {
  for (const key in values) if (values[key] === null) return null;
  return f.compute(values as Record<K, number>);
}

/** Numbers only: for searches, Monte-Carlo and ranking alternatives. */
export const bare: Tracer<number | null> = {
  given: (fact) => fact.value,
  apply: (f, _label, inputs) => computeKnown(f, inputs),
  extreme: (kind, _label, _symbol, members) => combine(members, EXTREME[kind]),
  sum: (_label, _symbol, _unit, members) => combine(members, add),
  value: (v) => v,
};

const SUBSCRIPTS = '₀₁₂₃₄₅₆₇₈₉';
const subscript = (n: number): string => [...String(n)].map((d) => SUBSCRIPTS[Number(d)]).join('');
/** Made once: every sum of every plan asks for them at every keystroke. */
const FIRST_SUBSCRIPTS = Array.from({ length: 64 }, (_, i) => subscript(i));
const LAST_IS_SUBSCRIPT = /[₀-₉]$/;

/** Members of a list told apart by number: C₁, C₂, … */
function numbered(members: readonly Working[]): Working[] {
  if (members.length < 2) return [...members];
  return members.map((m, i) => {
    const bare = LAST_IS_SUBSCRIPT.test(m.symbol) ? m.symbol.replace(/[₀-₉]+$/, '') : m.symbol;
    return { ...m, symbol: bare + (FIRST_SUBSCRIPTS[i + 1] ?? subscript(i + 1)) };
  });
}

/** Builds the tree of workings. */
export const traced: Tracer<Working> = {
  given: (fact) => ({ ...fact, formula: '', inputs: [] }),
  apply: <K extends string>(f: Formula<K>, label: string, inputs: Record<K, Working>): Working => {
    const values = {} as Record<K, number | null>;
    const shown: Working[] = [];
    for (const key in inputs) {
      values[key] = inputs[key].value;
      const symbol = f.symbols?.[key];
      shown.push(symbol === undefined ? inputs[key] : { ...inputs[key], symbol });
    }
    return {
      label,
      symbol: f.symbol,
      value: computeKnown(f, values),
      unit: f.unit,
      formula: f.text,
      inputs: shown,
      source: f.source,
      confidence: f.confidence,
    };
  },
  extreme: (kind, label, symbol, members) => {
    const inputs = numbered(members);
    return {
      label,
      symbol,
      value: combine(
        members.map((m) => m.value),
        EXTREME[kind],
      ),
      unit: members[0]?.unit ?? 'N',
      formula: `${kind === 'least' ? 'min' : 'max'}(${inputs.map((m) => m.symbol).join(', ')})`,
      inputs,
      source: kind === 'least' ? 'weakest point governs' : 'largest counts',
      confidence: 'computed',
    };
  },
  sum: (label, symbol, unit, members) => {
    const inputs = numbered(members);
    return {
      label,
      symbol,
      value: combine(
        members.map((m) => m.value),
        add,
      ),
      unit,
      formula: inputs.map((m) => m.symbol).join(' + ') || '0',
      inputs,
      source: 'sum',
      confidence: 'computed',
    };
  },
  value: (v) => v.value,
};
