import { entryOf } from '../knot/catalogue';
import type { TiedForm } from '../knot/catalogue/entry';
import { knotEfficiency, UNPUBLISHED_EFFICIENCY } from '../knot/efficiency';
import type { KnotId, Stage } from '../knot/knots';
import { endTensions } from '../span/loaded-line';
import { PASS_KINDS } from '../tackle/passes';
import { formula, type Given, traced, type Working } from '../working/working';
import type { Joint, RigInputs } from './rig';

const needed = formula<'F' | 'n' | 'eta'>({
  symbol: 'MBS',
  unit: 'N',
  text: 'F × n ÷ η',
  source: 'what may be on a rope: its strength through the knot over the design factor',
  confidence: 'exact',
  symbols: { eta: 'η' },
  compute: ({ F, n, eta }) => (F * n) / eta,
});
const overHalfTurn = formula<'W' | 'e'>({
  symbol: 'T',
  unit: 'N',
  text: 'W ÷ e',
  source: 'a half turn leaves the part e of the pull',
  confidence: 'exact',
  compute: ({ W, e }) => W / e,
});
const product = formula<'W' | 'k'>({
  symbol: 'F',
  unit: 'N',
  text: 'W × k',
  source: 'equilibrium',
  confidence: 'exact',
  compute: ({ W, k }) => W * k,
});

const entered = (label: string, symbol: string, value: number, unit: Given['unit']): Working =>
  traced.given({ label, symbol, value, unit, source: 'your entry', confidence: 'entered' });

/** The weight that hangs. */
export const weight = ({ loadN }: RigInputs): Working =>
  entered('weight of what hangs', 'W', loadN, 'N');

/** All that hangs in a row. */
export const weightOfRow = (inputs: RigInputs): Working =>
  traced.apply(product, 'all that hangs', {
    W: weight(inputs),
    k: entered('things in the row', 'k', inputs.count, 'count'),
  });

/**
 * What the hauling part has while a weight is raised over a branch, with the most friction: the weight over what a half turn
 * leaves. At rest it has no more than the weight.
 */
export function hauledOverBranch(inputs: RigInputs): Working {
  const { name, least } = PASS_KINDS.post;
  return traced.apply(overHalfTurn, 'hauling part while it is raised', {
    W: weight(inputs),
    e: traced.given({
      label: `half turn on a ${name}, most friction`,
      symbol: 'e',
      value: least,
      unit: 'ratio',
      source: 'common practice, no source',
      confidence: 'practice',
    }),
  });
}

/** Greater end tension of a level line with all its load in the middle: the worst place, and more than a row of loads gives. */
export function spanned(inputs: RigInputs, load: Working): Working {
  const { spanM, sagM } = inputs;
  return endTensions(
    traced,
    { spanM, riseM: 0, weightNPerM: 0, loadN: load.value ?? 0, atM: spanM / 2 },
    sagM,
  ).greatestN;
}

/** Row of the strength table for a form; null: no school has a figure. */
function strengthOf({ entry: id, form }: Stage): KnotId | null {
  const entry = entryOf(id)!;
  const tied: TiedForm | undefined = entry.forms.find((f) => f.id === form);
  return tied?.strength === undefined ? entry.strength : tied.strength;
}

function efficiencyOf(knot: KnotId | null): Working {
  return traced.given(
    knot
      ? knotEfficiency(knot, 'lowest', 'polyester')
      : {
          label: 'left after the knot',
          symbol: 'η',
          unit: 'ratio',
          value: UNPUBLISHED_EFFICIENCY,
          source: 'no published value',
          confidence: 'practice',
        },
  );
}

/** A joint with the strength its rope must have. */
export function joint(inputs: RigInputs, what: string, stage: Stage, loadN: Working): Joint {
  return {
    what,
    stage,
    loadN,
    neededN: traced.apply(needed, 'breaking strength the rope must have', {
      F: loadN,
      n: entered('design factor', 'n', inputs.designFactor, 'ratio'),
      eta: efficiencyOf(strengthOf(stage)),
    }),
  };
}

/** Two forces on one bearing, as if they pulled the same way: the worst. */
export const together = (label: string, forces: readonly Working[]): Working =>
  traced.sum(label, 'F', 'N', forces);
