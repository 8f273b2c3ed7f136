'use client';
import { useEffect, useState } from 'react';

/** What is told in minutes is told anew this often. */
const EVERY_MS = 10_000;

/** The time, moving on; null until the page works: the server's clock is not the device's. */
export function useNow(): Date | null {
  const [now, setNow] = useState<Date | null>(null);
  useEffect(() => {
    const look = (): void => setNow(new Date());
    look();
    const timer = setInterval(look, EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}
