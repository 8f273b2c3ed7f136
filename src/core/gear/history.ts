import { inspectionOutcome, type InspectionOutcome, soundLengths } from '../inspection/outcome';
import type { Condition } from '../rope/condition';
import type { Happening, HistoryEntry, Inspection } from './events';
import type { Gear, GearStart } from './schema';

/** `set-aside`: a place on it may carry nothing until it is cut out or isolated on a temporary line. */
export const GEAR_STATES = ['in-service', 'set-aside', 'retired'] as const;
export type GearStateId = (typeof GEAR_STATES)[number];

/** How a thing stands today, as its history adds up. */
export interface GearState {
  readonly state: GearStateId;
  readonly condition: Condition;
  /** Places that may carry nothing, m from the tagged end. */
  readonly damagedAtM: readonly number[];
  /** Length left; null for hardware. */
  readonly remainingM: number | null;
  readonly place: string;
  /** Day it counts as inspected; null: never. */
  readonly inspectedOn: string | null;
  /** Something happened since that asks for an inspection now. */
  readonly suspect: boolean;
  readonly inspections: number;
}

/** A line of the history with what a later correction made of it. */
export interface ReadEntry extends HistoryEntry {
  /** The entry that corrected this one, if any. */
  readonly correctedBy: HistoryEntry | null;
  /** What counts: itself, or what the correction put in its place; null when it was withdrawn. */
  readonly counts: Happening | null;
}

/**
 * Reads a history in the order it was recorded. Nothing is dropped: a corrected entry stays, with what counts instead.
 * The latest correction of an entry wins.
 */
export function readHistory(entries: readonly HistoryEntry[]): ReadEntry[] {
  const corrections = new Map<string, HistoryEntry>();
  for (const e of entries) if (e.body.kind === 'corrected') corrections.set(e.body.corrects, e);
  return entries.map((e): ReadEntry => {
    if (e.body.kind === 'corrected') return { ...e, correctedBy: null, counts: null };
    const by = corrections.get(e.id);
    return {
      ...e,
      correctedBy: by ?? null,
      counts: by?.body.kind === 'corrected' ? by.body.instead : e.body,
    };
  });
}

/**
 * What an inspection of this thing came to, given how it stood before. Rope that was set aside and on which the damage is
 * found no more (it was cut out) comes back as doubtful, unless the inspector says better and why.
 */
export function outcomeOf(
  gear: Pick<Gear, 'item'>,
  before: Pick<GearState, 'condition' | 'remainingM'>,
  inspection: Pick<Inspection, 'found' | 'answered'>,
): InspectionOutcome {
  return inspectionOutcome({
    kind: gear.item.kind,
    before: before.condition === 'damaged' ? 'doubtful' : before.condition,
    lengthM: before.remainingM,
    found: inspection.found,
    answered: inspection.answered,
  });
}

/** What goes on counts as computed; where the inspector lets go on what should be set aside or retired, as doubtful. */
export const conditionGoingOn = (
  computed: Pick<InspectionOutcome, 'outcome' | 'condition'>,
): Condition =>
  computed.outcome === 'retire' || computed.outcome === 'isolate' ? 'doubtful' : computed.condition;

function afterInspection(
  gear: Pick<Gear, 'item'>,
  state: GearState,
  on: string,
  inspection: Inspection,
): GearState {
  const computed = outcomeOf(gear, state, inspection);
  const places = inspection.found.flatMap((f) =>
    f.atM !== null && computed.reasons.some((r) => r.found === f && r.then.does === 'isolate')
      ? [f.atM]
      : [],
  );
  const common = { ...state, inspectedOn: on, suspect: false, inspections: state.inspections + 1 };
  switch (inspection.decided) {
    case 'retire':
      return { ...common, state: 'retired', condition: 'damaged' };
    case 'isolate':
      return { ...common, state: 'set-aside', condition: 'damaged', damagedAtM: places };
    case 'pass':
    case 'downgrade':
      return {
        ...common,
        state: 'in-service',
        condition: inspection.condition ?? conditionGoingOn(computed),
        damagedAtM: [],
      };
  }
}

/** A rest this short is the noise of subtraction. */
const NOTHING_M = 1e-6;

function afterCut(state: GearState, happening: Extract<Happening, { kind: 'cut' }>): GearState {
  const rest =
    state.remainingM === null
      ? null
      : state.remainingM -
        happening.scrapM -
        happening.pieces.reduce((sum, p) => sum + p.lengthM, 0);
  const mended = happening.damageGone && state.state === 'set-aside';
  return {
    ...state,
    remainingM: rest !== null && rest < NOTHING_M ? 0 : rest,
    ...(mended ? { state: 'in-service' as const, condition: 'worn' as const, damagedAtM: [] } : {}),
  };
}

function step(
  gear: Pick<Gear, 'item' | 'lengthM'>,
  state: GearState,
  day: string,
  happening: Happening,
): GearState {
  switch (happening.kind) {
    case 'entered':
      return {
        ...state,
        state: happening.retired
          ? 'retired'
          : happening.condition === 'damaged'
            ? 'set-aside'
            : 'in-service',
        condition: happening.condition,
        remainingM: happening.remainingM ?? gear.lengthM,
        inspectedOn: happening.lastInspectedOn,
        suspect: happening.suspect,
        damagedAtM: happening.condition === 'damaged' ? happening.damagedAtM : [],
      };
    case 'inspected':
      return afterInspection(gear, state, day, happening);
    case 'cut':
      return afterCut(state, happening);
    case 'moved':
      return { ...state, place: happening.place };
    case 'incident':
      return { ...state, suspect: true };
    case 'retired':
      return { ...state, state: 'retired', condition: 'damaged' };
  }
}

/** How a thing stands: its history added up. An empty history is a thing just entered. */
export function stateOf(
  gear: Pick<Gear, 'item' | 'lengthM' | 'place'>,
  entries: readonly HistoryEntry[],
): GearState {
  const fresh: GearState = {
    state: 'in-service',
    condition: 'good',
    damagedAtM: [],
    remainingM: gear.lengthM,
    place: gear.place,
    inspectedOn: null,
    suspect: false,
    inspections: 0,
  };
  return readHistory(entries).reduce(
    (state, e) => (e.counts === null ? state : step(gear, state, e.at.slice(0, 10), e.counts)),
    fresh,
  );
}

/** How a thing stands, as it would be entered anew: read back it stands the same, but for how often it was inspected. */
export const startOf = (state: GearState): GearStart => ({
  condition: state.state === 'set-aside' ? 'damaged' : state.condition,
  remainingM: state.remainingM,
  lastInspectedOn: state.inspectedOn,
  suspect: state.suspect,
  damagedAtM: [...state.damagedAtM],
  retired: state.state === 'retired',
});

/** Lengths that stay sound when the damaged places are cut out, longest first. */
export const soundParts = (state: GearState): number[] =>
  state.remainingM === null || state.damagedAtM.length === 0
    ? []
    : soundLengths(state.remainingM, state.damagedAtM);
