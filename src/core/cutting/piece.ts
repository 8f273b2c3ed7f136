import { MEASURED, type MeasuredForm } from '../knot/measured';
import { diameterGiven, insideLength, LEAST_TAIL_M, tailOf } from '../knot/rope-use';
import { formula, type Tracer } from '../working/working';

/** What may be at an end of a piece. `eye`: it ends in a loop whose eye can be asked for. */
export const END_KNOTS = {
  none: { name: 'plain end, whipped', form: null, eye: false },
  'figure-eight': { name: 'figure-eight stopper', form: 'figure-eight/plain', eye: false },
  'double-overhand': { name: 'double overhand stopper', form: 'double-overhand/plain', eye: false },
  overhand: { name: 'overhand stopper', form: 'overhand/plain', eye: false },
  bowline: { name: 'bowline', form: 'bowline/facing-away', eye: true },
  'figure-eight-on-bight': {
    name: 'figure-eight on a bight',
    form: 'figure-eight-on-bight/plain',
    eye: true,
  },
  'overhand-on-bight': { name: 'overhand on a bight', form: 'overhand/on-a-bight', eye: true },
  'slip-loop': { name: 'slip loop', form: 'slip-loop/plain', eye: true },
  'fishermans-bend': {
    name: 'fisherman’s bend on a ring',
    form: 'fishermans-bend/plain',
    eye: false,
  },
  'round-turn-two-half-hitches': {
    name: 'round turn and two half hitches',
    form: 'round-turn-two-half-hitches/plain',
    eye: false,
  },
  'clove-hitch': { name: 'clove hitch', form: 'clove-hitch/passed', eye: false },
  'two-half-hitches': { name: 'two half hitches', form: 'two-half-hitches/same-way', eye: false },
  'taut-line-hitch': { name: 'taut-line hitch', form: 'taut-line-hitch/plain', eye: false },
} as const satisfies Record<
  string,
  { readonly name: string; readonly form: MeasuredForm | null; readonly eye: boolean }
>;
export type EndKnotId = keyof typeof END_KNOTS;
export const END_KNOT_IDS = Object.keys(END_KNOTS) as [EndKnotId, ...EndKnotId[]];

/** A piece as it is wanted: finished, between the far ends of its knots. */
export interface PieceWanted {
  readonly finishedM: number;
  readonly ends: readonly [EndKnotId, EndKnotId];
  /** Securing loads asks for tails of 100 mm at least; utility cord only for the knot's own tail. */
  readonly secures: boolean;
}

const extra = formula<'i' | 't'>({
  symbol: 'e',
  unit: 'm',
  text: 'l + t',
  source: 'rope in the knot beyond its own reach, and its tail',
  confidence: 'computed',
  symbols: { i: 'l' },
  compute: ({ i, t }) => i + t,
});
const cut = formula<'L' | 'a' | 'b'>({
  symbol: 'l',
  unit: 'm',
  text: 'L + e₁ + e₂',
  source: 'finished length and both ends',
  confidence: 'computed',
  symbols: { a: 'e₁', b: 'e₂' },
  compute: ({ L, a, b }) => L + a + b,
});

function endExtra<V>(t: Tracer<V>, end: EndKnotId, diameterM: number, secures: boolean): V {
  const { form, name } = END_KNOTS[end];
  if (form === null)
    return t.given({
      label: name,
      symbol: 'e',
      value: 0,
      unit: 'm',
      source: 'no knot',
      confidence: 'exact',
    });
  const use = MEASURED[form];
  const d = t.given(diameterGiven(diameterM, 'the rope'));
  return t.apply(extra, name, {
    i: insideLength(t, `rope in the ${name}`, use.insideD[0] - use.reachD[0], d),
    t: tailOf(t, 'tail', use.tailD, d, secures ? LEAST_TAIL_M : 0),
  });
}

/** Length to cut for a piece in rope of a diameter, in m: finished length, rope inside the knots, tails. */
export function cutLength<V>(t: Tracer<V>, piece: PieceWanted, diameterM: number): V {
  const [a, b] = piece.ends;
  return t.apply(cut, 'length to cut', {
    L: t.given({
      label: 'finished length',
      symbol: 'L',
      value: piece.finishedM,
      unit: 'm',
      source: 'your entry',
      confidence: 'entered',
    }),
    a: endExtra(t, a, diameterM, piece.secures),
    b: endExtra(t, b, diameterM, piece.secures),
  });
}
