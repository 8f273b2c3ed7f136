import { MEASURED } from '../measured';
import type { Knot } from '../record';

/** Knots that lock a hauled line. */
export const LOCKS = {
  'slipped-half-hitch': {
    name: 'slipped half hitch',
    uses: ['lock'],
    efficiency: {},
    hazards: [],
    hint: 'comes off in a hurry',
    saferForm: 'two-half-hitches',
    holds: { slack: 'no', wet: 'with care', stiff: 'no', slick: 'no' },
    taught: { entry: 'half-hitch', form: 'slipped' },
    rope: MEASURED['half-hitch/slipped'],
  },
  'halter-hitch': {
    name: 'halter hitch, slipped',
    uses: ['lock'],
    efficiency: {},
    hazards: [],
    hint: 'quick release',
    holds: { slack: 'with care', wet: 'yes', stiff: 'yes', slick: 'with care' },
    taught: { entry: 'halter-hitch', form: 'slipped' },
    rope: MEASURED['halter-hitch/slipped'],
  },
} as const satisfies Record<string, Knot>;
