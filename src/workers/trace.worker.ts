import KNOWN from '@/core/knot/trace/known.json';
import { against, nameOfSketch } from '@/core/knot/trace/name';
import { PROTOCOL, type TraceAnswer, type TraceRequest } from './protocol';

/** Names what was traced, away from the page: closing a tracing in all its ways takes a while. */
self.onmessage = (event: MessageEvent<TraceRequest>): void => {
  if (event.data.protocol !== PROTOCOL) return;
  const { id, sketch, wanted } = event.data;
  const answer: TraceAnswer = {
    protocol: PROTOCOL,
    id,
    naming: nameOfSketch(KNOWN, sketch),
    against: null,
  };
  self.postMessage(answer);
  // Trying every crossing takes longer than the name, which need not wait for it.
  if (wanted && answer.naming.kind !== 'too many crossings')
    self.postMessage({ ...answer, against: against(KNOWN, sketch, wanted) } satisfies TraceAnswer);
};
