/**
 * Knots that can stand on a line, with the part of breaking strength they leave by school.
 * Ranges are kept; a range counts at its lower end. Schools: seamanship and field are common practice without a
 * source; rescue is pull tests of rope-rescue publications, from memory.
 */
export type KnotSchool = 'seamanship' | 'field' | 'rescue';
export const KNOT_SCHOOLS: readonly KnotSchool[] = ['seamanship', 'field', 'rescue'];

/** Where on a line a knot may stand. */
export type KnotUse = 'attachment' | 'bend' | 'loop' | 'lock';

/** A use in which the knot is known to slip or fail, and so must be flagged. */
export type KnotHazard =
  'slips-on-metal' | 'not-for-joining-loads' | 'jams' | 'needs-tension' | 'needs-thick-post';

export interface Knot {
  readonly name: string;
  readonly uses: readonly KnotUse[];
  /** Part of MBS left, lower and upper end, by school. */
  readonly efficiency: Partial<Record<KnotSchool, readonly [least: number, most: number]>>;
  readonly hazards: readonly KnotHazard[];
  /** A splice is not a knot to the rules that forbid knots. */
  readonly splice?: true;
  readonly hint: string;
}

const one = (value: number): readonly [number, number] => [value, value];

export const KNOTS = {
  bowline: {
    name: 'bowline',
    uses: ['attachment'],
    efficiency: { seamanship: one(0.6), field: [0.7, 0.75], rescue: one(0.67) },
    hazards: [],
    hint: 'fixed loop, does not bind',
  },
  'round-turn-two-half-hitches': {
    name: 'round turn and two half hitches',
    uses: ['attachment'],
    efficiency: {},
    hazards: [],
    hint: 'the turn takes the strain',
  },
  'two-half-hitches': {
    name: 'two half hitches',
    uses: ['attachment', 'lock'],
    efficiency: {},
    hazards: [],
    hint: 'both the same way',
  },
  'clove-hitch': {
    name: 'clove hitch',
    uses: ['attachment'],
    efficiency: { seamanship: [0.55, 0.6], field: [0.6, 0.65] },
    hazards: [],
    hint: 'secure with a half hitch',
  },
  'fishermans-bend': {
    name: 'fisherman’s (anchor) bend',
    uses: ['attachment'],
    efficiency: { seamanship: one(0.76) },
    hazards: [],
    hint: 'seize the end',
  },
  'figure-eight-on-bight': {
    name: 'figure-eight on a bight',
    uses: ['attachment', 'loop'],
    efficiency: { rescue: [0.75, 0.8] },
    hazards: ['jams'],
    hint: 'strands parallel',
  },
  'perfection-loop': {
    name: 'perfection loop',
    uses: ['attachment'],
    efficiency: { field: [0.7, 0.73] },
    hazards: [],
    hint: 'hard to undo in thin line',
  },
  'timber-hitch': {
    name: 'timber hitch',
    uses: ['attachment'],
    efficiency: { seamanship: one(0.7) },
    hazards: ['slips-on-metal'],
    hint: 'rough round things only',
  },
  'taut-line-hitch': {
    name: 'taut-line hitch',
    uses: ['attachment', 'lock'],
    efficiency: {},
    hazards: [],
    hint: 'adjustable',
  },
  'rolling-hitch': {
    name: 'rolling hitch',
    uses: ['attachment'],
    efficiency: {},
    hazards: [],
    hint: 'pull along the pole',
  },
  'cow-hitch': {
    name: 'cow hitch',
    uses: ['attachment'],
    efficiency: {},
    hazards: [],
    hint: 'both legs loaded',
  },
  'wrap-hitch': {
    name: 'wrap (tensionless) hitch',
    uses: ['attachment'],
    efficiency: { field: one(1), rescue: one(1) },
    hazards: ['needs-thick-post'],
    hint: '3 to 4 wraps, post 12 rope diameters',
  },
  'eye-splice': {
    name: 'eye splice with hook',
    uses: ['attachment'],
    efficiency: { rescue: [0.85, 0.95] },
    hazards: [],
    splice: true,
    hint: 'not a knot',
  },
  'sheet-bend': {
    name: 'sheet bend, single',
    uses: ['bend'],
    efficiency: { seamanship: one(0.55) },
    hazards: ['needs-tension'],
    hint: 'bight in the thicker rope',
  },
  'double-sheet-bend': {
    name: 'sheet bend, double',
    uses: ['bend'],
    efficiency: {},
    hazards: [],
    hint: 'unequal ropes',
  },
  'fishermans-knot': {
    name: 'fisherman’s knot',
    uses: ['bend'],
    efficiency: {},
    hazards: ['jams'],
    hint: 'thin line',
  },
  'double-fishermans': {
    name: 'double fisherman’s',
    uses: ['bend'],
    efficiency: { field: [0.6, 0.7], rescue: one(0.79) },
    hazards: ['jams'],
    hint: 'hard to undo',
  },
  zeppelin: {
    name: 'zeppelin bend',
    uses: ['bend'],
    efficiency: {},
    hazards: [],
    hint: 'unties after any load',
  },
  reef: {
    name: 'reef (square) knot',
    uses: ['bend'],
    efficiency: { seamanship: one(0.45) },
    hazards: ['not-for-joining-loads'],
    hint: 'binding, not joining',
  },
  'slip-loop': {
    name: 'slip loop',
    uses: ['loop'],
    efficiency: {},
    hazards: [],
    hint: 'quick, load the right leg',
  },
  'bell-ringer': {
    name: 'bell-ringer loop',
    uses: ['loop'],
    efficiency: {},
    hazards: ['needs-tension'],
    hint: 'no end needed, collapses when slack',
  },
  'half-sheepshank': {
    name: 'half sheepshank',
    uses: ['loop'],
    efficiency: {},
    hazards: ['needs-tension'],
    hint: 'collapses when slack',
  },
  'alpine-butterfly': {
    name: 'alpine butterfly',
    uses: ['loop'],
    efficiency: { rescue: one(0.75) },
    hazards: [],
    hint: 'best to untie, dress parallel',
  },
  'inline-figure-eight': {
    name: 'inline figure-eight',
    uses: ['loop'],
    efficiency: {},
    hazards: [],
    hint: 'loop points one way',
  },
  'overhand-on-bight': {
    name: 'overhand on a bight',
    uses: ['attachment', 'loop'],
    efficiency: { seamanship: one(0.45), field: [0.6, 0.65] },
    hazards: ['jams'],
    hint: 'jams, gets cut off',
  },
  'slipped-half-hitch': {
    name: 'slipped half hitch',
    uses: ['lock'],
    efficiency: {},
    hazards: [],
    hint: 'comes off in a hurry',
  },
  'halter-hitch': {
    name: 'halter hitch, slipped',
    uses: ['lock'],
    efficiency: {},
    hazards: [],
    hint: 'quick release',
  },
} as const satisfies Record<string, Knot>;

export type KnotId = keyof typeof KNOTS;

/** Ids of the knots that may stand in a given use, as a non-empty tuple for schemas. */
export function knotsFor(use: KnotUse): [KnotId, ...KnotId[]] {
  const ids = (Object.keys(KNOTS) as KnotId[]).filter((id) =>
    (KNOTS[id].uses as readonly KnotUse[]).includes(use),
  );
  return ids as [KnotId, ...KnotId[]];
}

/** The entry seen through its interface, for code that does not care which knot it is. */
export function knot(id: KnotId): Knot {
  return KNOTS[id];
}
