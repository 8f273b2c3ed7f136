import { drivePlan, limitsBeside } from '@/core/securement/drive/plan-drive';
import { type DriveAnswer, type DriveRequest, PROTOCOL } from './protocol';

/** Drives a plan away from the page: first the drive that was asked for, then how far elastic lines reach in each direction. */
self.onmessage = (event: MessageEvent<DriveRequest>): void => {
  if (event.data.protocol !== PROTOCOL) return;
  const { id, plan, ask } = event.data;
  const of = { protocol: PROTOCOL, id } as const;
  const answer: DriveAnswer =
    ask === null
      ? { ...of, kind: 'limits', limits: limitsBeside(plan) }
      : { ...of, kind: 'drive', drive: drivePlan(plan, ask) };
  self.postMessage(answer);
};
