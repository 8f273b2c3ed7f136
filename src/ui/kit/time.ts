/** A time of somebody's doing, as short as it can be said. */
export function shortTime(iso: string): string {
  return `${new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' })}, ${iso.slice(11, 16)} UTC`;
}
