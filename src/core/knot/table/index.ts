import { ATTACHMENTS } from './attachments';
import { BENDS } from './bends';
import { LOCKS } from './locks';
import { LOOPS } from './loops';
import { STOPPERS } from './stoppers';

/**
 * Knots that can stand on a line, with the part of breaking strength they leave by school.
 * Ranges are kept; a range counts at its lower end. Schools: seamanship and field are common practice without a
 * source; rescue is pull tests of rope-rescue publications, from memory.
 */
export const KNOTS = {
  ...ATTACHMENTS,
  ...BENDS,
  ...LOOPS,
  ...LOCKS,
  ...STOPPERS,
} as const;
