/** Most points of a course, most pieces of a drive, and the longest it may take, s. */
export const MOST_COURSE_POINTS = 400;
export const MOST_PIECES = 12;
export const LONGEST_COURSE_S = 60;
/** Harder than this nothing on a road is driven, g. */
export const HARDEST_G = 2;
