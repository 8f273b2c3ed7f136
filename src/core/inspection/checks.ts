import type { GearKind } from '../gear/schema';
import type { Condition } from '../rope/condition';

/**
 * What an inspection looks for, how bad it can be, and what follows. Kinds of damage and the five reasons to retire rope:
 * common practice, from memory; the steps between are this program's defaults. `looks`: what hand and eye meet.
 */
export type Consequence =
  /** Nothing to act on. */
  | { readonly does: 'note' }
  /** The whole thing counts at this condition at best. */
  | { readonly does: 'downgrade'; readonly to: Extract<Condition, 'worn' | 'doubtful'> }
  /** That place may carry nothing; the rest stays good. */
  | { readonly does: 'isolate' }
  | { readonly does: 'retire' };

export interface Extent {
  readonly id: string;
  readonly name: string;
  readonly then: Consequence;
}

export interface InspectionCheck {
  readonly id: string;
  readonly name: string;
  readonly looks: string;
  /** Whether it sits at a place on the length, to be marked there. */
  readonly local: boolean;
  readonly extents: readonly [Extent, ...Extent[]];
  readonly source: 'practice' | 'default';
}

const note: Consequence = { does: 'note' };
const worn: Consequence = { does: 'downgrade', to: 'worn' };
const doubtful: Consequence = { does: 'downgrade', to: 'doubtful' };
const isolate: Consequence = { does: 'isolate' };
const retire: Consequence = { does: 'retire' };
const x = (id: string, name: string, then: Consequence): Extent => ({ id, name, then });

const ROPE_CHECKS: readonly InspectionCheck[] = [
  {
    id: 'cut',
    name: 'Cut yarns or strands',
    looks: 'Turn it as it runs through your hand. Ends sticking out all at one place are a cut.',
    local: true,
    source: 'practice',
    extents: [
      x('few', 'a few yarns', worn),
      x('many', 'many yarns, strand still whole', isolate),
      x('strand', 'a whole strand', retire),
    ],
  },
  {
    id: 'fuzz',
    name: 'Fuzz and wear',
    looks: 'Fuzz all round is wear. Look whether the outer yarns are worn more than half through.',
    local: true,
    source: 'practice',
    extents: [
      x('light', 'light fuzz', note),
      x('round', 'all round, yarns more than half left', worn),
      x('half', 'outer yarns worn more than half', isolate),
    ],
  },
  {
    id: 'melt',
    name: 'Glazed or melted',
    looks: 'Smooth, shiny or stuck-together fibres: heat of a rope running over rope or steel.',
    local: true,
    source: 'practice',
    extents: [
      x('glazed', 'glazed skin, fibres still part', isolate),
      x('melted', 'melted', retire),
    ],
  },
  {
    id: 'hard',
    name: 'Hard or thin places',
    looks: 'A place that is stiff, thin, flat or lumpy between your fingers.',
    local: true,
    source: 'practice',
    extents: [x('one', 'one place', isolate), x('several', 'several places', retire)],
  },
  {
    id: 'sheath',
    name: 'Sheath slips or core visible',
    looks: 'Hold the core at one end and milk the sheath. Any white showing through is core.',
    local: true,
    source: 'practice',
    extents: [x('slips', 'sheath slips on the core', doubtful), x('core', 'core visible', retire)],
  },
  {
    id: 'powder',
    name: 'Powder inside',
    looks: 'Open the strands a little. Dust inside is fibre ground to powder.',
    local: true,
    source: 'practice',
    extents: [x('some', 'some', doubtful), x('much', 'much, strands loose', retire)],
  },
  {
    id: 'rot',
    name: 'Rot or mildew',
    looks: 'Smell it. Break a fibre from inside: rotten fibre snaps like straw.',
    local: false,
    source: 'practice',
    extents: [
      x('smell', 'musty smell, fibres sound', doubtful),
      x('rotten', 'fibres snap', retire),
    ],
  },
  {
    id: 'chemical',
    name: 'Rust or chemical stain',
    looks: 'Any stain you cannot name counts as chemical. Battery acid leaves none at first.',
    local: true,
    source: 'practice',
    extents: [
      x('rust', 'rust from a fitting, fibres sound', worn),
      x('chemical', 'chemical, or not known what', retire),
    ],
  },
  {
    id: 'uv',
    name: 'Sun',
    looks: 'Chalk on your fingers, faded, brittle outer fibres.',
    local: false,
    source: 'practice',
    extents: [
      x('faded', 'faded, no chalk', note),
      x('chalk', 'chalks', worn),
      x('brittle', 'outer fibres break under the nail', doubtful),
    ],
  },
  {
    id: 'kink',
    name: 'Kinks and hockles',
    looks: 'A strand that has turned over itself and stays.',
    local: true,
    source: 'practice',
    extents: [x('turns-out', 'turns out by hand', note), x('stays', 'stays', isolate)],
  },
  {
    id: 'shock',
    name: 'Shock load',
    looks: 'Ask who had it last: a load that fell into it, a snatch, a broken line beside it.',
    local: false,
    source: 'practice',
    extents: [x('yes', 'yes, or likely', retire)],
  },
  {
    id: 'label',
    name: 'Label',
    looks: 'The tag must be there and be read: material, size, strength.',
    local: false,
    source: 'practice',
    extents: [x('unreadable', 'cannot be read', note), x('missing', 'missing', note)],
  },
];

const WEBBING_CHECKS: readonly InspectionCheck[] = [
  {
    id: 'cut',
    name: 'Cuts and edge damage',
    looks: 'Both edges, both sides, over the whole length.',
    local: true,
    source: 'default',
    extents: [x('nick', 'edge roughened, no yarn cut', worn), x('cut', 'any cut', retire)],
  },
  {
    id: 'stitching',
    name: 'Stitching',
    looks: 'Load-bearing seams: broken, pulled or worn threads.',
    local: true,
    source: 'default',
    extents: [x('worn', 'threads fuzzy', worn), x('broken', 'threads broken', retire)],
  },
  {
    id: 'melt',
    name: 'Heat and friction',
    looks: 'Shiny, hard, melted places.',
    local: true,
    source: 'default',
    extents: [x('any', 'any', retire)],
  },
  {
    id: 'chemical',
    name: 'Chemical stain',
    looks: 'Any stain you cannot name.',
    local: true,
    source: 'default',
    extents: [x('any', 'any', retire)],
  },
  {
    id: 'fittings',
    name: 'Ratchet and hooks',
    looks: 'Bent, cracked, opened, does not lock.',
    local: false,
    source: 'default',
    extents: [
      x('stiff', 'stiff, works when oiled', note),
      x('bad', 'bent, cracked or does not lock', retire),
    ],
  },
  {
    id: 'label',
    name: 'Label',
    looks: 'Without a readable label it counts as unmarked.',
    local: false,
    source: 'default',
    extents: [x('missing', 'missing or not readable', note)],
  },
];

const METAL_CHECKS: readonly InspectionCheck[] = [
  {
    id: 'deformed',
    name: 'Bent, stretched, opened',
    looks: 'Measure against a new one. Links that bind, a hook’s throat opened.',
    local: true,
    source: 'default',
    extents: [x('any', 'any', retire)],
  },
  {
    id: 'crack',
    name: 'Cracks and nicks',
    looks: 'Wipe it clean first; look where it bends.',
    local: true,
    source: 'default',
    extents: [
      x('nick', 'a nick, edges smooth', worn),
      x('crack', 'a crack, or a sharp nick', retire),
    ],
  },
  {
    id: 'wear',
    name: 'Wear',
    looks: 'Where links or pins bear on each other.',
    local: true,
    source: 'default',
    extents: [x('light', 'under a tenth', note), x('heavy', 'a tenth or more', retire)],
  },
  {
    id: 'rust',
    name: 'Rust',
    looks: 'Rub it: does the surface come back smooth?',
    local: true,
    source: 'default',
    extents: [x('surface', 'on the surface', note), x('pitted', 'pitted', retire)],
  },
  {
    id: 'parts',
    name: 'Pin, latch, thread',
    looks: 'Closes, locks, and is the one that belongs to it.',
    local: false,
    source: 'default',
    extents: [
      x('stiff', 'stiff, works when oiled', note),
      x('bad', 'does not lock, or not its own', retire),
    ],
  },
  {
    id: 'label',
    name: 'Marking',
    looks: 'Working load limit or grade must be read on it.',
    local: false,
    source: 'default',
    extents: [x('missing', 'missing or not readable', note)],
  },
];

const WIRE_CHECKS: readonly InspectionCheck[] = [
  {
    id: 'wires',
    name: 'Broken wires',
    looks: 'Run a rag along it. Count broken ends over the length of six diameters.',
    local: true,
    source: 'default',
    extents: [x('few', 'one or two', worn), x('many', 'more', retire)],
  },
  {
    id: 'kink',
    name: 'Kinks and birdcages',
    looks: 'Any place that does not lie straight.',
    local: true,
    source: 'default',
    extents: [x('any', 'any', retire)],
  },
  ...METAL_CHECKS.filter((c) => ['wear', 'rust', 'label'].includes(c.id)),
];

/** What is looked for on each kind of gear, in the order of the walk-through. */
export const INSPECTION_CHECKS: Record<GearKind, readonly InspectionCheck[]> = {
  rope: ROPE_CHECKS,
  webbing: WEBBING_CHECKS,
  chain: METAL_CHECKS,
  wire: WIRE_CHECKS,
  hardware: METAL_CHECKS,
};

/** Ids of all checks and extents, for schemas. */
export function checkOf(kind: GearKind, id: string): InspectionCheck | null {
  return INSPECTION_CHECKS[kind].find((c) => c.id === id) ?? null;
}
