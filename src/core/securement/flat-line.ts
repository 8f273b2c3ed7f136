/** Angle under which an over-line presses so little that it is worth a word. */
export const FLAT_LINE_RAD = (35 * Math.PI) / 180;
