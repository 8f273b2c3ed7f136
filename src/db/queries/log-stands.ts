/**
 * SQL: what was recorded counts until an entry of the log says that it was otherwise, or was not at all. That one counts
 * instead, as far as it says something. `crew`, `id`: columns of what was recorded.
 */
export const stands = (crew: string, id: string): string =>
  `NOT EXISTS (SELECT FROM log_entry x WHERE x.corrects = ${id} AND x.crew_id = ${crew})`;
