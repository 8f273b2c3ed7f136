'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { type Bench, MOST_HAND_N } from './useBench';

/** How fast a held key hauls, in N a second: the whole scale in four seconds. */
const HAUL_N_PER_S = 250;

const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);

/** A pull that is being held, and how to begin and end one. */
export interface Pulling {
  readonly active: boolean;
  readonly start: () => void;
  readonly stop: () => void;
}

/** Pulls for as long as the key `p` or the button is held; with Shift it eases. */
export function usePulling(bench: Bench): Pulling {
  const [way, setWay] = useState<0 | 1 | -1>(0);
  const latest = useRef(bench);
  useEffect(() => {
    latest.current = bench;
  });
  useEffect(() => {
    if (way === 0) return;
    let [last, at] = [performance.now(), latest.current.doc.system.handForceN];
    let frame = 0;
    const step = (now: number): void => {
      at = Math.max(1, Math.min(MOST_HAND_N, at + (way * HAUL_N_PER_S * (now - last)) / 1000));
      last = now;
      latest.current.pull(at);
      frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [way]);
  const start = useCallback(() => setWay(1), []);
  const stop = useCallback(() => setWay(0), []);
  useEffect(() => {
    const down = (e: KeyboardEvent): void => {
      if (
        e.key.toLowerCase() !== 'p' ||
        e.ctrlKey ||
        e.metaKey ||
        e.altKey ||
        typing(e.target) ||
        document.querySelector('[role=listbox]')
      )
        return;
      e.preventDefault();
      setWay(e.shiftKey ? -1 : 1);
    };
    const up = (e: KeyboardEvent): void => {
      if (e.key.toLowerCase() === 'p' || e.key === 'Shift') setWay(0);
    };
    window.addEventListener('keydown', down);
    window.addEventListener('keyup', up);
    window.addEventListener('blur', stop);
    return () => {
      window.removeEventListener('keydown', down);
      window.removeEventListener('keyup', up);
      window.removeEventListener('blur', stop);
    };
  }, [stop]);
  return useMemo(() => ({ active: way !== 0, start, stop }), [way, start, stop]);
}
