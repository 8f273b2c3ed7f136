'use client';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import styled from 'styled-components';

const Nav = styled.nav`display:flex;gap:4px 18px;padding:0 20px;border-bottom:var(--w-hair) solid var(--line);overflow-x:auto;font:620 14px/44px var(--font-figure);font-stretch:90%;white-space:nowrap;
  & a{text-decoration:none;color:var(--ink-2)}& a[aria-current]{color:var(--ink);font-weight:720;box-shadow:inset 0 -4px var(--plate)} @media (max-width:760px){padding:0 12px}`;

const PLACES = [['/bench', 'Pull bench'], ['/bench/compare', 'Side by side'], ['/bench/spans', 'Spans and legs'], ['/bench/wraps', 'Wraps'], ['/bench/library', 'Library']] as const;

const Tools = styled.div`margin-left:auto;display:flex;gap:0 8px;align-items:center;line-height:1.2`;

/** What else the room holds, and side matters of what is open. */
export function BenchNav({ children }: { children?: ReactNode }) {
  const path = usePathname();
  const known = PLACES.slice(1).find(([href]) => path.startsWith(href))?.[0] ?? '/bench';
  return <Nav aria-label="Tension bench">{PLACES.map(([href, name]) => <Link key={href} href={href} aria-current={known === href ? 'page' : undefined}>{name}</Link>)}{children ? <Tools>{children}</Tools> : null}</Nav>;
}
