'use client';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { NearLink } from '../kit/NearLink';

const Row = styled.div`
  display: flex;
  gap: 0 18px;
  align-items: center;
  justify-content: space-between;
  padding: 0 20px;
  border-bottom: var(--w-hair) solid var(--line);
  @media (max-width: 900px) {
    flex-direction: column;
    align-items: stretch;
  }
  @media (max-width: 760px) {
    padding: 0 12px;
  }
`;
const Nav = styled.nav`
  display: flex;
  gap: 4px 18px;
  overflow-x: auto;
  min-width: 0;
  font: 620 14px/44px var(--font-figure);
  font-stretch: 90%;
  white-space: nowrap;
  & a {
    text-decoration: none;
    color: var(--ink-2);
  }
  & a[aria-current] {
    color: var(--ink);
    font-weight: 720;
    box-shadow: inset 0 -4px var(--plate);
  }
`;

const PLACES = [
  ['/bench', 'Pull bench'],
  ['/bench/compare', 'Side by side'],
  ['/bench/spans', 'Spans and legs'],
  ['/bench/wraps', 'Wraps'],
  ['/bench/library', 'Library'],
] as const;

const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  align-items: center;
  line-height: 1.2;
`;

/** What else the room holds, and side matters of what is open. */
export function BenchNav({ children }: { children?: ReactNode }) {
  const path = usePathname();
  const known = PLACES.slice(1).find(([href]) => path.startsWith(href))?.[0] ?? '/bench';
  return (
    <Row>
      <Nav aria-label="Tension bench">
        {PLACES.map(([href, name]) => (
          <NearLink key={href} href={href} aria-current={known === href ? 'page' : undefined}>
            {name}
          </NearLink>
        ))}
      </Nav>
      {children ? <Tools>{children}</Tools> : null}
    </Row>
  );
}
