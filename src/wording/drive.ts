import type { ElasticEnd } from '@/core/securement/drive/elastic-limit';
import type { DriveRefusal, LimitBeside } from '@/core/securement/drive/plan-drive';
import type { DriveRun } from '@/core/securement/drive/run';
import { GIVEN_WAY_M, type WayOfGiving } from '@/core/securement/drive/vocabulary';
import type { DriveEvent } from '@/core/securement/drive/watch';
import type { Direction } from '@/core/securement/vocabulary';
import { formatNumber, formatQuantity, type UnitChoice } from '@/core/units';

export type LineNames = ReadonlyMap<string, string>;

const gOf = (value: number, rounding: 'capacity' | 'demand' = 'capacity'): string =>
  `${formatNumber(value, rounding)}\u00a0g`;
const far = (m: number, units: UnitChoice): string =>
  formatQuantity(m, 'length', units, 'demand', m < 0.2);
const named = (names: LineNames, id: string | null): string => names.get(id ?? '') ?? 'a line';

const BOARD: Readonly<Record<string, string>> = {
  forward: 'the headboard',
  rearward: 'the tailboard',
  left: 'the left board',
  right: 'the right board',
  chock: 'a chock',
};
const GOES: Readonly<Record<WayOfGiving, string>> = {
  slides: 'slides away',
  tips: 'tips over',
  turns: 'turns away',
};
export const TOWARD: Readonly<Record<Direction, string>> = {
  forward: 'forward',
  rearward: 'to the rear',
  left: 'to the left',
  right: 'to the right',
};

/** Why nothing can be driven. First what to do. */
export function wordRefusal(refused: DriveRefusal, lines: readonly string[]): string {
  switch (refused) {
    case 'no-load':
      return 'Put something on the deck: there is nothing to drive yet.';
    case 'mass-unknown':
      return 'Say what everything weighs: a load of unknown mass cannot be driven.';
    case 'stiffness-unknown':
      return `Say what ${lines.join(' and ')} ${lines.length === 1 ? 'is' : 'are'} made of and how strong: how much a line gives follows from that.`;
    case 'no-balance':
      return 'The load does not even stand still: its own lines draw it away, or nothing is under its weight.';
  }
}

/** What happened, in a driver's words. */
export function wordEvent(event: DriveEvent, names: LineNames, units: UnitChoice): string {
  const { kind, lineId, limit, movedM } = event;
  switch (kind) {
    case 'moves':
      return `It moves: ${far(movedM, units)}.`;
    case 'line-over':
      return `${named(names, lineId)} is over its working load limit.`;
    case 'line-slack':
      return `${named(names, lineId)} goes slack.`;
    case 'line-parts':
      return `${named(names, lineId)} parts.`;
    case 'board-breaks':
      return `${BOARD[limit ?? ''] ?? 'A board'} gives way.`.replace(/^./, (c) => c.toUpperCase());
    case 'gives-way':
      return `It has gone ${far(GIVEN_WAY_M, units)}: it has given way.`;
  }
}

/** A whole drive in one sentence. */
export function wordRun(run: DriveRun, slow: boolean, units: UnitChoice): string {
  if (run.gaveWayAtG !== null && run.way !== null)
    return slow
      ? `It holds up to ${gOf(run.gaveWayAtG)}, then it ${GOES[run.way]}.`
      : `It does not stay on: at ${gOf(run.gaveWayAtG)} it ${GOES[run.way]}.`;
  const over = run.events.some((e) => e.kind === 'line-over' || e.kind === 'board-breaks');
  const moved = `It moves ${far(run.mostMovedM, units)} at most`;
  return over ? `${moved}, and something bears more than it may.` : `${moved}, and stays on.`;
}

const END: Readonly<Record<ElasticEnd['kind'], string>> = {
  line: 'a line is at its limit first',
  board: 'a board is at its limit first',
  'gives-way': 'balance is lost',
  most: 'nothing gives way',
};

/** How much of what the map shows elastic lines reach, in one direction. */
export function wordLimit(limit: LimitBeside, names: LineNames): string {
  const { mapG, elasticG, end } = limit;
  if (mapG === null || end === null) return 'Its own lines draw the load away.';
  if (mapG <= 0) return 'Nothing holds it this way.';
  const share = Math.floor((100 * elasticG) / mapG + 1e-9);
  const why =
    end.kind === 'line' ? `${named(names, end.lineId)} is at its limit first` : END[end.kind];
  return share >= 99
    ? `Elastic lines reach all of it: ${gOf(elasticG)}.`
    : `Of ${gOf(mapG)}, elastic lines reach ${share}\u00a0%: ${gOf(elasticG)}; then ${why}.`;
}
