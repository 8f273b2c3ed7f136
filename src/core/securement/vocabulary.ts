export const PLAN_FORMAT = 'vast-cleat/plan';
export const PLAN_VERSION = 2;
/** As many units, lines, and points of a route a plan has room for. */
export const MOST_UNITS = 24;
export const MOST_LINES = 24;
export const MOST_POINTS = 16;
/** Goods with rules of their own under 49 CFR 393.116–136; `general` is everything else. */
export const COMMODITIES = {
  general: { name: 'general goods', section: null },
  logs: { name: 'logs', section: '393.116' },
  lumber: { name: 'dressed lumber', section: '393.118' },
  'metal-coils': { name: 'metal coils', section: '393.120' },
  'paper-rolls': { name: 'paper rolls', section: '393.122' },
  'concrete-pipe': { name: 'concrete pipe', section: '393.124' },
  'intermodal-containers': { name: 'intermodal containers', section: '393.126' },
  vehicles: { name: 'cars and light vehicles', section: '393.128' },
  'heavy-machinery': { name: 'heavy vehicles and machinery', section: '393.130' },
  'crushed-vehicles': { name: 'flattened vehicles', section: '393.132' },
  'roll-off-containers': { name: 'roll-on/roll-off containers', section: '393.134' },
  boulders: { name: 'large boulders', section: '393.136' },
} as const;
export type CommodityId = keyof typeof COMMODITIES;
export const COMMODITY_IDS = Object.keys(COMMODITIES) as [CommodityId, ...CommodityId[]];

/** How a line works: over presses down, direct and loop pull the load toward their anchors. */
export const LINE_KINDS = ['over', 'direct', 'loop'] as const;

export const DIRECTION_IDS = ['forward', 'rearward', 'left', 'right'] as const;
export type Direction = (typeof DIRECTION_IDS)[number];
export const DIRECTIONS: readonly Direction[] = DIRECTION_IDS;

/** What a new line is made of. */
export const LINE_MAKES = [
  { id: 'rope', name: 'rope with a trucker’s hitch' },
  { id: 'webbing', name: 'webbing with a ratchet' },
  { id: 'chain', name: 'chain with a binder' },
] as const;
export type LineMake = (typeof LINE_MAKES)[number]['id'];

/** What stands on a deck. A bundle is several pieces tied into one. */
export const UNIT_SHAPES = ['box', 'bundle', 'cylinder-upright', 'cylinder-lying'] as const;
export type UnitShapeId = (typeof UNIT_SHAPES)[number];

/** Along which of its measures the axis of a lying cylinder runs. */
export const CYLINDER_AXES = ['length', 'width'] as const;

/** How the edges of a unit are, as far as lines over it care. */
export const UNIT_EDGES = ['sharp', 'rounded', 'protected'] as const;

export const ANCHOR_PLACES = ['deck', 'board', 'post'] as const;

/** What a deck's floor is made of, as the friction table names it. */
export const DECK_SURFACES = [
  'plywood',
  'grooved-aluminium',
  'smooth-steel',
  'sawn-wood',
  'other',
] as const;
export type DeckSurface = (typeof DECK_SURFACES)[number];

/** Hauling a rope that is led over several hooks. */
export const HAULING_ORDERS = ['from-one-end', 'leg-by-leg'] as const;
