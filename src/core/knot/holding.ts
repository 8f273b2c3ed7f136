/** How a knot behaves in a rope that goes slack, is wet, is stiff, is slick. */
export type Holding = 'yes' | 'with care' | 'no';
export interface Holds {
  readonly slack: Holding;
  readonly wet: Holding;
  readonly stiff: Holding;
  readonly slick: Holding;
}

/** By catalogue entry. Common practice, no source. The tying stage shows it and the planner flags by it. */
export const HOLDING = {
  'alpine-butterfly': { slack: 'yes', wet: 'yes', stiff: 'yes', slick: 'with care' },
  bowline: { slack: 'with care', wet: 'yes', stiff: 'with care', slick: 'with care' },
  'clove-hitch': { slack: 'no', wet: 'with care', stiff: 'no', slick: 'no' },
  constrictor: { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'yes' },
  'double-overhand': { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'yes' },
  'figure-eight-on-bight': { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'yes' },
  'figure-eight': { slack: 'yes', wet: 'yes', stiff: 'yes', slick: 'with care' },
  'fishermans-bend': { slack: 'yes', wet: 'yes', stiff: 'yes', slick: 'yes' },
  'fishermans-knot': { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'with care' },
  'half-hitch': { slack: 'no', wet: 'with care', stiff: 'no', slick: 'no' },
  'halter-hitch': { slack: 'with care', wet: 'yes', stiff: 'yes', slick: 'with care' },
  'marlinspike-hitch': { slack: 'with care', wet: 'yes', stiff: 'yes', slick: 'with care' },
  overhand: { slack: 'yes', wet: 'yes', stiff: 'with care', slick: 'with care' },
  prusik: { slack: 'yes', wet: 'with care', stiff: 'with care', slick: 'no' },
  reef: { slack: 'no', wet: 'no', stiff: 'no', slick: 'no' },
  'rolling-hitch': { slack: 'with care', wet: 'yes', stiff: 'with care', slick: 'with care' },
  'round-turn-two-half-hitches': { slack: 'yes', wet: 'yes', stiff: 'yes', slick: 'with care' },
  'sheet-bend': { slack: 'no', wet: 'yes', stiff: 'with care', slick: 'no' },
  'slip-loop': { slack: 'no', wet: 'yes', stiff: 'yes', slick: 'with care' },
  'taut-line-hitch': { slack: 'with care', wet: 'with care', stiff: 'no', slick: 'no' },
  'truckers-hitch': { slack: 'no', wet: 'yes', stiff: 'yes', slick: 'with care' },
  'two-half-hitches': { slack: 'with care', wet: 'yes', stiff: 'with care', slick: 'with care' },
  'wrap-hitch': { slack: 'with care', wet: 'with care', stiff: 'yes', slick: 'with care' },
  zeppelin: { slack: 'yes', wet: 'yes', stiff: 'yes', slick: 'with care' },
} as const satisfies Record<string, Holds>;
export type EntryId = keyof typeof HOLDING;
