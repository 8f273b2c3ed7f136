import { register } from 'tsx/esm/api';

/** What runs in threads of its own. Plain JavaScript: a thread begins without what reads TypeScript. */
register();
const { card, compare, importFile, judge, tags } = await import('./work.ts');

export { card, compare, importFile, judge, tags };
