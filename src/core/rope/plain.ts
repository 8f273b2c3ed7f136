import type { Rope } from './rope';

/** A rope of which only this is known; the rest is what a plan takes where nothing is said. */
export function plainRope(known: Pick<Rope, 'material' | 'diameterM'> & Partial<Rope>): Rope {
  return {
    tag: '',
    mbsN: null,
    markedWllN: null,
    condition: 'good',
    historyKnown: true,
    damageIsolated: false,
    weather: 'dry',
    doubled: false,
    ...known,
  };
}
