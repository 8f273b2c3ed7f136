'use client';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import type { Rounding } from '@/core/units';
import type { Working } from '@/core/working/working';
import { orMissing } from '../orMissing';

/** Fetched when the first working is opened. */
const WorkingLevels = dynamic(
  () => orMissing(import('./WorkingLevels').then((m) => m.WorkingLevels)),
  {
    loading: () => null,
  },
);

/** A figure somebody asked the working of. `extra` stands below the first level. */
export interface OpenedWorking {
  readonly working: Working;
  readonly title: string;
  readonly rounding: Rounding;
  readonly extra?: ReactNode;
}

/** The working that is open, if one is. */
export function WorkingSheet({
  opened,
  over,
  onClose,
}: {
  opened: OpenedWorking | null;
  over: string;
  onClose: () => void;
}) {
  return opened ? (
    <WorkingLevels key={opened.title} {...opened} over={over} onClose={onClose} />
  ) : null;
}
