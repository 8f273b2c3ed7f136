'use client';
import Link from 'next/link';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Label } from '../kit/text';

const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 30px;
  align-items: end;
  padding: 14px 24px 12px 20px;
  border-bottom: var(--w-rule) solid var(--ink);
  @media (max-width: 820px) {
    padding: 8px 12px;
  }
`;

/** The head of a room beside the finder: where one came from, what it is, and what else stands there. */
export function RoomHead({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <Head>
      <div>
        <Label>
          <Link href="/knots">Knots</Link> /
        </Label>
        <h1>{title}</h1>
      </div>
      {children}
    </Head>
  );
}
