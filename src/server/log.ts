import pino from 'pino';

/**
 * What the application writes down of itself: one JSON object a line, on standard output. Passwords and tokens are
 * never passed in; what could carry one by mistake is cut out all the same.
 */
export const log = pino({
  level: process.env['LOG_LEVEL'] ?? 'info',
  base: null,
  timestamp: pino.stdTimeFunctions.isoTime,
  formatters: { level: (level) => ({ level }) },
  redact: {
    paths: ['password', 'token', 'cookie', 'authorization', '*.password', '*.token', '*.cookie'],
    censor: '(left out)',
  },
});

/** A path as it may be written down: without what is asked, and without tokens that stand in an address. */
export const loggedPath = (path: string): string =>
  (path.split('?')[0] ?? '').replace(/(\/(?:calendar|join)\/)[^/]+/, '$1…').slice(0, 200);
