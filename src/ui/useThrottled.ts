'use client';
import { startTransition, useEffect, useRef, useState } from 'react';

/**
 * A value that follows another a few times a second, when there is time: for text that nobody can read sixty times a
 * second. The last value always arrives.
 */
export function useThrottled<T>(value: T, everyMs: number): T {
  const [shown, setShown] = useState(value);
  const latest = useRef(value);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  useEffect(() => {
    latest.current = value;
    if (timer.current !== null || value === shown) return;
    timer.current = setTimeout(() => {
      timer.current = null;
      startTransition(() => setShown(latest.current));
    }, everyMs);
  }, [value, shown, everyMs]);
  useEffect(
    () => () => {
      if (timer.current !== null) clearTimeout(timer.current);
      timer.current = null;
    },
    [],
  );
  return shown;
}
