import { transaction } from '@/db/pool';
import { judgeAgain } from './judging';
import { log } from './log';

const AGAIN_MS = 5000;

/**
 * Judges in the background whatever other rules, or another program, judged, until nothing is left; goes on after the
 * database was away. @returns what stops it
 */
export function keepJudging(
  work: () => Promise<boolean> = () => transaction(judgeAgain),
  againMs = AGAIN_MS,
): { stop: () => void } {
  let timer: NodeJS.Timeout | undefined;
  let stopped = false;
  const run = async (): Promise<void> => {
    try {
      while (!stopped && (await work()));
    } catch (error) {
      log.warn({ err: error }, 'plans could not be judged again just now');
      if (!stopped) timer = setTimeout(() => void run(), againMs);
    }
  };
  void run();
  return {
    stop: () => {
      stopped = true;
      clearTimeout(timer);
    },
  };
}
