import { register } from 'tsx/esm/api';

/** What runs in threads of its own. Plain JavaScript: a thread begins without what reads TypeScript. */
register();
export const {
  card,
  certificate,
  compare,
  drive,
  enough,
  importFile,
  judge,
  logSheet,
  tags,
  talkSheet,
  uncertainty,
} = await import('./work.ts');
