import type { EntryId } from '../entry-ids';
import type { Condition, Job } from './situation';

/** What a knot is for, and under what it is not to be used: its entry's own *not for* as data. */
export interface Suits {
  readonly jobs: readonly Job[];
  /** By condition: what mends it, or null where nothing does. */
  readonly notFor?: Partial<Record<Condition, string | null>>;
}

/** Complete by type. Jobs: common practice, no source; *not for*: as each entry says, which a test holds against its words. */
export const SUITS: Readonly<Record<EntryId, Suits>> = {
  overhand: { jobs: ['stop'], notFor: { untie: null } },
  'double-overhand': { jobs: ['stop'], notFor: { untie: null } },
  'figure-eight': { jobs: ['stop'] },
  stevedore: { jobs: ['stop'] },
  'figure-eight-on-bight': { jobs: ['end-loop'] },
  bowline: {
    jobs: ['end-loop', 'ring', 'rail', 'post'],
    notFor: { 'goes-slack': 'back it up with a stopper round the loop leg' },
  },
  'slip-loop': { jobs: [] },
  'alpine-butterfly': { jobs: ['middle-loop', 'shorten'], notFor: { gloves: null } },
  'half-hitch': { jobs: [] },
  'two-half-hitches': { jobs: ['rail', 'ring'], notFor: { 'off-under-load': null } },
  'round-turn-two-half-hitches': {
    jobs: ['rail', 'post', 'ring'],
    notFor: { 'goes-slack': 'seize the end' },
  },
  'clove-hitch': { jobs: ['rail'], notFor: { 'slick-thing': null } },
  'cow-hitch': { jobs: ['rail', 'ring'] },
  constrictor: { jobs: ['bind'], notFor: { untie: 'tie it slipped' } },
  'taut-line-hitch': { jobs: ['adjust'], notFor: { stiff: null } },
  'rolling-hitch': { jobs: ['along', 'grip'] },
  'timber-hitch': { jobs: ['log'], notFor: { 'slick-thing': null, 'goes-slack': null } },
  prusik: { jobs: ['grip', 'adjust'] },
  'marlinspike-hitch': { jobs: [] },
  'fishermans-bend': { jobs: ['ring', 'rail'], notFor: { 'off-under-load': null } },
  reef: { jobs: ['bind'], notFor: { wet: null, unequal: null } },
  'sheet-bend': { jobs: ['join'], notFor: { 'goes-slack': null } },
  'carrick-bend': { jobs: ['join'], notFor: { unequal: null } },
  zeppelin: { jobs: ['join'], notFor: { unequal: null } },
  'fishermans-knot': { jobs: ['join'], notFor: { untie: null } },
  'halter-hitch': { jobs: ['rail', 'post', 'ring'] },
  'wrap-hitch': { jobs: ['post'] },
  'truckers-hitch': { jobs: ['tighten'] },
  'bowline-on-a-bight': { jobs: ['middle-loop'] },
  'running-bowline': { jobs: ['noose'] },
  'perfection-loop': { jobs: ['end-loop'], notFor: { untie: null } },
  'surgeons-loop': { jobs: ['end-loop'], notFor: { untie: null } },
  'double-overhand-noose': { jobs: ['noose'], notFor: { untie: null } },
  'wiremans-loop': { jobs: ['middle-loop'], notFor: { untie: null } },
  'inline-figure-eight': { jobs: ['middle-loop'] },
  'bell-ringer': { jobs: ['shorten'], notFor: { 'goes-slack': null } },
  sheepshank: { jobs: ['shorten'], notFor: { 'goes-slack': null } },
  'cats-paw': { jobs: ['hook'] },
  'pipe-hitch': { jobs: ['along'] },
  'cleat-hitch': { jobs: ['cleat'] },
  'evenk-hitch': {
    jobs: ['rail', 'post'],
    notFor: { 'goes-slack': 'tuck the tail through its bight' },
  },
  'mule-hitch': { jobs: ['tighten'] },
  'munter-mule': { jobs: ['lower'] },
  'friction-hitch': { jobs: ['adjust'], notFor: { stiff: null, 'slick-rope': null } },
  'loop-to-loop': { jobs: ['join-loops'] },
  'loop-and-toggle': { jobs: ['join-loops'] },
  'jam-knot': { jobs: ['bind'], notFor: { untie: 'tie it slipped' } },
  'common-whipping': { jobs: [] },
  'splint-lashing': { jobs: [] },
  seizing: { jobs: [] },
  'alternating-coil': { jobs: [] },
};
