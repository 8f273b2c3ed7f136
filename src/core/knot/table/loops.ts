import { MEASURED } from '../measured';
import { type Knot, one } from '../record';

/** Loops in the middle of a line. */
export const LOOPS = {
  'slip-loop': {
    name: 'slip loop',
    uses: ['loop'],
    efficiency: {},
    hazards: [],
    hint: 'quick, load the right leg',
    holds: { slack: 'no', wet: 'yes', stiff: 'yes', slick: 'with care' },
    taught: { entry: 'slip-loop', form: 'plain' },
    rope: MEASURED['slip-loop/plain'],
  },
  'bell-ringer': {
    name: 'bell-ringer loop',
    uses: ['loop'],
    efficiency: {},
    hazards: [],
    hint: 'no end needed, collapses when slack',
    holds: { slack: 'no', wet: 'with care', stiff: 'with care', slick: 'no' },
    taught: { entry: 'bell-ringer', form: 'plain' },
    rope: MEASURED['bell-ringer/plain'],
  },
  'half-sheepshank': {
    name: 'half sheepshank',
    uses: ['loop'],
    efficiency: {},
    hazards: [],
    hint: 'collapses when slack',
    holds: { slack: 'no', wet: 'with care', stiff: 'with care', slick: 'no' },
    taught: { entry: 'bell-ringer', form: 'folded' },
    rope: MEASURED['bell-ringer/plain'],
  },
  'alpine-butterfly': {
    name: 'alpine butterfly',
    uses: ['loop'],
    efficiency: { rescue: one(0.75) },
    hazards: [],
    hint: 'best to untie, dress parallel',
    holds: { slack: 'yes', wet: 'yes', stiff: 'yes', slick: 'with care' },
    taught: { entry: 'alpine-butterfly', form: 'twist' },
    rope: MEASURED['alpine-butterfly/twist'],
  },
  'inline-figure-eight': {
    name: 'inline figure-eight',
    uses: ['loop'],
    efficiency: {},
    hazards: [],
    hint: 'loop points one way',
    holds: { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'with care' },
    taught: { entry: 'inline-figure-eight', form: 'plain' },
    rope: MEASURED['inline-figure-eight/plain'],
  },
} as const satisfies Record<string, Knot>;
