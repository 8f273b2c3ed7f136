/** Minutes until a check is due, rounded so that nobody is told more time than there is; less than nothing: overdue. */
export const minutesLeft = (dueAt: string, now: Date): number =>
  Math.floor((Date.parse(dueAt) - now.getTime()) / 60_000);
