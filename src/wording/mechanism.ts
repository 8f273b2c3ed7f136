import type { StaticsRow } from '@/core/securement/hold/opinion';
import type { Mechanism } from '@/core/securement/hold/mechanism';
import type { Direction } from '@/core/securement/vocabulary';

const TO: Record<Direction, string> = {
  forward: 'forward',
  rearward: 'rearward',
  left: 'to the left',
  right: 'to the right',
};
const EDGE: Record<Direction, string> = {
  forward: 'its front edge',
  rearward: 'its rear edge',
  left: 'its left edge',
  right: 'its right edge',
};
const BOARD: Record<Direction, string> = {
  forward: 'the headboard',
  rearward: 'the tailboard',
  left: 'the left board',
  right: 'the right board',
};
const ROUND: Record<Extract<Mechanism, { kind: 'swings' }>['round'], string> = {
  'front-left': 'its front left corner',
  'front-right': 'its front right corner',
  'rear-left': 'its rear left corner',
  'rear-right': 'its rear right corner',
  middle: 'its middle',
};

/** How a load gives way, in a few words. */
export function mechanismWords(mechanism: Mechanism): string {
  switch (mechanism.kind) {
    case 'slides':
      return mechanism.onlyFriction
        ? `nothing holds it ${TO[mechanism.to]} but friction`
        : `slides ${TO[mechanism.to]}`;
    case 'tips':
      return `${mechanism.onlyWeight ? 'nothing but its own weight keeps it from tipping' : 'tips'} ${TO[mechanism.to]} over ${mechanism.overBoard ? BOARD[mechanism.to] : EDGE[mechanism.to]}`;
    case 'rolls':
      return mechanism.chocked
        ? `rolls ${TO[mechanism.to]} over its chocks`
        : `nothing keeps it from rolling ${TO[mechanism.to]}`;
    case 'swings':
      return mechanism.onlyFriction
        ? `nothing keeps it from swinging round ${ROUND[mechanism.round]} but friction`
        : `swings round ${ROUND[mechanism.round]}`;
    case 'lifts':
      return 'lifts off';
    case 'dragged':
      return 'its own lines drag it';
    case 'stands':
      return 'nothing gives way';
  }
}

/** The same as a clause that can follow a comma: "it slides forward", "nothing holds it forward but friction". */
export function mechanismClause(mechanism: Mechanism): string {
  const words = mechanismWords(mechanism);
  return mechanism.kind === 'dragged' || mechanism.kind === 'stands' || words.startsWith('nothing')
    ? words
    : `it ${words}`;
}

/** A row's mechanism as one line of its own: what gives way first, and what becomes of it; of several units which. */
export function wordMechanism(row: Pick<StaticsRow, 'mechanism' | 'verdict' | 'moving'>): string {
  if (row.mechanism === null) return 'not known: enter what the load weighs';
  const clause = mechanismClause(row.mechanism);
  const words =
    row.verdict === 'holds' && clause.startsWith('it ') ? `beyond that ${clause}` : clause;
  return withSubject(wordMoving(row), words);
}

/** What is named before more than this is counted. */
const MOST_NAMES = 2;

/** The units that give way, by name; empty where there is one unit. */
export function wordMoving({ moving }: Pick<StaticsRow, 'moving'>): string {
  const more = moving.length - MOST_NAMES;
  return more > 1
    ? `${moving.slice(0, MOST_NAMES).join(', ')} and ${more} more`
    : moving.join(' and ');
}

/** Words with what they are about before them, if that has a name. */
export const withSubject = (subject: string, words: string): string =>
  subject === '' ? words : `${subject}: ${words}`;
