'use client';
import Link from 'next/link';
import { type ComponentProps, useState } from 'react';

/**
 * A link that stands on every page. What it leads to is fetched ahead once somebody comes near it, with a pointer or the
 * keyboard, and not for every page that merely shows it.
 */
export function NearLink(props: Omit<ComponentProps<typeof Link>, 'prefetch'>) {
  const [near, setNear] = useState(false);
  const come = (): void => setNear(true);
  return (
    <Link
      {...props}
      prefetch={near ? null : false}
      onPointerEnter={come}
      onTouchStart={come}
      onFocus={come}
    />
  );
}
