/** A sentence's first letter large. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** So many of something: "1 line", "3 lines". */
export const wordCount = (count: number, one: string): string =>
  count === 1 ? `1 ${one}` : `${count} ${one}s`;

/** A time as a sheet of paper says it: it may be read anywhere. */
export const wordUtc = (iso: string): string => `${iso.slice(0, 16).replace('T', ' ')} UTC`;
