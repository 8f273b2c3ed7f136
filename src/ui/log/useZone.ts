'use client';
import { useSyncExternalStore } from 'react';

const never = (): (() => void) => () => undefined;

/** The time zone of whoever looks; UTC in what is served, because the server does not know it. */
export const useZone = (): string =>
  useSyncExternalStore(
    never,
    () => Intl.DateTimeFormat().resolvedOptions().timeZone,
    () => 'UTC',
  );
