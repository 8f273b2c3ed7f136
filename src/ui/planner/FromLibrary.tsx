'use client';
import Link from 'next/link';
import styled from 'styled-components';
import type { ElementOf } from '@/core/line/schema';
import { Small } from '../kit/text';

const Line = styled.p`
  padding: 8px 14px 0;
`;

/** Which rigging of the library an element was taken from; it may have been changed here or there since. */
export function FromLibrary({ element }: { element: ElementOf<'truckers'> | ElementOf<'tackle'> }) {
  const from = element.fromRigging;
  return from === null ? null : (
    <Line>
      <Small>
        Taken from the library: <Link href={`/bench/${from.id}`}>{from.title}</Link>
      </Small>
    </Line>
  );
}
