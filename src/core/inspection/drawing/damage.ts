import type { Chance } from '../../chance';
import { chemicalDrawn, rotDrawn, sunDrawn } from './discoloured';
import { cutDrawn, fuzzDrawn, meltDrawn } from './fibres';
import { hardDrawn, kinkDrawn, powderDrawn, sheathDrawn, shockDrawn } from './inside';
import { labelDrawn } from './label';
import { type Lay, LAYS } from './lay';
import type { Spot } from './pen';
import type { Bump, Shape, Stretch } from './stretch';

/** What damage does to a stretch of rope. */
export interface Damage {
  readonly bumps?: readonly Bump[];
  readonly marks?: readonly Shape[];
}
/** How an extent of damage is drawn at a spot. `lengthD`: of the stretch, for damage that is all along it. */
export type DrawDamage = (spot: Spot, lengthD: number) => Damage;

/** Every extent of every check of a rope, as it looks. */
const DRAWN: Readonly<Record<string, Readonly<Record<string, DrawDamage>>>> = {
  cut: cutDrawn,
  fuzz: fuzzDrawn,
  melt: meltDrawn,
  hard: hardDrawn,
  sheath: sheathDrawn,
  powder: powderDrawn,
  rot: rotDrawn,
  chemical: chemicalDrawn,
  uv: sunDrawn,
  kink: kinkDrawn,
  shock: shockDrawn,
  label: labelDrawn,
};

/** What hand, nose and questions tell beside what the eye sees; extents that show all there is are not in it. */
export const FELT: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  melt: {
    glazed: 'A shiny place gives under the thumb: the fibres still part.',
    melted: 'A shiny place is hard as plastic: no fibre can be parted from another.',
  },
  hard: {
    one: 'Through the hand it runs supple, but for one stiff, thin place.',
    several: 'Through the hand it runs thin and stiff, then thick, then thin again.',
  },
  sheath: { slips: 'Milked through the fist, its outside moves on its inside.' },
  powder: {
    some: 'Opened a little, it lets some dust fall.',
    much: 'Opened a little, it lets much dust fall; its strands lie loose.',
  },
  rot: {
    smell: 'It smells of cellar. A fibre from inside holds when it is pulled.',
    rotten: 'It smells of cellar. A fibre from inside snaps like straw.',
  },
  chemical: {
    rust: 'The brown comes from the shackle it hung on. The fibres there are sound.',
    chemical: 'Nobody knows what made the stain.',
  },
  uv: {
    faded: 'It has lost colour. Nothing comes off on the fingers.',
    chalk: 'It leaves chalk on the fingers. The outer fibres hold under the nail.',
    brittle: 'It leaves chalk on the fingers. The outer fibres break under the nail.',
  },
  kink: {
    'turns-out': 'What stands up in it can be turned out by hand, and it lies straight again.',
    stays: 'What stands up in it stays, however it is turned.',
  },
  shock: { yes: 'Who had it last says that a pallet fell into it.' },
};

/** What is told of a rope on which hand, nose and questions find nothing. */
export const NOTHING_FELT = [
  'It runs supple through the hand. Nobody knows of a fall into it.',
  'It smells of rope and leaves the fingers clean. Who had it last says: as always.',
  'It is as supple as when it came. Nothing comes off on the fingers.',
] as const;

/** Whether rope of a lay can have damage of a check at all: what has no sheath shows no core. */
export const canHave = (lay: Lay, check: string): boolean =>
  check !== 'sheath' || LAYS[lay].sheathed;

/** A sound stretch. */
export const soundStretch = (
  lay: Lay,
  lengthD: number,
  begins: Stretch['begins'] = 'on',
): Stretch => ({ lay, lengthD, begins, bumps: [], marks: [] });

/** Where on a stretch damage is put, and with which chance its fibres lie as they lie. */
export interface Placed {
  readonly xD: number;
  readonly chance: Chance;
}

/**
 * A stretch with damage of an extent as it looks on rope of its lay.
 * @throws RangeError for a check or an extent that rope does not have
 */
export function damaged(
  stretch: Stretch,
  check: string,
  extent: string,
  { xD, chance }: Placed,
): Stretch {
  const draw = DRAWN[check]?.[extent];
  if (!draw) throw new RangeError(`no drawing of ${check} ${extent}`);
  const { bumps = [], marks = [] } = draw({ chance, lay: stretch.lay, xD }, stretch.lengthD);
  return {
    ...stretch,
    bumps: [...stretch.bumps, ...bumps],
    marks: [...stretch.marks, ...marks],
  };
}
