import { parentPort } from 'node:worker_threads';
import { register } from 'tsx/esm/api';

/** Draws some directions of a plan in a thread of its own, as a page's worker does. */
register();
const { drawn } = await import('./draws.ts');
parentPort.on('message', ({ plan, draws, toward }) => {
  drawn(plan, draws, toward);
  parentPort.postMessage('drawn');
});
