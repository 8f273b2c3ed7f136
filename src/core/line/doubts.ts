import { schoolValues } from '../knot/efficiency';
import { knot, type KnotId } from '../knot/knots';
import { ROPE_MATERIALS } from '../rope/materials';
import type { Rope } from '../rope/rope';
import type { LinePosition } from './context';

/** Why a knot is not the first choice at a place of a line. */
export type KnotDoubt =
  | 'slips-on-metal'
  | 'not-for-joining-loads'
  | 'equal-ropes-only'
  | 'needs-thick-post'
  | 'along-a-pole-only'
  | 'both-legs-loaded'
  | 'slips-in-stiff-rope'
  | 'slips-in-slick-rope'
  | 'loosens-when-slack'
  | 'safer-form'
  | 'jams'
  | 'no-figure';

/** What weighs as much is not for this place. */
export const OUT_OF_PLACE = 9;

/** How much each weighs where knots are ranked: it is not for this place; it may let go; it is a nuisance, or nobody has measured it. */
const WEIGHTS: Record<KnotDoubt, number> = {
  'slips-on-metal': OUT_OF_PLACE,
  'not-for-joining-loads': OUT_OF_PLACE,
  'equal-ropes-only': OUT_OF_PLACE,
  'needs-thick-post': OUT_OF_PLACE,
  'along-a-pole-only': OUT_OF_PLACE,
  'both-legs-loaded': OUT_OF_PLACE,
  'slips-in-stiff-rope': OUT_OF_PLACE,
  'slips-in-slick-rope': OUT_OF_PLACE,
  'loosens-when-slack': 3,
  'safer-form': 2,
  jams: 1,
  'no-figure': 1,
};

/** A wrap hitch loses nothing on a post so many times thicker than its rope. Common practice, no source. */
const THICK_POST_D = 12;
/** Ropes that differ by more are unequal. Common practice, no source. */
const UNEQUAL = 1.15;

const areUnequal = (ropes: readonly Rope[]): boolean => {
  const thick = ropes.map((r) => r.diameterM);
  return ropes.length > 1 && Math.max(...thick) > UNEQUAL * Math.min(...thick);
};

/** Whether a post is too thin for a wrap hitch, or nobody knows. */
function isThin(barDiameterM: number | null, ropes: readonly Rope[]): boolean {
  const thickest = Math.max(0, ...ropes.map((r) => r.diameterM));
  return barDiameterM === null || barDiameterM < THICK_POST_D * thickest;
}

/** What speaks against a knot at a place of a line, the gravest first; nothing where it suits. */
export function doubtsOf(id: KnotId, { runs, neighbourAnchor }: LinePosition): KnotDoubt[] {
  const { hazards, holds, saferForm, splice } = knot(id);
  const ropes = runs.flatMap(({ rope }) => (rope ? [rope] : []));
  const materials = ropes.map((r) => ROPE_MATERIALS[r.material]);
  const has = (hazard: (typeof hazards)[number]): boolean => hazards.includes(hazard);
  const applies: Record<KnotDoubt, boolean> = {
    'slips-on-metal': has('slips-on-metal') && neighbourAnchor?.surface !== 'wood',
    'not-for-joining-loads': has('not-for-joining-loads'),
    'equal-ropes-only': has('equal-ropes-only') && areUnequal(ropes),
    'needs-thick-post':
      has('needs-thick-post') && isThin(neighbourAnchor?.barDiameterM ?? null, ropes),
    'along-a-pole-only': has('along-a-pole-only'),
    'both-legs-loaded': has('both-legs-loaded'),
    'slips-in-stiff-rope': holds.stiff === 'no' && materials.some((m) => m.stiff),
    'slips-in-slick-rope': holds.slick === 'no' && materials.some((m) => m.slick),
    'loosens-when-slack': holds.slack === 'no',
    'safer-form': saferForm !== undefined,
    jams: has('jams'),
    'no-figure': splice !== true && schoolValues(id).length === 0,
  };
  return (Object.keys(WEIGHTS) as KnotDoubt[]).filter((doubt) => applies[doubt]);
}

/** How much speaks against a knot, all in all; 0: nothing. */
export const weightOf = (doubts: readonly KnotDoubt[]): number =>
  doubts.reduce((sum, doubt) => sum + WEIGHTS[doubt], 0);
