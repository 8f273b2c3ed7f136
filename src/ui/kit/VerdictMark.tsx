'use client';
import styled, { css } from 'styled-components';
import type { Verdict } from '@/core/securement/verdict';
import { VERDICT_WORDS } from '@/wording/verdicts';

/** Pattern of a verdict: solid, hatched, solid with a bar across, open outline. Never colour alone. */
export const verdictPattern = css<{ $verdict: Verdict }>`
  border: 2px solid
    ${({ $verdict }) => ($verdict === 'short' || $verdict === 'barred' ? 'var(--signal)' : 'var(--ink)')};
  background: ${({ $verdict }) => ({ holds: 'var(--plate)', short: 'var(--p-short)', barred: 'var(--p-barred)', 'cannot-say': 'none' })[$verdict]};
`;

const Swatch = styled.i<{ $verdict: Verdict }>`
  display: block;
  width: 16px;
  height: 16px;
  flex: none;
  ${verdictPattern}
`;
const Word = styled.span<{ $verdict: Verdict }>`
  display: inline-flex;
  align-items: center;
  gap: 7px;
  font: 740 12.5px/1.1 var(--font-figure);
  font-stretch: 96%;
  letter-spacing: 0.02em;
  white-space: nowrap;
  color: ${({ $verdict }) => ($verdict === 'short' || $verdict === 'barred' ? 'var(--signal)' : 'var(--ink)')};
`;

/** A verdict as pattern and word. */
export function VerdictMark({ verdict }: { verdict: Verdict }) {
  return (
    <Word $verdict={verdict}>
      <Swatch $verdict={verdict} aria-hidden />
      {VERDICT_WORDS[verdict]}
    </Word>
  );
}
