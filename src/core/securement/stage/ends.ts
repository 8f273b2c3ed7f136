/** Where lines end, and where anchors are: told without computing anything. */
import type { LineElement } from '../../line/schema';
import type { Point } from '../leg';
import type { Plan } from '../plan';
import type { DeckAnchor, Line } from '../schema';

/** Where an anchor is, in deck coordinates. */
export const anchorPoint = ({ fromFrontM, fromCentreM, heightM }: DeckAnchor): Point => ({
  x: -fromFrontM,
  y: fromCentreM,
  z: heightM,
});

/** Anchors of the deck where they are, by id. */
export const anchorPoints = ({ deck }: Pick<Plan, 'deck'>): ReadonlyMap<string, Point> =>
  new Map(deck.anchors.map((a) => [a.id, anchorPoint(a)]));

/** Which end of a line is meant. */
export type LineEnd = 'first' | 'last';

/** Index of the element that makes one end of a line fast to the deck; -1: it has none there. */
export function endIndex({ elements }: Line, end: LineEnd): number {
  const isEnd = (e: LineElement): boolean => e.kind === 'anchor' && e.at.on === 'deck';
  const [first, last] = [elements.findIndex(isEnd), elements.findLastIndex(isEnd)];
  // One end on the deck is the end where it stands.
  return end === 'first' ? (first === last && first > 0 ? -1 : first) : last === 0 ? -1 : last;
}

/** The anchor that an end of a line is at; null: none of the deck. */
export function endAnchor(line: Line, end: LineEnd): string | null {
  const e = line.elements[endIndex(line, end)];
  return e?.kind === 'anchor' && e.at.on === 'deck' ? e.at.anchorId : null;
}

/** How a line may be called beside others: ids that it goes to, in order. */
export const stopsInWords = (line: Line): string =>
  [
    endAnchor(line, 'first'),
    ...line.elements.flatMap((e) => (e.kind === 'hook' ? [e.anchorId] : [])),
    endAnchor(line, 'last'),
  ]
    .filter((id): id is string => id !== null)
    .join(' to ');
