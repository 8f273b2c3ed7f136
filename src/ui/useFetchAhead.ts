'use client';
import { useEffect } from 'react';

/**
 * Fetches the parts that a page brings on demand as soon as nothing else is to be done: they open at once, and also where
 * there is no connection any more. What cannot be fetched is asked for again when it is wanted.
 */
export function useFetchAhead(parts: readonly (() => Promise<unknown>)[]): void {
  useEffect(() => {
    const fetchAll = (): void => parts.forEach((part) => void part().catch(() => undefined));
    // Safari has no idle callback; a moment after the first picture does as well.
    if (!('requestIdleCallback' in window)) {
      const timer = setTimeout(fetchAll, 1500);
      return () => clearTimeout(timer);
    }
    const asked = requestIdleCallback(fetchAll);
    return () => cancelIdleCallback(asked);
  }, [parts]);
}
