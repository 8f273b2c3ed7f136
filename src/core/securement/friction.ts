/** Static friction pairs, dry and clean; `floor`: the deck they are known for, null: any. Source: EN 12195-1:2010 Annex B / CTU Code, from memory. */
export const FRICTION_PAIRS = {
  'sawn-wood-plywood': { name: 'sawn wood on plywood', floor: 'plywood', mu: 0.45 },
  'sawn-wood-grooved-aluminium': {
    name: 'sawn wood on grooved aluminium',
    floor: 'grooved-aluminium',
    mu: 0.4,
  },
  'sawn-wood-smooth-steel': { name: 'sawn wood on smooth steel', floor: 'smooth-steel', mu: 0.3 },
  'planed-wood-plywood': { name: 'planed wood on plywood', floor: 'plywood', mu: 0.3 },
  'plastic-pallet-plywood': { name: 'plastic pallet on plywood', floor: 'plywood', mu: 0.2 },
  'steel-plywood': { name: 'steel on plywood', floor: 'plywood', mu: 0.45 },
  'rough-concrete-sawn-wood': { name: 'rough concrete on sawn wood', floor: 'sawn-wood', mu: 0.7 },
  'smooth-concrete-sawn-wood': {
    name: 'smooth concrete on sawn wood',
    floor: 'sawn-wood',
    mu: 0.55,
  },
  'anti-slip-mat': { name: 'anti-slip mat, labelled', floor: null, mu: 0.6 },
  // 49 CFR 393.108: unmarked friction mat resists 50 % of the weight on it.
  'unmarked-mat': { name: 'friction mat, unmarked', floor: null, mu: 0.5 },
} as const;
export type FrictionPairId = keyof typeof FRICTION_PAIRS;
export const FRICTION_PAIR_IDS = Object.keys(FRICTION_PAIRS) as [
  FrictionPairId,
  ...FrictionPairId[],
];

/** Ceiling on friction by state of the surface. Source: EN 12195-1:2010 Annex B, from memory. */
export const SURFACE_CEILING = { clean: 1, unswept: 0.2, icy: 0.1 } as const;
export type SurfaceState = keyof typeof SURFACE_CEILING;
