import { useEffect, useRef } from 'react';

const AGAIN_MS = 2000;
/** While nothing is heard it is asked so often. */
const ASKED_MS = 3000;

/**
 * Hears when something changed, and asks for it: at once, at all news, when the page is looked at again, and, while the connection
 * is away, now and then. A page that nobody looks at hears nothing: a browser has few connections for all of its pages.
 */
export function useNews(path: string | null, onNews: () => void): void {
  const latest = useRef(onNews);
  useEffect(() => {
    latest.current = onNews;
  });
  useEffect(() => {
    if (path === null) return;
    let events: EventSource | null = null;
    let again: ReturnType<typeof setTimeout> | undefined;
    const ask = (): void => latest.current();
    const close = (): void => {
      clearTimeout(again);
      events?.close();
      events = null;
    };
    const open = (): void => {
      close();
      const opened = new EventSource(path);
      events = opened;
      opened.addEventListener('message', ask);
      opened.addEventListener('error', () => {
        // The browser comes back by itself, except after a refusal.
        if (opened.readyState === EventSource.CLOSED) again = setTimeout(open, AGAIN_MS);
      });
    };
    const looked = (): void => {
      if (document.visibilityState !== 'visible') return close();
      open();
      ask();
    };
    if (document.visibilityState === 'visible') open();
    const asking = setInterval(() => {
      if (document.visibilityState === 'visible' && events?.readyState !== EventSource.OPEN) ask();
    }, ASKED_MS);
    document.addEventListener('visibilitychange', looked);
    return () => {
      close();
      clearInterval(asking);
      document.removeEventListener('visibilitychange', looked);
    };
  }, [path]);
}
