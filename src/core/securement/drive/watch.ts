import type { DriveModel } from './model';
import type { DriveState } from './system';
import { type DriveEventKind, GIVEN_WAY_M, type WayOfGiving } from './vocabulary';

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

/** A movement that is worth a word, m. */
export const MOVES_M = 0.002;

/** Tension of a line where it is highest, N. */
export const highest = (tensionN: readonly number[]): number => Math.max(0, ...tensionN);

/** Boards and chocks that bear more than they can. */
export const overloaded = (
  model: DriveModel,
  state: DriveState,
  normalN: readonly number[],
): number[] =>
  model.limits.flatMap(({ capacityN }, i) => {
    if (state.broken[i]) return [];
    const sum = model.contacts.reduce((n, c, k) => (c.limit === i ? n + (normalN[k] ?? 0) : n), 0);
    return sum > capacityN * (1 + 1e-9) ? [i] : [];
  });

/** Lines that bear more than makes them part. */
export const parting = (model: DriveModel, state: DriveState): number[] =>
  model.lines.flatMap(({ breakingN }, i) => {
    const { parted, tensionN } = state.lines[i]!;
    return !parted && breakingN !== null && highest(tensionN) > breakingN ? [i] : [];
  });

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

/** Tells each thing once, when it happens first. */
export class Watch {
  readonly events: DriveEvent[] = [];
  private readonly told = new Set<string>();

  constructor(private readonly model: DriveModel) {}

  tell(event: DriveEvent): void {
    const key = `${event.kind}/${event.lineId ?? ''}/${event.limit ?? ''}`;
    if (this.told.has(key)) return;
    this.told.add(key);
    this.events.push(event);
  }

  /** Looks at a state; what breaks is told by whoever breaks it. */
  look(state: DriveState, at: Pick<DriveEvent, 'atS' | 'pushG' | 'movedM'>): void {
    const event = { ...at, lineId: null, limit: null };
    if (at.movedM > MOVES_M) this.tell({ ...event, kind: 'moves' });
    this.model.lines.forEach((line, i) => {
      const { tensionN, parted } = state.lines[i]!;
      if (parted) return;
      const most = highest(tensionN);
      if (most > line.wllN * (1 + 1e-9))
        this.tell({ ...event, kind: 'line-over', lineId: line.id });
      if (most <= 0 && line.keptN > 0) this.tell({ ...event, kind: 'line-slack', lineId: line.id });
    });
    if (at.movedM > GIVEN_WAY_M) this.tell({ ...event, kind: 'gives-way' });
  }

  /** Tells what breaks. */
  breaks(
    lines: readonly number[],
    limits: readonly number[],
    at: Pick<DriveEvent, 'atS' | 'pushG' | 'movedM'>,
  ): void {
    for (const i of lines)
      this.tell({ ...at, kind: 'line-parts', lineId: this.model.lines[i]!.id, limit: null });
    for (const i of limits)
      this.tell({ ...at, kind: 'board-breaks', lineId: null, limit: this.model.limits[i]!.name });
  }
}
