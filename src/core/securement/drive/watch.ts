import type { DriveLine, DriveModel } from './model';
import type { LineState } from './line-law';
import type { DriveState } from './system';
import { DRIVE_EVENTS, type DriveEventKind, GIVEN_WAY_M, type WayOfGiving } from './vocabulary';

/** Something that happened on a drive. */
export interface DriveEvent {
  readonly kind: DriveEventKind;
  readonly atS: number;
  /** How hard the load was pushed then, level, g. */
  readonly pushG: number;
  /** The line it is about; null: none. */
  readonly lineId: string | null;
  /** The board or chock that broke; null: none. */
  readonly limit: string | null;
  /** How far the load had moved, m. */
  readonly movedM: number;
}

/** A drive asks at every step what breaks, and hardly anything ever does. */
const NOTHING: readonly number[] = [];
/** A movement that is worth a word, m. */
export const MOVES_M = 0.002;

/** Tension of a line where it is highest, N. */
export function highest(tensionN: Float64Array): number {
  let most = 0;
  for (let i = 0; i < tensionN.length; i++) most = Math.max(most, tensionN[i]!);
  return most;
}

/** Boards and chocks that bear more than they can. */
export function overloaded(
  { limits, contacts }: DriveModel,
  state: DriveState,
  normalN: ArrayLike<number>,
): readonly number[] {
  if (limits.length === 0) return NOTHING;
  const bornN = new Float64Array(limits.length);
  for (let k = 0; k < contacts.length; k++) {
    const { limit } = contacts[k]!;
    if (limit !== null) bornN[limit] = bornN[limit]! + (normalN[k] ?? 0);
  }
  return limits.flatMap(({ capacityN }, i) =>
    !state.broken[i] && bornN[i]! > capacityN * (1 + 1e-9) ? [i] : [],
  );
}

const parts = ({ breakingN }: DriveLine, { parted, tensionN }: LineState): boolean =>
  !parted && breakingN !== null && highest(tensionN) > breakingN;

/** Lines that bear more than makes them part. */
export function parting({ lines }: DriveModel, state: DriveState): readonly number[] {
  let found = NOTHING;
  for (let i = 0; i < lines.length; i++)
    if (parts(lines[i]!, state.lines[i]!)) found = [...found, i];
  return found;
}

/** The same state without lines that part and boards that break. */
export const without = (
  state: DriveState,
  lines: readonly number[],
  limits: readonly number[],
): DriveState => ({
  ...state,
  lines: state.lines.map((l, i) =>
    lines.includes(i) ? { ...l, parted: true, tensionN: l.tensionN.map(() => 0) } : l,
  ),
  broken: state.broken.map((b, i) => b || limits.includes(i)),
});

/** How a load moves away, by its shift and its turn since it stood still. */
export function wayOfGiving(moved: Float64Array, rest: Float64Array, sizeM: number): WayOfGiving {
  let most = 0;
  let way: WayOfGiving = 'slides';
  for (let k = 0; k < moved.length; k += 6) {
    const d = (i: number): number => moved[k + i]! - rest[k + i]!;
    const ways: [WayOfGiving, number][] = [
      ['slides', Math.hypot(d(0), d(1))],
      ['tips', Math.hypot(d(3), d(4)) * sizeM],
      ['turns', Math.abs(d(5)) * sizeM],
    ];
    for (const [name, by] of ways)
      if (by > most) {
        most = by;
        way = name;
      }
  }
  return way;
}

/** When something happened, and how the load was then. */
type Moment = Pick<DriveEvent, 'atS' | 'pushG' | 'movedM'>;

/** Tells each thing once, when it happens first. */
export class Watch {
  readonly events: DriveEvent[] = [];
  private readonly told: Record<DriveEventKind, Set<string | null>>;

  constructor(private readonly model: DriveModel) {
    this.told = Object.fromEntries(
      DRIVE_EVENTS.map((kind) => [kind, new Set()]),
    ) as typeof this.told;
  }

  /** Tells something about a line, a board or a chock, or, null, the load. */
  private tell(kind: DriveEventKind, about: string | null, at: Moment): void {
    const told = this.told[kind];
    if (told.has(about)) return;
    told.add(about);
    const limit = kind === 'board-breaks' ? about : null;
    this.events.push({ ...at, kind, lineId: limit === null ? about : null, limit });
  }

  /** Looks at a state; what breaks is told by whoever breaks it. */
  look(state: DriveState, at: Moment): void {
    if (at.movedM > MOVES_M) this.tell('moves', null, at);
    const { lines } = this.model;
    for (let i = 0; i < lines.length; i++) {
      const { tensionN, parted } = state.lines[i]!;
      if (parted) continue;
      const { id, wllN, keptN } = lines[i]!;
      const most = highest(tensionN);
      if (most > wllN * (1 + 1e-9)) this.tell('line-over', id, at);
      if (most <= 0 && keptN > 0) this.tell('line-slack', id, at);
    }
    if (at.movedM > GIVEN_WAY_M) this.tell('gives-way', null, at);
  }

  /** Tells what breaks. */
  breaks(lines: readonly number[], limits: readonly number[], at: Moment): void {
    for (const i of lines) this.tell('line-parts', this.model.lines[i]!.id, at);
    for (const i of limits) this.tell('board-breaks', this.model.limits[i]!.name, at);
  }
}
