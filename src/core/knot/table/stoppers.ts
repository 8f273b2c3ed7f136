import { MEASURED } from '../measured';
import { type Knot, one } from '../record';

/** Knots in an end, on no place of a line. */
export const STOPPERS = {
  'figure-eight': {
    name: 'figure-eight stopper',
    uses: [],
    efficiency: { seamanship: one(0.5) },
    hazards: [],
    hint: 'stops a rope running out',
    holds: { slack: 'yes', wet: 'yes', stiff: 'yes', slick: 'with care' },
    taught: { entry: 'figure-eight', form: 'plain' },
    rope: MEASURED['figure-eight/plain'],
  },
} as const satisfies Record<string, Knot>;
