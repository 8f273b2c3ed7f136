import type { EntryId } from './entry-ids';

/** What people say when they ask for a knot in their own words, and the knots it points at, the most fitting first. */
export interface Topic {
  /** Beginnings of words that must all be there; of each group one is enough. */
  readonly said: readonly (readonly string[])[];
  readonly knots: readonly EntryId[];
  /** Says so much that the first of them weighs double. */
  readonly strong?: true;
  /** Knots that are out as soon as this is asked for. */
  readonly never?: readonly EntryId[];
}

const JOIN = ['join', 'connect', 'together', 'extend', 'lengthen', 'two ropes', 'two lines'];
const POLE = ['pole', 'pipe', 'post', 'rail', 'spar', 'bar'];
const ADJUST = ['adjust', 'raise', 'lower', 'tighten later', 'guy', 'slide', 'sliding'];
const TIGHT = ['tight', 'tension', 'cinch', 'pull hard', 'ratchet', 'strap down', 'tie down'];
const MIDDLE = ['middle', 'without an end', 'no end', 'mid line', 'halfway', 'in the bight'];

/** Common practice, no source. */
export const TOPICS: readonly Topic[] = [
  {
    said: [JOIN],
    knots: ['zeppelin', 'sheet-bend', 'fishermans-knot', 'carrick-bend'],
    never: ['reef'],
  },
  {
    said: [JOIN, ['different', 'unequal', 'thick', 'thin', 'not the same']],
    knots: ['sheet-bend'],
    strong: true,
  },
  {
    said: [JOIN, ['big', 'heavy', 'stiff', 'large', 'hawser']],
    knots: ['carrick-bend'],
    strong: true,
  },
  { said: [JOIN, ['thin', 'cord', 'fishing', 'small line']], knots: ['fishermans-knot'] },
  {
    said: [JOIN, ['sling', 'loops', 'strap']],
    knots: ['loop-to-loop', 'loop-and-toggle'],
    strong: true,
  },
  {
    said: [JOIN, ['quick', 'come apart', 'release', 'toggle']],
    knots: ['loop-and-toggle'],
    strong: true,
  },
  {
    said: [
      ['loop', 'eye'],
      ['fixed', 'not bind', 'does not slip', 'not tighten', 'end of'],
    ],
    knots: ['bowline', 'figure-eight-on-bight'],
  },
  { said: [['loop'], MIDDLE], knots: ['alpine-butterfly', 'wiremans-loop', 'bowline-on-a-bight'] },
  { said: [['two loops', 'bridle', 'tow']], knots: ['bowline-on-a-bight'] },
  {
    said: [['noose', 'snare', 'running loop']],
    knots: ['running-bowline', 'double-overhand-noose'],
  },
  { said: [['branch', 'out of reach', 'high up']], knots: ['running-bowline'] },
  {
    said: [['ring', 'anchor']],
    knots: ['round-turn-two-half-hitches', 'fishermans-bend', 'bowline'],
  },
  {
    said: [['anchor bend', 'bucket', 'to an anchor']],
    knots: ['fishermans-bend'],
    strong: true,
  },
  { said: [POLE], knots: ['round-turn-two-half-hitches', 'clove-hitch', 'rolling-hitch'] },
  {
    said: [POLE, ['slick', 'slippery', 'smooth', 'steel', 'metal']],
    knots: ['pipe-hitch', 'rolling-hitch'],
    strong: true,
  },
  {
    said: [
      ['pipe', 'pole', 'rail', 'along'],
      ['lengthwise', 'along', 'sideways'],
    ],
    knots: ['rolling-hitch', 'pipe-hitch'],
  },
  {
    said: [
      ['pipe', 'tube'],
      ['lift', 'hoist', 'haul'],
    ],
    knots: ['pipe-hitch'],
    strong: true,
  },
  { said: [['log', 'timber', 'trunk', 'drag']], knots: ['timber-hitch'], strong: true },
  { said: [ADJUST], knots: ['taut-line-hitch', 'friction-hitch', 'prusik'] },
  {
    said: [['tent', 'guy', 'lantern', 'hang', 'clothesline', 'hammock']],
    knots: ['taut-line-hitch'],
  },
  { said: [TIGHT], knots: ['truckers-hitch'] },
  { said: [['load', 'cargo', 'trailer', 'roof', 'truck', 'pickup']], knots: ['truckers-hitch'] },
  {
    said: [
      ['hitch', 'tie', 'fasten', 'secure'],
      [
        'release under',
        'under load',
        'under tension',
        'comes off',
        'quick release',
        'in a hurry',
        'one pull',
      ],
    ],
    knots: ['halter-hitch', 'cleat-hitch', 'mule-hitch'],
    never: ['half-hitch'],
  },
  { said: [['horse', 'animal', 'goat', 'halter']], knots: ['halter-hitch'], strong: true },
  {
    said: [['gloves', 'cold', 'frozen hands']],
    knots: ['round-turn-two-half-hitches'],
  },
  {
    said: [['lowering', 'lower a load', 'pay out', 'let down']],
    knots: ['munter-mule', 'wrap-hitch'],
    strong: true,
  },
  { said: [['cleat', 'dock', 'boat']], knots: ['cleat-hitch'], strong: true },
  { said: [['hook']], knots: ['cats-paw'], strong: true },
  {
    said: [['bundle', 'sack', 'bag', 'hose', 'bind', 'clamp', 'glue']],
    knots: ['constrictor', 'jam-knot', 'reef'],
    never: ['sheet-bend'],
  },
  { said: [['parcel', 'bandage', 'package', 'reef a sail']], knots: ['reef', 'constrictor'] },
  {
    said: [['stop', 'run out', 'runs out', 'unreeve', 'pulling through', 'end of a rope through']],
    knots: ['figure-eight', 'stevedore', 'double-overhand'],
  },
  {
    said: [['big hole', 'large hole', 'bulky', 'bigger stopper']],
    knots: ['stevedore'],
    strong: true,
  },
  { said: [['fray', 'unravel', 'fraying']], knots: ['common-whipping'], strong: true },
  {
    said: [['damaged', 'worn part', 'weak spot', 'cut in the rope']],
    knots: ['alpine-butterfly', 'sheepshank'],
  },
  { said: [['shorten', 'too long', 'slack']], knots: ['sheepshank', 'bell-ringer'] },
  {
    said: [['cracked', 'broken handle', 'mend a', 'splint']],
    knots: ['splint-lashing'],
    strong: true,
  },
  { said: [['side by side', 'seize']], knots: ['seizing'], strong: true },
  {
    said: [['coil', 'store', 'put away', 'hockle', 'kink']],
    knots: ['alternating-coil'],
    strong: true,
  },
  { said: [['tarp', 'corner', 'cloth']], knots: ['sheet-bend', 'loop-and-toggle'] },
  { said: [['eyelet', 'grommet']], knots: ['loop-and-toggle'], strong: true },
  {
    said: [['grip', 'climb along', 'another rope', 'on a rope']],
    knots: ['prusik', 'rolling-hitch'],
  },
  {
    said: [['full strength', 'strongest', 'no strength']],
    knots: ['wrap-hitch'],
    strong: true,
  },
  {
    said: [['grip the rope', 'pull on a thin', 'better grip']],
    knots: ['marlinspike-hitch'],
    strong: true,
  },
  { said: [['sling', 'strap'], POLE], knots: ['cow-hitch'], strong: true },
  {
    said: [
      ['jam', 'untie', 'come undone easily'],
      ['wet', 'after', 'heavy', 'load', 'not jam', 'wont jam', 'never'],
    ],
    knots: ['zeppelin', 'bowline', 'alpine-butterfly'],
  },
];
