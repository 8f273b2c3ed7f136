'use client';
import Link from 'next/link';
import { Spaced } from '../kit/layout';

/** Things that are kept and cannot be read by this program, each with the way to why. */
export function UnreadableNotice({
  things,
}: {
  things: readonly { readonly id: string; readonly code: string }[];
}) {
  if (things.length === 0) return null;
  return (
    <Spaced as="p" $top={10} $bottom={10}>
      Cannot be read here, and stay as they are:{' '}
      {things.map(({ id, code }, i) => (
        <span key={id}>
          {i > 0 ? ', ' : ''}
          <Link href={`/unreadable?kind=gear&id=${id}`}>{code}</Link>
        </span>
      ))}
      .
    </Spaced>
  );
}
