/** Rope a drawn-up form takes, in diameters of each of its ropes: length inside, and how far along the line it reaches. */
export interface RopeUse {
  readonly insideD: readonly number[];
  readonly reachD: readonly number[];
  /** Least tail that must stick out. */
  readonly tailD: number;
}

/**
 * Measured on the catalogue's own drawn-up geometry; a test holds the two together. A loop's figures include its eye as
 * drawn.
 */
export const MEASURED = {
  'bowline/facing-away': { insideD: [66.3], reachD: [19.5], tailD: 12 },
  'round-turn-two-half-hitches/plain': { insideD: [70.5], reachD: [13.6], tailD: 12 },
  'two-half-hitches/same-way': { insideD: [54.9], reachD: [14.1], tailD: 12 },
  'clove-hitch/passed': { insideD: [65.9], reachD: [18.5], tailD: 12 },
  'fishermans-bend/plain': { insideD: [76.2], reachD: [12.6], tailD: 12 },
  'figure-eight-on-bight/plain': { insideD: [128], reachD: [29.9], tailD: 12 },
  'taut-line-hitch/plain': { insideD: [78.2], reachD: [20.5], tailD: 12 },
  'rolling-hitch/two': { insideD: [91.7], reachD: [23.4], tailD: 12 },
  'wrap-hitch/plain': { insideD: [181.2], reachD: [27.7], tailD: 30 },
  'sheet-bend/single': { insideD: [12.5, 27.7], reachD: [6.7, 8.1], tailD: 12 },
  'sheet-bend/double': { insideD: [15.8, 49], reachD: [7.7, 12.7], tailD: 12 },
  'fishermans-knot/single': { insideD: [37.5, 37.5], reachD: [24.9, 24.9], tailD: 8 },
  'fishermans-knot/double': { insideD: [47, 46.2], reachD: [24.3, 23.8], tailD: 8 },
  'zeppelin/plain': { insideD: [31, 31], reachD: [14.3, 14.3], tailD: 12 },
  'reef/plain': { insideD: [16, 16], reachD: [7, 6.7], tailD: 12 },
  'perfection-loop/plain': { insideD: [75.6], reachD: [16.1], tailD: 12 },
  'bell-ringer/plain': { insideD: [67.1], reachD: [21.8], tailD: 0 },
  'inline-figure-eight/plain': { insideD: [94.3], reachD: [26.2], tailD: 0 },
  'slip-loop/plain': { insideD: [53.2], reachD: [14.8], tailD: 0 },
  'alpine-butterfly/twist': { insideD: [102.9], reachD: [25.4], tailD: 0 },
  'overhand/on-a-bight': { insideD: [100.3], reachD: [28.5], tailD: 12 },
  'half-hitch/slipped': { insideD: [56.3], reachD: [8.4], tailD: 20 },
  'half-hitch/plain': { insideD: [32.2], reachD: [8.4], tailD: 12 },
  'halter-hitch/slipped': { insideD: [67.6], reachD: [9.5], tailD: 20 },
  'figure-eight/plain': { insideD: [30.3], reachD: [6.6], tailD: 12 },
  'double-overhand/plain': { insideD: [39.4], reachD: [12.7], tailD: 8 },
  'overhand/plain': { insideD: [26.5], reachD: [9.5], tailD: 12 },
  'cow-hitch/plain': { insideD: [58.9], reachD: [13.1], tailD: 12 },
  'cow-hitch/girth': { insideD: [61.2], reachD: [12.9], tailD: 12 },
  'timber-hitch/plain': { insideD: [59.6], reachD: [20.6], tailD: 12 },
  'carrick-bend/plain': { insideD: [25.8, 26.1], reachD: [9.6, 9.9], tailD: 15 },
} as const satisfies Record<string, RopeUse>;
export type MeasuredForm = keyof typeof MEASURED;
