/** Steps from older versions of `vast-cleat/plan` to newer ones. Never changed once written. */

type Loose = Readonly<Record<string, unknown>>;
type Path = readonly (string | number)[];

const isRecord = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const mapped = (value: unknown, change: (item: Loose) => unknown): unknown =>
  Array.isArray(value) ? value.map((item) => (isRecord(item) ? change(item) : item)) : value;

/** What the one load of a version 1 plan is called as a unit. */
const LOAD = 'load';
const SIDES = ['forward', 'rearward', 'left', 'right'] as const;

/** Which boards the load touched: of version 1 it was said of the board, now it is said of the unit. */
const touched = (blocking: unknown): string[] =>
  isRecord(blocking)
    ? SIDES.filter((d) => isRecord(blocking[d]) && blocking[d]['touching'] === true)
    : [];

/** What is neither yes nor no stays where it is, to be refused there. */
function board(value: unknown): unknown {
  if (!isRecord(value)) return value;
  const { touching, ...rest } = value;
  return touching === undefined || typeof touching === 'boolean' ? rest : value;
}

function deckOf(deck: unknown): unknown {
  // Names of a later version beside the old ones are refused there, not lost here.
  if (!isRecord(deck) || !('blocking' in deck) || 'boards' in deck) return deck;
  const { blocking, ...rest } = deck;
  return {
    ...rest,
    boards: isRecord(blocking)
      ? Object.fromEntries(Object.entries(blocking).map(([d, b]) => [d, board(b)]))
      : blocking,
  };
}

/** A line of version 1 held the one load, at one place if it was no over-line. */
export function upgradeLine(line: Loose): Loose {
  const { attach, ...rest } = line;
  const held = attach === undefined || attach === null || line['kind'] === 'over';
  return {
    units: [LOAD],
    points: held ? [] : [isRecord(attach) ? { unitId: LOAD, ...attach } : attach],
    ...rest,
  };
}

/** Version 1 knew one load on a deck. */
export function planFrom1(document: Loose): Loose {
  if ('units' in document) return document;
  const { cargo, ...rest } = document;
  const deck = document['deck'];
  const against = touched(isRecord(deck) ? deck['blocking'] : null);
  return {
    ...rest,
    units: [isRecord(cargo) ? { id: LOAD, against, ...cargo } : cargo],
    deck: deckOf(deck),
    lines: mapped(document['lines'], upgradeLine),
  };
}

/** Where something of an upgraded document stands in the version 1 it came from. */
export function pathIn1([first, ...path]: Path): Path {
  if (first === 'units') return ['cargo', ...path.slice(1)];
  if (first === 'deck' && path[0] === 'boards') return ['deck', 'blocking', ...path.slice(1)];
  if (first === 'lines' && path[1] === 'points')
    return ['lines', path[0]!, 'attach', ...path.slice(3)];
  return first === undefined ? [] : [first, ...path];
}
