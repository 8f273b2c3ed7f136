import { STANDARD_GRAVITY } from '../units/constants';
import type { RopeMaterialId } from '../rope/materials';

/**
 * Weight of rope: kg per metre for a diameter of 1 m, so that mass = value × d². 12 mm polyester: 0.11 kg/m.
 * Source: rope makers’ tables, from memory, within about a tenth.
 */
const MASS_PER_SQUARE: Record<RopeMaterialId, number> = {
  manila: 740,
  sisal: 740,
  polypropylene: 450,
  polyester: 765,
  'polyester-double-braid': 765,
  nylon: 620,
  'nylon-braid': 620,
  'nylon-double-braid': 620,
  paracord: 420,
  'accessory-cord': 620,
  kernmantle: 620,
  hmpe: 550,
  'unknown-synthetic': 765,
};

/** Weight of a rope in N per metre. */
export function lineWeightNPerM(material: RopeMaterialId, diameterM: number): number {
  return MASS_PER_SQUARE[material] * diameterM ** 2 * STANDARD_GRAVITY;
}
