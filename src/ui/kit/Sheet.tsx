'use client';
import dynamic from 'next/dynamic';
import type { ReactNode } from 'react';
import { orMissing } from '../orMissing';

/** Fetched when the first dialog opens. */
const SheetModal = dynamic(() => orMissing(import('./Modals').then((m) => m.SheetModal)), {
  loading: () => null,
});
const FullModal = dynamic(() => orMissing(import('./Modals').then((m) => m.FullModal)), {
  loading: () => null,
});

export interface SheetProps {
  readonly title: ReactNode;
  readonly over?: ReactNode;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly side?: boolean;
  readonly actions?: ReactNode;
  readonly children: ReactNode;
  readonly mustAnswer?: boolean;
}

/** The one way to a dialog: in the middle, or as a sheet from the side. */
export function Sheet({ open, ...rest }: SheetProps) {
  return open ? <SheetModal {...rest} /> : null;
}

export interface FullScreenProps {
  readonly label: string;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

/** A dialog that takes the whole screen, for work at arm's length. Escape closes it. */
export function FullScreen({ open, ...rest }: FullScreenProps) {
  return open ? <FullModal {...rest} /> : null;
}
