'use client';
import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import { IconButton } from './Button';
import { orMissing } from '../orMissing';

/** Fetched when somebody comes near it. */
const fetchList = () => import('./ActionList').then((m) => m.ActionList);
const ActionList = dynamic(() => orMissing(fetchList()), { loading: () => null });

export interface Action {
  readonly id: string;
  readonly name: string;
  readonly run: () => void;
}

/** Side matters of a thing behind one button. */
export function ActionMenu({ label, actions }: { label: string; actions: readonly Action[] }) {
  const trigger = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  const near = (): void => void fetchList();
  return (
    <>
      <IconButton
        ref={trigger}
        aria-label={label}
        aria-haspopup="menu"
        aria-expanded={open}
        onPress={() => setOpen(true)}
        onHoverStart={near}
        onFocus={near}
      >
        <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden>
          <path d="M3 8.5h3v3H3zM8.5 8.5h3v3h-3zM14 8.5h3v3h-3z" fill="currentColor" />
        </svg>
      </IconButton>
      {open ? (
        <ActionList
          trigger={trigger}
          label={label}
          actions={actions}
          onClose={() => setOpen(false)}
        />
      ) : null}
    </>
  );
}
