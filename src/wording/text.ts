/** A sentence's first letter large. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A time as a sheet of paper says it: it may be read anywhere. */
export const wordUtc = (iso: string): string => `${iso.slice(0, 16).replace('T', ' ')} UTC`;
