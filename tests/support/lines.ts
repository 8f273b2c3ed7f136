import { z } from 'zod';
import type { LineContext } from '@/core/line/context';
import { elementSchema, type LineElement } from '@/core/line/schema';
import { lineCapacity } from '@/core/line/line';
import { N_PER_LBF } from '@/core/units';
import { bare } from '@/core/working/working';

/** Elements of a line from loosely written elements; ids are made up where missing. */
export function elementsOf(elements: readonly Record<string, unknown>[]): LineElement[] {
  return z.array(elementSchema).parse(elements.map((e, i) => ({ id: `e${i}`, ...e })));
}

export const ownAnchor = (wllLbf: number | null, extra: Record<string, unknown> = {}) => ({
  kind: 'anchor',
  at: {
    on: 'own',
    name: 'ring',
    barDiameterM: '16 mm',
    rating: wllLbf === null ? { state: 'unrated' } : { state: 'rated', wllN: `${wllLbf} lbf` },
    ...extra,
  },
});

/** 5/16 in braided nylon of 1,800 lbf, new and dry. */
export const braidedNylon = (extra: Record<string, unknown> = {}) => ({
  kind: 'rope',
  rope: {
    material: 'nylon-braid',
    diameterM: '5/16 in',
    mbsN: '1,800 lbf',
    condition: 'new',
    ...extra,
  },
});

export const context = (extra: Partial<LineContext> = {}): LineContext => ({
  basis: { school: 'tenth-doubled', designFactor: 5, markedOrTableOnly: false },
  knotSchool: 'lowest',
  unmarkedByUsTable: true,
  temporary: false,
  anchors: new Map(),
  anchorSharing: new Map(),
  ...extra,
});

/** WLL of a line in lbf, bare. */
export function wllLbf(
  elements: readonly Record<string, unknown>[],
  extra: Partial<LineContext> = {},
): number {
  const { wll } = lineCapacity(bare, elementsOf(elements), context(extra));
  if (wll === null) throw new Error('WLL unknown');
  return wll / N_PER_LBF;
}
