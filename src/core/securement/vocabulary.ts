export const PLAN_FORMAT = 'vast-cleat/plan';
export const PLAN_VERSION = 1;
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

export type Direction = 'forward' | 'rearward' | 'left' | 'right';
export const DIRECTIONS: readonly Direction[] = ['forward', 'rearward', 'left', 'right'];

/** What a new line is made of. */
export const LINE_MAKES = [
  { id: 'rope', name: 'rope with a trucker’s hitch' },
  { id: 'webbing', name: 'webbing with a ratchet' },
  { id: 'chain', name: 'chain with a binder' },
] as const;
export type LineMake = (typeof LINE_MAKES)[number]['id'];
