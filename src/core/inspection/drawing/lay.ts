import type { RopeMaterialId } from '../../rope/materials';

/** How a rope is made, as far as damage looks different on it. Common knowledge of rope, from memory. */
export const LAYS = {
  'three-strand': { name: 'three-strand', sheathed: false },
  braid: { name: 'braid', sheathed: false },
  'double-braid': { name: 'double braid', sheathed: true },
  kernmantle: { name: 'kernmantle', sheathed: true },
} as const;
export type Lay = keyof typeof LAYS;

/** How rope of a material is made: as its name says, or as it is sold for tying down. From memory. */
export const LAY_OF: Readonly<Record<RopeMaterialId, Lay>> = {
  manila: 'three-strand',
  sisal: 'three-strand',
  polypropylene: 'three-strand',
  polyester: 'three-strand',
  'polyester-double-braid': 'double-braid',
  nylon: 'three-strand',
  'nylon-braid': 'braid',
  'nylon-double-braid': 'double-braid',
  paracord: 'kernmantle',
  kernmantle: 'kernmantle',
  'accessory-cord': 'kernmantle',
  hmpe: 'braid',
  // What is sold unmarked by the coil is mostly laid.
  'unknown-synthetic': 'three-strand',
};
