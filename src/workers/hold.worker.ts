import { lineFactsOf } from '@/core/securement/assess';
import { holdMap } from '@/core/securement/hold/map';
import { staticsLoadOf } from '@/core/securement/hold/statics-load';
import { placeUnits } from '@/core/securement/load/placed';
import { ruleSet } from '@/core/securement/rules';
import { type HoldAnswer, type HoldRequest, PROTOCOL } from './protocol';

/** Enough directions for a smooth outline, few enough for every keystroke. */
const DRAWN_DIRECTIONS = 48;

/** Computes what is held round the compass away from the page, so that typing never waits for it. */
self.onmessage = (event: MessageEvent<HoldRequest>): void => {
  if (event.data.protocol !== PROTOCOL) return;
  const { id, plan } = event.data;
  const load = placeUnits(plan.units);
  const map = holdMap(
    staticsLoadOf(plan, load, lineFactsOf(plan, load)),
    ruleSet(plan.ruleSet).statics,
    DRAWN_DIRECTIONS,
  );
  const answer: HoldAnswer = { protocol: PROTOCOL, id, map };
  self.postMessage(answer);
};
