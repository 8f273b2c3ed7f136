import type { StageLayout } from '@/core/securement/stage/layout';

/** What of a picture is shown: how much larger than whole, and from where. */
export interface Zoom {
  readonly times: number;
  readonly x: number;
  readonly y: number;
}
export const WHOLE: Zoom = { times: 1, x: 0, y: 0 };
const MOST_TIMES = 6;

/** A zoom about a place of the picture, kept within it. */
export function zoomed(
  zoom: Zoom,
  times: number,
  about: readonly [number, number],
  layout: StageLayout,
): Zoom {
  const to = Math.min(MOST_TIMES, Math.max(1, times));
  const keep = (from: number, at: number, whole: number): number =>
    Math.min(whole - whole / to, Math.max(0, at - ((at - from) * zoom.times) / to));
  return {
    times: to,
    x: keep(zoom.x, about[0], layout.width),
    y: keep(zoom.y, about[1], layout.height),
  };
}
