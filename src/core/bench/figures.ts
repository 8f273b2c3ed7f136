import type { RiggingDocument } from './rigging';
import { lineElements } from './line-elements';
import type { LineContext } from '../line/context';
import type { LineElement } from '../line/schema';
import { type LinePlace, lineCapacity, type LineCapacity } from '../line/line';
import { lineTension } from '../line/tension';
import type { LineTension } from '../line/tension-parts';
import { stiffness } from '../rope/strength';
import { truckersRigging } from '../tackle/family';
import { riggingOf } from '../tackle/tackle';
import { PASS_KINDS } from '../tackle/passes';
import {
  type Rigging,
  type RiggingForces,
  riggingForces,
  travelRatio,
  withoutFriction,
} from '../tackle/rigging';
import {
  HAND_WIDTH_M,
  KNOT_SETTING_M,
  loopDistance,
  takeUp,
  tensionWhenLoopArrivesN,
} from '../tackle/take-up';
import { SETTLING } from '../tackle/tie-off';
import { frictionBand } from '../tackle/truckers';
import { formula, type Given, traced, type Working } from '../working/working';
import { benchContext } from './context';

/** The pull at which one place of the line bears all it may. */
export interface PullLimit {
  readonly place: LinePlace<Working>;
  readonly pull: Working;
}

/** Where the loop must be tied, and what happens where it is. */
export interface LoopPlace {
  readonly takeUp: Working;
  readonly needed: Working;
  /** Tension at which a loop tied where it is reaches the anchor; null when there is enough travel or the stretch is not known. */
  readonly arrivesAtN: number | null;
}

/** Everything the bench shows of a rigging. */
export interface BenchFigures {
  readonly rigging: Rigging;
  readonly hauling: RiggingForces;
  /** What the hand holds to lower the load, over what it hauled with. */
  readonly lowering: number;
  /** Part of the count that friction leaves. */
  readonly efficiency: number;
  /** On all anchors together while hauling, N. */
  readonly anchorN: number;
  readonly travel: number;
  readonly counted: number;
  /** The counted tension, which friction never lets the line have. */
  readonly countedTension: Working;
  /** Hauling ratio between the least and the most that its passes leave; both alike where a range is not known. */
  readonly band: { readonly least: number; readonly most: number };
  readonly capacity: LineCapacity<Working>;
  readonly tension: LineTension<Working>;
  /** Kept after an hour, between most and least settling; null when what is kept is not known. */
  readonly afterHour: { readonly leastN: number; readonly mostN: number } | null;
  /** Every place with its limit, lowest first; places of unknown capacity last. */
  readonly limits: readonly PullLimit[];
  /** The most the hand may pull: the lowest of them. */
  readonly pullLimit: Working;
  /** Pull at which the load bears all it may; null when nobody has said what it bears. */
  readonly crushPull: Working | null;
  /** Only a hitch has a loop that can arrive. */
  readonly loop: LoopPlace | null;
}

const byRatio = formula<'T' | 'R'>({
  symbol: 'H',
  unit: 'N',
  text: 'T ÷ R',
  source: 'line tension allowed, over what the hand makes of it',
  confidence: 'exact',
  symbols: { T: 'T', R: 'R' },
  compute: ({ T, R }) => T / R,
});

const countedFormula = formula<'H' | 'c'>({
  symbol: 'T',
  unit: 'N',
  text: 'H × c',
  source: 'strands counted, no friction',
  confidence: 'exact',
  compute: ({ H, c }) => H * c,
});

/** The mechanism of a system. */
export const riggingOfSystem = (system: RiggingDocument['system']): Rigging =>
  system.kind === 'truckers' ? truckersRigging(system) : riggingOf(system);

/** Passes of known things at the ends of their ranges; a pass given by friction or by hand stays as it is. */
function tackleAt(
  system: Extract<RiggingDocument['system'], { kind: 'tackle' }>,
  end: 'least' | 'most',
): Rigging {
  return riggingOf({
    ...system,
    ropes: system.ropes.map((r) => ({
      ...r,
      passes: r.passes.map((p) =>
        p.turn.by === 'efficiency' && p.turn.round
          ? { ...p, turn: { ...p.turn, efficiency: PASS_KINDS[p.turn.round][end] } }
          : p,
      ),
    })),
  });
}

/** Hauling ratio between the most and the least friction that its passes are known for. */
function bandOf(system: RiggingDocument['system']): BenchFigures['band'] {
  if (system.kind === 'truckers') return frictionBand(system);
  const at = (end: 'least' | 'most'): number => {
    const f = riggingForces(tackleAt(system, end), 'hauling');
    return f.ok ? f.value.loadRatio : 0;
  };
  return { least: at('least'), most: at('most') };
}

const entered = (
  label: string,
  symbol: string,
  value: number,
  unit: Given['unit'],
  confidence: Given['confidence'] = 'entered',
  source = 'your entry',
): Working => traced.given({ label, symbol, value, unit, source, confidence });

/** A second loop comes three lengths for one of the line: its rope runs from it through the first loop, round the anchor and back. Exact. */
const SECOND_LOOP_TRAVEL = 3;

function loopPlace(doc: RiggingDocument, tension: LineTension<Working>): LoopPlace | null {
  if (doc.system.kind !== 'truckers') return null;
  const { shortStrandM } = doc.system;
  const ea = stiffness(traced, doc.rope);
  const lengthM = Math.max(0.05, doc.lengthM - shortStrandM);
  const inputs = {
    lengthM: entered('line behind the loop', 'L', lengthM, 'm'),
    stiffnessN: ea,
    tensionN: tension.hauled,
    spanM: entered('anchor to anchor', 'L', doc.lengthM, 'm'),
    sagM: entered('sag while slack', 's', doc.sagM, 'm'),
    settingM: entered('knots drawing up', 'k', KNOT_SETTING_M, 'm', 'practice', 'common practice'),
  };
  const travel = doc.system.form === 'second-loop' ? SECOND_LOOP_TRAVEL : 1;
  const needed = loopDistance(
    traced,
    inputs,
    entered('hand’s width', 'h', HAND_WIDTH_M, 'm', 'practice', 'common practice'),
    travel,
  );
  const taken = takeUp(traced, inputs);
  const short = taken.value !== null && taken.value * travel > shortStrandM;
  const line = {
    lengthM,
    stiffnessN: ea.value ?? 0,
    spanM: doc.lengthM,
    sagM: doc.sagM,
    settingM: KNOT_SETTING_M,
  };
  return {
    takeUp: taken,
    needed,
    arrivesAtN: short ? tensionWhenLoopArrivesN(line, shortStrandM / travel) : null,
  };
}

function pullLimits(places: readonly LinePlace<Working>[], ratio: Working): PullLimit[] {
  const last = Number.POSITIVE_INFINITY;
  return places
    .map((place) => ({
      place,
      pull: traced.apply(byRatio, `pull that ${place.name} bears`, { T: place.allowed, R: ratio }),
    }))
    .sort((a, b) => (a.pull.value ?? last) - (b.pull.value ?? last));
}

const solvedOr = <T>(result: { ok: true; value: T } | { ok: false }): T => {
  if (!result.ok) throw new Error('Broken invariant: a rigging document that cannot be solved');
  return result.value;
};

/** The line a system stands on: what of it may carry how much. */
export interface BenchLine {
  readonly elements: readonly LineElement[];
  readonly context: LineContext;
}

/** The line of a rigging document: its own rope between its own two anchors. */
export const ownLine = (doc: RiggingDocument): BenchLine => ({
  elements: lineElements(doc),
  context: benchContext(doc),
});

/** What a line may carry, with working. */
export const capacityOf = ({ elements, context }: BenchLine): LineCapacity<Working> =>
  lineCapacity(traced, elements, context);

/** How hard the hand may pull before the line or the load has all it may bear. */
function mostPull(doc: RiggingDocument, capacity: LineCapacity<Working>, ratio: Working) {
  return {
    limits: pullLimits(capacity.places, ratio),
    pullLimit: traced.apply(byRatio, 'most the hand may pull', { T: capacity.wll, R: ratio }),
    crushPull:
      doc.loadBearsN === null
        ? null
        : traced.apply(byRatio, 'pull at which the load bears all it may', {
            T: entered('line tension the load bears', 'T', doc.loadBearsN, 'N'),
            R: ratio,
          }),
  };
}

/** What the gauge says before friction: the hand pull times the strands counted. */
const withoutAnyFriction = (handForceN: number, counted: number): Working =>
  traced.apply(countedFormula, 'counted, no friction', {
    H: entered('hand pull', 'H', handForceN, 'N'),
    c: entered(
      'strands counted',
      'c',
      counted,
      'ratio',
      'exact',
      'equilibrium at e = 1; the same as rope hauled for travel',
    ),
  });

/**
 * Computes a rigging: what the hand makes of the line, what it keeps, and how hard it may be pulled. Forces in N.
 * `line`: where the system stands on a line of a plan, with its edges and fittings, instead of the document's own.
 * `capacity`: what that line may carry, if it is known already; it does not change with the hand's pull.
 */
export function benchFigures(
  doc: RiggingDocument,
  line: BenchLine = ownLine(doc),
  capacity: LineCapacity<Working> = capacityOf(line),
): BenchFigures {
  // A line that was made before the hand pulled on carries an older pull: strength does not care, tension does.
  const { kind, handForceN } = doc.system;
  const elements = line.elements.map((e) => (e.kind === kind ? { ...e, handForceN } : e));
  const rigging = riggingOfSystem(doc.system);
  const tension = lineTension(traced, elements, {
    routeLengthM: doc.lengthM,
    settling: doc.settling,
    enteredPretensionN: null,
  });
  const ratio = tension.ratio!;
  const kept = tension.kept.value;
  const hauling = solvedOr(riggingForces(rigging, 'hauling'));
  const counted = solvedOr(riggingForces(withoutFriction(rigging), 'hauling')).loadRatio;
  return {
    rigging,
    capacity,
    tension,
    hauling,
    counted,
    efficiency: hauling.loadRatio / counted,
    lowering: hauling.loadRatio / solvedOr(riggingForces(rigging, 'holding')).loadRatio,
    anchorN: handForceN * [...hauling.anchors.values()].reduce((sum, n) => sum + n, 0),
    travel: solvedOr(travelRatio(rigging)),
    band: bandOf(doc.system),
    countedTension: withoutAnyFriction(handForceN, counted),
    afterHour:
      kept === null
        ? null
        : { leastN: kept * (1 - SETTLING.most), mostN: kept * (1 - SETTLING.least) },
    ...mostPull(doc, capacity, ratio),
    loop: loopPlace(doc, tension),
  };
}
