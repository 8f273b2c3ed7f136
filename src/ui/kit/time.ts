const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });

/** A time of somebody's doing, as short as it can be said. */
export const shortTime = (iso: string): string =>
  `${DAY.format(new Date(iso))}, ${iso.slice(11, 16)} UTC`;
