/**
 * What shipped geometry must keep. Practice, no source: rope is squeezed a little where it is loaded, and a smooth
 * curve of least bend radius turns well below a radian from node to node.
 */
export const SHAPE_LIMITS = {
  /** Deepest overlap of rope with rope or fixture, in diameters. */
  overlapD: 0.05,
  /** Sharpest turn from one node distance to the next. */
  turnRad: 1,
  /** Size of a shipped form. */
  bytes: 60_000,
} as const;
