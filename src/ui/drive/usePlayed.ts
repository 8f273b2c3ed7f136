'use client';
import { useEffect, useState } from 'react';
import type { DriveFrame, DriveRun } from '@/core/securement/drive/run';

/** Where a drive is looked at, and playing it. A slow drive is played faster than it was driven. */
export interface Played {
  readonly frame: DriveFrame | null;
  /** 0 at its beginning, 1 at its end. */
  readonly part: number;
  readonly playing: boolean;
  readonly toggle: () => void;
  readonly seek: (part: number) => void;
  readonly goTo: (atS: number) => void;
}

/** No drive is played longer than this, s. */
const LONGEST_S = 8;

function frameAt(run: DriveRun, atS: number): DriveFrame {
  return run.frames.findLast((f) => f.atS <= atS + 1e-9) ?? run.frames[0]!;
}

export function usePlayed(run: DriveRun | null): Played {
  const [at, setAt] = useState(0);
  const [playing, setPlaying] = useState(false);
  const endS = run?.frames.at(-1)?.atS ?? 0;
  // A new drive is looked at where it has the most to show: where it moves farthest.
  useEffect(() => {
    setPlaying(false);
    setAt(run?.frames.reduce((a, b) => (b.movedM > a.movedM ? b : a)).atS ?? 0);
  }, [run]);
  useEffect(() => {
    if (!playing || endS === 0) return;
    const speed = Math.max(1, endS / LONGEST_S);
    let last = performance.now();
    let handle = requestAnimationFrame(function draw(now) {
      const step = ((now - last) / 1000) * speed;
      last = now;
      setAt((before) => {
        const next = before + step;
        if (next >= endS) setPlaying(false);
        return Math.min(endS, next);
      });
      handle = requestAnimationFrame(draw);
    });
    return () => cancelAnimationFrame(handle);
  }, [playing, endS]);
  return {
    frame: run ? frameAt(run, at) : null,
    part: endS === 0 ? 0 : at / endS,
    playing,
    toggle: () => {
      if (!playing && at >= endS) setAt(0);
      setPlaying(!playing);
    },
    seek: (part) => {
      setPlaying(false);
      setAt(part * endS);
    },
    goTo: (atS) => {
      setPlaying(false);
      setAt(atS);
    },
  };
}
