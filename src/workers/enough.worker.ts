import { ANY_KNOT } from '@/core/securement/advice/may-tie';
import { findingEnough } from '@/core/securement/enough/result';
import { type EnoughAnswer, type EnoughRequest, PROTOCOL } from './protocol';

/** Between two reports the search works this long; short enough that a stop is heard at once. */
const REPORT_MS = 60;
/** Once something is enough nobody waits longer than this for whether anything cheaper is; what is still open is said. */
const PATIENCE_MS = 3000;

type Search = ReturnType<typeof findingEnough>;
let stopped = false;

const say = (answer: Omit<EnoughAnswer, 'protocol'>): void =>
  self.postMessage({ protocol: PROTOCOL, ...answer } satisfies EnoughAnswer);

/** Searches until a report is due, reports, and comes back after the messages that have arrived meanwhile. */
function work(search: Search, begunMs: number, foundBefore = false): void {
  const until = performance.now() + REPORT_MS;
  let found = foundBefore;
  for (;;) {
    const now = performance.now();
    const { done, value } = search.next(stopped || (found && now - begunMs > PATIENCE_MS));
    if (done) return say({ progress: null, result: value });
    found ||= value.best !== null;
    if (now < until) continue;
    say({ progress: value, result: null });
    setTimeout(() => work(search, begunMs, found), 0);
    return;
  }
}

/** Looks for the cheapest that is enough away from the page. Given up by ending the worker. */
self.onmessage = ({ data }: MessageEvent<EnoughRequest>): void => {
  if (data.protocol !== PROTOCOL) return;
  if (data.kind === 'stop') {
    stopped = true;
    return;
  }
  const { plan, locker, wishes, tied } = data;
  const known = tied && new Set(tied);
  const mayTie = known ? (knot: (typeof tied)[number]): boolean => known.has(knot) : ANY_KNOT;
  work(findingEnough(plan, new Map(locker), { ...wishes, mayTie }), performance.now());
};
