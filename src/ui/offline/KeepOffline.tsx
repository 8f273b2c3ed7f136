'use client';
import { useEffect } from 'react';
import { keepPages, keepProgram } from './keeping';

/** Nobody's first look at a page waits for what is kept for later. */
const AFTER_MS = 8000;

/** Keeps the program on the device, and `pages` with it, once a page has been looked at for a while. */
export function KeepOffline({
  memberId,
  pages = [],
}: {
  memberId: string;
  pages?: readonly string[];
}) {
  const list = pages.join('\n');
  useEffect(() => {
    const keep = async (): Promise<void> => {
      await keepProgram(memberId);
      const wanted = list === '' ? [] : list.split('\n');
      const kept = await keepPages(wanted);
      if (wanted.length > 0) document.documentElement.dataset['kept'] = `${kept}/${wanted.length}`;
    };
    // Where a browser keeps nothing, nothing else is different.
    const timer = setTimeout(() => void keep().catch(() => undefined), AFTER_MS);
    return () => clearTimeout(timer);
  }, [memberId, list]);
  return null;
}
