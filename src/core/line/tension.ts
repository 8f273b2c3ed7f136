import type { KeptReading } from '../meter/kept-reading';
import type { Rope } from '../rope/rope';
import { stiffestOfSize, stiffness } from '../rope/strength';
import { riggingOf } from '../tackle/tackle';
import { travelRatio, withoutFriction, riggingForces } from '../tackle/rigging';
import { tackleForces } from '../tackle/rigging-working';
import {
  keptAfterTieOff,
  keptInTackle,
  settledFormula,
  type ShortStrands,
} from '../tackle/tie-off';
import {
  anchorStrandForce,
  countedRatio,
  haulingRatio,
  type TruckersForm,
} from '../tackle/truckers';
import { bare, formula, type Tracer } from '../working/working';
import type { ElementOf, LineElement } from './schema';

/** How a line is pulled tight, and what stays. Forces in N; unknown where something needed is unknown. */
export interface LineTension<V> {
  readonly system: 'truckers' | 'tackle' | 'ratchet' | 'binder' | 'entered' | 'none';
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

const times = formula({
  symbol: 'T',
  unit: 'N',
  text: 'H × R',
  source: 'hand pull times ratio',
  confidence: 'exact',
  symbols: { H: 'H' },
  compute: ({ H, R }: Record<'H' | 'R', number>) => H * R,
});
const alongLine = formula({
  symbol: 'H',
  unit: 'N',
  text: 'H₀ × cos(φ)',
  source: 'component of the hand along the line',
  confidence: 'exact',
  compute: ({ H, phi }: Record<'H' | 'phi', number>) => H * Math.cos(phi),
});
const loadLength = formula({
  symbol: 'L₁',
  unit: 'm',
  text: 'L − L₂',
  source: 'route less the short strands',
  confidence: 'exact',
  compute: ({ L, short }: Record<'L' | 'short', number>) => L - short,
});
/** Hand force that a ratchet's label is made for, N. Source: EN 12195-2, from memory. */
const LABEL_HAND_N = 500;
const ratchetTension = formula({
  symbol: 'T',
  unit: 'N',
  text: 'S_TF × H ÷ 500',
  source: 'label tension at 500 N standard hand force, EN 12195-2',
  confidence: 'from-memory',
  symbols: { S: 'S_TF' },
  compute: ({ S, H }: Record<'S' | 'H', number>) => (S * H) / LABEL_HAND_N,
});
const ratchetKept = formula({
  symbol: 'T′',
  unit: 'N',
  text: 'S_TF × min(H, 500) ÷ 500',
  source: 'a hand beyond the label’s earns no credit, EN 12195-2',
  confidence: 'from-memory',
  symbols: { S: 'S_TF' },
  compute: ({ S, H }: Record<'S' | 'H', number>) => (S * Math.min(H, LABEL_HAND_N)) / LABEL_HAND_N,
});
const binderRatio = formula({
  symbol: 'R',
  unit: 'ratio',
  text: 'r × e',
  source: 'lever ratio times efficiency',
  confidence: 'exact',
  compute: ({ r, e }: Record<'r' | 'e', number>) => r * e,
});

function entered<V>(
  t: Tracer<V>,
  label: string,
  symbol: string,
  value: number | null,
  unit: 'N' | 'm' | 'ratio' | 'rad',
  source = 'your entry',
): V {
  return t.given({ label, symbol, value, unit, source, confidence: 'entered' });
}

function settle<V>(t: Tracer<V>, kept: V, settling: number): V {
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

/** Short strands that share the load line once a hitch is tied off. */
const SHORT_STRANDS: Record<TruckersForm, ShortStrands> = {
  single: 'pair',
  'reeved-twice': 'four',
  'second-loop': 'compound',
};

/** The stiffest rope of a line: it loses most when the hand lets go. One nobody knows counts as that. */
function stiffestRope(elements: readonly LineElement[]): Rope | null {
  const ropes = elements.flatMap((e) => (e.kind === 'rope' ? [e.rope] : []));
  const EA = (rope: Rope): number =>
    (rope.mbsN === null ? stiffestOfSize(bare, rope) : stiffness(bare, rope)) ?? Infinity;
  return ropes.length === 0 ? null : ropes.reduce((a, b) => (EA(b) > EA(a) ? b : a));
}

/** What is kept, and what of it the rules count: without label the rope is taken as stiff as any of its size. */
function keptAndCounted<V>(
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

function truckersTension<V>(
  t: Tracer<V>,
  hitch: ElementOf<'truckers'>,
  elements: readonly LineElement[],
  inputs: TensionInputs,
): LineTension<V> {
  const hand = t.given({
    label: 'hand pull',
    symbol: 'H₀',
    value: hitch.handForceN,
    unit: 'N',
    source: 'two gloved hands on bare rope: 250 N',
    confidence: 'practice',
  });
  const phi = entered(t, 'hand, from the direction of the anchor', 'φ', hitch.handAngleRad, 'rad');
  const ratio = haulingRatio(t, hitch);
  const hauled = t.apply(times, 'hauled tension', { H: hand, R: ratio });
  const shortLengthM = entered(t, 'short strands', 'L₂', hitch.shortStrandM, 'm');
  const route =
    inputs.routeLengthM !== null && inputs.routeLengthM > hitch.shortStrandM
      ? inputs.routeLengthM
      : null;
  const loadLengthM = t.apply(loadLength, 'load side', {
    L: entered(t, 'route of the line', 'L', route, 'm', 'geometry of the plan'),
    short: shortLengthM,
  });
  const known = {
    hauledN: hauled,
    handN: t.apply(alongLine, 'hand along the line', { H: hand, phi }),
    loadLengthM,
    shortLengthM,
    slipM: entered(t, 'tail that slips in', 'd', hitch.slipM, 'm', '3 to 10 mm for half hitches'),
    anchorStrandN: anchorStrandForce(t, hitch, hand),
  };
  const tension = keptAndCounted(t, elements, inputs.settling, (stiffnessN) =>
    keptAfterTieOff(t, { ...known, stiffnessN }, hitch.anchorMode, SHORT_STRANDS[hitch.form]),
  );
  return { system: 'truckers', counted: countedRatio(hitch), ratio, hauled, ...tension };
}

const advantage = formula({
  symbol: 'R',
  unit: 'ratio',
  text: 'T ÷ H',
  source: 'load line over hand pull',
  confidence: 'exact',
  compute: ({ T, H }: Record<'T' | 'H', number>) => T / H,
});

function tackleTension<V>(
  t: Tracer<V>,
  tackle: ElementOf<'tackle'>,
  elements: readonly LineElement[],
  inputs: TensionInputs,
): LineTension<V> {
  const rigging = riggingOf(tackle);
  const [travel, counted] = [
    travelRatio(rigging),
    riggingForces(withoutFriction(rigging), 'hauling'),
  ];
  const { loadN: hauled } = tackleForces(t, tackle);
  const known = {
    hauledN: hauled,
    loadLengthM: entered(
      t,
      'route of the line',
      'L₁',
      inputs.routeLengthM,
      'm',
      'geometry of the plan',
    ),
    slipM: entered(t, 'rope that runs back while it is made fast', 'd', tackle.slipM, 'm'),
    travelRatio: t.given({
      label: 'rope hauled for a travel of one',
      symbol: 'v',
      value: travel.ok ? travel.value : null,
      unit: 'ratio',
      source: 'lengths of the ropes',
      confidence: 'exact',
    }),
  };
  const tension = keptAndCounted(t, elements, inputs.settling, (stiffnessN) =>
    keptInTackle(t, { ...known, stiffnessN }),
  );
  const hand = entered(t, 'hand pull', 'H', tackle.handForceN, 'N');
  return {
    system: 'tackle',
    counted: counted.ok ? counted.value.loadRatio : null,
    ratio: t.apply(advantage, 'hauling, with friction', { T: hauled, H: hand }),
    hauled,
    ...tension,
  };
}

function ratchetLine<V>(
  t: Tracer<V>,
  ratchet: ElementOf<'ratchet'>,
  inputs: TensionInputs,
): LineTension<V> {
  const S = t.given({
    label: 'standard tension force',
    symbol: 'S_TF',
    value: ratchet.standardTensionN,
    unit: 'N',
    source: ratchet.standardTensionN === null ? 'label not read' : 'ratchet label',
    confidence: 'rope-tag',
  });
  const H = entered(t, 'hand on the handle', 'H', ratchet.handForceN, 'N');
  const kept = t.apply(ratchetKept, 'tension that the label promises', { S, H });
  return {
    system: 'ratchet',
    counted: null,
    ratio: null,
    hauled: t.apply(ratchetTension, 'tension while ratcheting', { S, H }),
    kept,
    pretension: settle(t, kept, inputs.settling),
  };
}

function binderLine<V>(
  t: Tracer<V>,
  binder: ElementOf<'binder'>,
  inputs: TensionInputs,
): LineTension<V> {
  const ratio = t.apply(binderRatio, 'binder', {
    r: entered(t, 'lever ratio', 'r', binder.leverRatio, 'ratio'),
    e: entered(t, 'efficiency', 'e', binder.efficiency, 'ratio'),
  });
  const hauled = t.apply(times, 'tension after binding', {
    H: entered(t, 'hand on the lever', 'H', binder.handForceN, 'N'),
    R: ratio,
  });
  return {
    system: 'binder',
    counted: binder.leverRatio,
    ratio,
    hauled,
    kept: hauled,
    pretension: settle(t, hauled, inputs.settling),
  };
}

type Tensioner =
  ElementOf<'truckers'> | ElementOf<'tackle'> | ElementOf<'ratchet'> | ElementOf<'binder'>;
const isTensioner = (e: LineElement): e is Tensioner =>
  e.kind === 'truckers' || e.kind === 'tackle' || e.kind === 'ratchet' || e.kind === 'binder';

function tensionBy<V>(
  t: Tracer<V>,
  e: Tensioner,
  elements: readonly LineElement[],
  inputs: TensionInputs,
): LineTension<V> {
  switch (e.kind) {
    case 'truckers':
      return truckersTension(t, e, elements, inputs);
    case 'tackle':
      return tackleTension(t, e, elements, inputs);
    case 'ratchet':
      return ratchetLine(t, e, inputs);
    case 'binder':
      return binderLine(t, e, inputs);
  }
}

/** Of several tensioners on one line the least that is kept counts, and the most that is hauled. */
function ofSeveral<V>(t: Tracer<V>, all: readonly LineTension<V>[]): LineTension<V> {
  const least = all.reduce((a, b) =>
    (t.value(b.pretension) ?? -1) < (t.value(a.pretension) ?? -1) ? b : a,
  );
  return all.length === 1
    ? least
    : {
        ...least,
        hauled: t.extreme(
          'greatest',
          'hardest hauled',
          'T',
          all.map((x) => x.hauled),
        ),
      };
}

/**
 * Tension of a line: hauled, kept after tie-off, and F_T after settling.
 * A tension that was measured and entered replaces the model. Without tension system everything is unknown.
 */
export function lineTension<V>(
  t: Tracer<V>,
  elements: readonly LineElement[],
  inputs: TensionInputs,
): LineTension<V> {
  if (inputs.enteredPretensionN !== null) {
    const measured = entered(
      t,
      'tension measured',
      'T′',
      inputs.enteredPretensionN,
      'N',
      inputs.reading
        ? `${inputs.reading.meter}, ${inputs.reading.at.slice(0, 16).replace('T', ' ')} UTC`
        : 'your entry',
    );
    return {
      system: 'entered',
      counted: null,
      ratio: null,
      hauled: measured,
      kept: measured,
      pretension: settle(t, measured, inputs.settling),
    };
  }
  const tensioners = elements.filter(isTensioner);
  if (tensioners.length > 0)
    return ofSeveral(
      t,
      tensioners.map((e) => tensionBy(t, e, elements, inputs)),
    );
  const unknown = entered(t, 'tension', 'T', null, 'N', 'no tension system on this line');
  return {
    system: 'none',
    counted: null,
    ratio: null,
    hauled: unknown,
    kept: unknown,
    pretension: unknown,
  };
}
