import { benchContext } from './context';
import type { LineElement } from '../line/schema';
import { lineCapacity } from '../line/line';
import type { Rope } from '../rope/rope';
import { stiffness } from '../rope/strength';
import type { Strength } from '../securement/schema';
import { type Catenary, catenaryOfSag, parabolaTensionN } from '../span/catenary';
import { lineWeightNPerM } from '../span/line-weight';
import {
  elasticSag,
  endTensions,
  type EndTensions,
  sagForLimit,
  tensionCurve,
} from '../span/loaded-line';
import { bare, traced, type Working } from '../working/working';

/** A span as it is entered. `by`: the sag is measured, or follows from how long the line was before the load. */
export interface SpanInput {
  readonly spanM: number;
  readonly riseM: number;
  readonly rope: Rope;
  readonly loadN: number;
  readonly atM: number;
  readonly by: 'sag' | 'length';
  readonly sagM: number;
  readonly unstretchedM: number;
}

/** Everything the span shows. Forces in N, lengths in m. */
export interface SpanFigures {
  readonly sagM: number;
  readonly ends: EndTensions<Working>;
  readonly wll: Working;
  /** Least sag that keeps the line at its WLL; null when no sag does, or the WLL is not known. */
  readonly sagAtWllM: number | null;
  readonly timesLoad: number;
  readonly weightNPerM: number;
  /** The line alone, as deep as it hangs now: exact curve, and what the parabola says of it (level ends only). */
  readonly alone: Catenary;
  readonly parabolaN: number | null;
  readonly curve: readonly { readonly sagM: number; readonly tensionN: number }[];
}

const KNOTTED: readonly LineElement[] = ['a', 'b'].map((id) => ({
  id,
  kind: 'knot',
  knot: 'bowline',
  liesOnBarM: null,
}));

/** What a ridge line may carry: its rope between two bowlines; what it is tied to is left to whoever ties it. */
function spanWll(rope: Rope, strength: Strength): Working {
  const [first, last] = KNOTTED as [LineElement, LineElement];
  return lineCapacity(
    traced,
    [first, { id: 'rope', kind: 'rope', gearId: null, lengthM: null, rope }, last],
    benchContext({ strength }),
  ).wll;
}

/** Computes a span. An elastic line of unknown stretch falls back to the sag entered. */
export function spanFigures(input: SpanInput, strength: Strength): SpanFigures {
  const { rope, spanM, riseM, loadN } = input;
  const weightNPerM = lineWeightNPerM(rope.material, rope.diameterM);
  const line = { spanM, riseM, weightNPerM, loadN, atM: Math.min(input.atM, spanM * 0.99) };
  const ea = stiffness(bare, rope);
  const sagM =
    input.by === 'length' && ea !== null ? elasticSag(line, input.unstretchedM, ea) : input.sagM;
  const wll = spanWll(rope, strength);
  const at = wll.value === null ? null : sagForLimit(line, wll.value);
  const ends = endTensions(traced, line, sagM);
  return {
    sagM,
    ends,
    wll,
    weightNPerM,
    sagAtWllM: at?.ok ? at.value : null,
    timesLoad: ends.greatestN.value! / loadN,
    alone: catenaryOfSag({ spanM, riseM, weightNPerM }, sagM),
    parabolaN: riseM === 0 ? parabolaTensionN({ spanM, weightNPerM }, sagM) : null,
    curve: tensionCurve(line),
  };
}
