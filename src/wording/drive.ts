import type { ElasticEnd } from '@/core/securement/drive/elastic-limit';
import type { DriveRefusal, LimitBeside } from '@/core/securement/drive/plan-drive';
import type { DriveRun } from '@/core/securement/drive/run';
import { GIVEN_WAY_M, type WayOfGiving } from '@/core/securement/drive/vocabulary';
import type { DriveEvent } from '@/core/securement/drive/watch';
import type { Plan } from '@/core/securement/plan';
import type { Direction } from '@/core/securement/vocabulary';
import { formatNumber, formatQuantity, type UnitChoice } from '@/core/units';
import { capital } from './text';

export type LineNames = ReadonlyMap<string, string>;

/** Lines with the numbers they have on the stage: crews give two of them the same name. */
export const numberedLines = (plan: Plan): LineNames =>
  new Map(plan.lines.map((l, i) => [l.id, `line ${i + 1} (${l.name})`]));

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
      return `${capital(named(names, lineId))} is over its working load limit.`;
    case 'line-slack':
      return `${capital(named(names, lineId))} goes slack.`;
    case 'line-parts':
      return `${capital(named(names, lineId))} parts.`;
    case 'board-breaks':
      return `${capital(BOARD[limit ?? ''] ?? 'a board')} gives way.`;
    case 'gives-way':
      return `It has gone ${far(GIVEN_WAY_M, units)}: it has given way.`;
  }
}

/** What bears more than it may first, and from when on; null: nothing does before the load has given way. */
function wordOver(
  { events, gaveWayAtG }: DriveRun,
  slow: boolean,
  names: LineNames,
): string | null {
  const over = events.find((e) => e.kind === 'line-over' || e.kind === 'board-breaks');
  const gone = events.find((e) => e.kind === 'gives-way');
  if (!over || (gaveWayAtG !== null && gone && over.atS > gone.atS)) return null;
  const from = slow
    ? `from ${gOf(over.pushG)} on`
    : `after ${formatNumber(over.atS, 'nearest', 2)}\u00a0s`;
  return over.kind === 'line-over'
    ? `${from} ${named(names, over.lineId)} is over its working load limit`
    : `${from} ${BOARD[over.limit ?? ''] ?? 'a board'} is gone`;
}

/** A whole drive in a sentence or two: what bears more than it may is said before what holds. */
export function wordRun(run: DriveRun, slow: boolean, names: LineNames, units: UnitChoice): string {
  const over = wordOver(run, slow, names);
  const first = over === null ? '' : `${capital(over)}. `;
  if (run.gaveWayAtG !== null && run.way !== null) {
    const at = gOf(run.gaveWayAtG);
    const moves = run.events.find((e) => e.kind === 'moves');
    if (!slow) return `${first}It does not stay on: at ${at} it ${GOES[run.way]}.`;
    if (over !== null) return `${first}At ${at} it ${GOES[run.way]}.`;
    return moves && moves.pushG < run.gaveWayAtG
      ? `It moves from ${gOf(moves.pushG)} on, and at ${at} it ${GOES[run.way]}.`
      : `It stays where it is up to ${at}, then it ${GOES[run.way]}.`;
  }
  return `${first}It moves ${far(run.mostMovedM, units)} at most${over === null ? ', and stays on' : ''}.`;
}

const END: Readonly<Record<ElasticEnd['kind'], string>> = {
  line: 'a line is at its limit first',
  board: 'a board is at its limit first',
  'gives-way': 'it gives way',
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
