import { isLoopback } from './front/client';

/**
 * Whether people of the demo may be stepped in as with one click: only where the start that runs says that it keeps the
 * demo (`VAST_CLEAT_DEMO`), and only on the machine itself. `who`: the caller's address.
 */
export const demoIsOpen = (who: string): boolean =>
  process.env['VAST_CLEAT_DEMO'] === 'yes' && isLoopback(who);
