'use client';
import { Small } from './text';

/** How a document that is edited stands with the server, in words that a reader is told too. */
export function SaveWords({
  words,
  pending,
  version,
  canWrite,
}: {
  words: string;
  pending: boolean;
  version: number;
  canWrite: boolean;
}) {
  return (
    <Small
      role="status"
      data-save
      data-pending={pending}
      data-version={version}
      suppressHydrationWarning
    >
      {canWrite ? words : 'read only'}
    </Small>
  );
}
