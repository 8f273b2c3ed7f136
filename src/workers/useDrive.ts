'use client';
import { useEffect, useRef, useState } from 'react';
import type { DriveAsk, LimitBeside, PlanDrive } from '@/core/securement/drive/plan-drive';
import type { Plan } from '@/core/securement/plan';
import { type DriveAnswer, type DriveRequest, PROTOCOL } from './protocol';

const beginWorker = (): Worker =>
  new Worker(new URL('./drive.worker.ts', import.meta.url), { type: 'module' });

/**
 * A plan on a drive, reckoned in a worker. Another wish takes the place of the one before it: what that was reckoning is given
 * up at once.
 */
export function useDrive(
  plan: Plan,
  ask: DriveAsk,
): { readonly drive: PlanDrive | null; readonly driving: boolean } {
  const [found, setFound] = useState<{ ask: DriveAsk | null; drive: PlanDrive | null }>({
    ask: null,
    drive: null,
  });
  useEffect(() => {
    const worker = beginWorker();
    worker.onmessage = ({ data }: MessageEvent<DriveAnswer>) => {
      if (data.protocol === PROTOCOL && data.kind === 'drive') setFound({ ask, drive: data.drive });
    };
    worker.postMessage({ protocol: PROTOCOL, id: 0, plan, ask } satisfies DriveRequest);
    return () => worker.terminate();
  }, [plan, ask]);
  return { drive: found.drive, driving: found.ask !== ask };
}

/** What elastic lines reach of the hold map, direction by direction; undefined while it is reckoned. */
export function useDriveLimits(plan: Plan): readonly LimitBeside[] | null | undefined {
  const [limits, setLimits] = useState<readonly LimitBeside[] | null | undefined>();
  const asked = useRef(0);
  useEffect(() => {
    const worker = beginWorker();
    const id = (asked.current += 1);
    worker.onmessage = ({ data }: MessageEvent<DriveAnswer>) => {
      if (data.protocol === PROTOCOL && data.kind === 'limits' && data.id === id)
        setLimits(data.limits);
    };
    worker.postMessage({ protocol: PROTOCOL, id, plan, ask: null } satisfies DriveRequest);
    return () => worker.terminate();
  }, [plan]);
  return limits;
}
