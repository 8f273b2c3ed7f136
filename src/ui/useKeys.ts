'use client';
import { useEffect, useRef } from 'react';

/** Whether keys typed here belong to a field. */
const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Keys of our own, such as `w` or `mod+z`. Single keys are left to fields while somebody types; `mod+` keys are not. */
export function useKeys(keys: Record<string, () => void>): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent): void => {
      const mod = event.ctrlKey || event.metaKey;
      const name = `${mod ? 'mod+' : ''}${mod && event.shiftKey ? 'shift+' : ''}${event.key.toLowerCase()}`;
      const action = latest.current[name];
      if (
        !action ||
        event.altKey ||
        (!mod && typing(event.target)) ||
        document.querySelector('[role=dialog],[role=listbox]')
      )
        return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
}
