import type { Person } from '../support/browser';

/** Pictures a second, and tasks of 50 ms or more, ms. */
export interface Frames {
  readonly perS: number;
  readonly long: readonly number[];
}

/** Counts a page's pictures and long tasks from now on. @returns what tells them */
export async function watchFrames({ page }: Person): Promise<() => Promise<Frames>> {
  await page.evaluate(() => {
    const w = window as unknown as { long: number[]; frames: number[] };
    [w.long, w.frames] = [[], []];
    new PerformanceObserver((list) => {
      for (const e of list.getEntries()) w.long.push(e.duration);
    }).observe({ type: 'longtask' });
    const frame = (t: number): void => {
      w.frames.push(t);
      requestAnimationFrame(frame);
    };
    requestAnimationFrame(frame);
  });
  return () =>
    page.evaluate(() => {
      const { long, frames } = window as unknown as { long: number[]; frames: number[] };
      return { perS: ((frames.length - 1) * 1000) / (frames.at(-1)! - frames[0]!), long };
    });
}
