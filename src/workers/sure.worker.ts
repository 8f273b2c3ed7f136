import { drawing } from '@/core/securement/uncertainty/draws';
import { summary } from '@/core/securement/uncertainty/summary';
import { PROTOCOL, type SureAnswer, type SureRequest } from './protocol';

/** Told more often than after so many draws, the page would draw its bar again for nothing. */
const REPORTED = 10_000;

/** Draws what is not sure about a plan away from the page, telling now and then how far it has come. Given up by ending the worker. */
self.onmessage = ({ data }: MessageEvent<SureRequest>): void => {
  if (data.protocol !== PROTOCOL) return;
  const { plan, wanted } = data;
  const draws = drawing(plan, wanted);
  for (;;) {
    const { done, value } = draws.next();
    if (!done && value.done % REPORTED !== 0) continue;
    const answer: SureAnswer = {
      protocol: PROTOCOL,
      done: value?.done ?? 0,
      sure: done && value ? summary(value, wanted.open) : null,
      refused: done === true && value === null,
    };
    self.postMessage(answer);
    if (done) return;
  }
};
