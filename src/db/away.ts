import pg from 'pg';

/** Classes and codes of the database's errors that say nothing of the request: connection, resources, shutdown, disk. */
const AWAY_CODES = /^(?:08|53|57P|58)|^(?:25006|25P03|57014|55P03)$/;
const SOCKET_CODES = [
  'ECONNREFUSED',
  'ECONNRESET',
  'ETIMEDOUT',
  'EPIPE',
  'ENOTFOUND',
  'EHOSTUNREACH',
];
/** The driver says these in words only. */
const DRIVER_WORDS =
  /connection terminated|timeout exceeded when trying to connect|query read timeout|timeout expired|client has encountered a connection error|connection ended/i;

// Kept on globalThis because the server's front and the handlers behind it are bundled apart.
const holder = globalThis as { vastCleatAwayAt?: number };

/** When the database was last found away, in milliseconds since 1970; 0 when never. */
export const lastAway = (): number => holder.vastCleatAwayAt ?? 0;

/**
 * Whether a failure means that the database is away or cannot work now, so that the same request may succeed later.
 * Codes: PostgreSQL's appendix "Error Codes".
 */
export function isAway(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const { code } = error as { code?: unknown };
  // A server bundle may hold another copy of the driver: its errors are told by what they carry.
  const fromServer = error instanceof pg.DatabaseError || 'severity' in error;
  const away = fromServer
    ? AWAY_CODES.test(String(code))
    : SOCKET_CODES.includes(String(code)) || DRIVER_WORDS.test(error.message);
  if (away) holder.vastCleatAwayAt = Date.now();
  return away;
}
