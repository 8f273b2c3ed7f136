import { useEffect, useRef } from 'react';

const AGAIN_MS = 2000;
/** While nothing is heard it is asked so often. */
const ASKED_MS = 3000;

/**
 * Hears when something changed, and asks for it: at once, at all news, when the page is looked at again, and, while the connection
 * is away, now and then.
 */
export function useNews(path: string | null, onNews: () => void): void {
  const latest = useRef(onNews);
  useEffect(() => {
    latest.current = onNews;
  });
  useEffect(() => {
    if (path === null) return;
    let events: EventSource;
    let again: ReturnType<typeof setTimeout> | undefined;
    const ask = (): void => latest.current();
    const open = (): void => {
      events = new EventSource(path);
      events.addEventListener('message', ask);
      events.addEventListener('error', () => {
        // The browser comes back by itself, except after a refusal.
        if (events.readyState === EventSource.CLOSED) again = setTimeout(open, AGAIN_MS);
      });
    };
    open();
    const asking = setInterval(() => {
      if (events.readyState !== EventSource.OPEN) ask();
    }, ASKED_MS);
    const seen = (): void => {
      if (document.visibilityState === 'visible') ask();
    };
    document.addEventListener('visibilitychange', seen);
    return () => {
      events.close();
      clearTimeout(again);
      clearInterval(asking);
      document.removeEventListener('visibilitychange', seen);
    };
  }, [path]);
}
