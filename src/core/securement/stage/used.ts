import { stopsOf } from '../route/run';
import type { Line } from '../schema';

/** Whether a line ends at an anchor of the deck, or turns round it. */
export const isAnchorUsed = (line: Pick<Line, 'elements'>, anchorId: string): boolean =>
  stopsOf(line.elements).includes(anchorId);
