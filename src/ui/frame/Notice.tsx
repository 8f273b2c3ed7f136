'use client';
import type { ReactNode } from 'react';
import styled from 'styled-components';

const Page = styled.div`
  padding: 32px;
  display: grid;
  gap: 12px;
  justify-items: start;
  max-width: 640px;
  & h1 {
    font-size: 28px;
  }
`;
const Cord = styled.i`
  width: 160px;
  height: 9px;
  background: repeating-linear-gradient(115deg, var(--rope) 0 7px, var(--rope-ink) 7px 9px);
`;

/** A page that has nothing else to show: what happened, and the way on. */
export function Notice({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <Page role="status">
      <Cord aria-hidden />
      <h1>{title}</h1>
      {children}
    </Page>
  );
}
