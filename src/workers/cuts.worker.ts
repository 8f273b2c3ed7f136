import { cutPlan } from '@/core/cutting/plan';
import { type CutProgress, CutSearch } from '@/core/cutting/search';
import { type CutAnswer, type CutRequest, PROTOCOL } from './protocol';

/** Between two reports the search works this long; short enough that a stop is heard at once. */
const REPORT_MS = 60;
const NODES_AT_A_TIME = 2000;

let current = 0;
let stopped = false;

function report(id: number, search: CutSearch, p: CutProgress): void {
  const gapPart = p.proven ? 0 : Math.max(0, p.best.value - p.bound) / Math.max(1e-9, p.best.value);
  const answer: CutAnswer = {
    protocol: PROTOCOL,
    id,
    plan: cutPlan(search.problem, p.best),
    tried: p.nodes,
    done: p.done || stopped,
    proven: p.proven,
    gapPart,
  };
  self.postMessage(answer);
}

/** Searches until a report is due, reports, and comes back after the messages that have arrived meanwhile. */
function work(id: number, search: CutSearch): void {
  if (id !== current) return;
  const until = performance.now() + REPORT_MS;
  let progress = search.run(0);
  while (!progress.done && performance.now() < until) progress = search.run(NODES_AT_A_TIME);
  report(id, search, progress);
  if (!progress.done && !stopped) setTimeout(() => work(id, search), 0);
}

/** Finds what to cut from what, away from the page. A new job replaces the one before. */
self.onmessage = (event: MessageEvent<CutRequest>): void => {
  const request = event.data;
  if (request.protocol !== PROTOCOL) return;
  if (request.kind === 'stop') {
    stopped = stopped || request.id === current;
    return;
  }
  current = request.id;
  stopped = false;
  work(request.id, new CutSearch(request.job));
};
