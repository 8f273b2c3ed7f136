'use client';
import { useEffect, useRef } from 'react';
import { tinykeys } from 'tinykeys';

/** Whether keys typed here belong to a field. */
const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** A sign that is no letter stands on one layout by itself, on another above a figure. */
const alsoShifted = (key: string): string[] =>
  /^[^\w]$/.test(key) ? [key, `Shift+${key}`] : [key];

/**
 * Keys of our own, as tinykeys writes them: `w`, `ArrowLeft`, `$mod+z`. Single keys are left to fields while somebody types;
 * those with a modifier are not. Nothing is heard behind a dialog or an open list.
 */
export function useKeys(keys: Record<string, () => void>): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  const names = Object.keys(keys).join(' ');
  useEffect(() => {
    const press = (key: string) => (event: KeyboardEvent) => {
      if (
        (typing(event.target) && !key.startsWith('$mod')) ||
        document.querySelector('[role=dialog],[role=listbox]')
      )
        return;
      event.preventDefault();
      latest.current[key]?.();
    };
    return tinykeys(
      window,
      Object.fromEntries(
        names.split(' ').flatMap((key) => alsoShifted(key).map((written) => [written, press(key)])),
      ),
    );
  }, [names]);
}
