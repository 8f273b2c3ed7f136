'use client';
import styled, { css } from 'styled-components';
import type { Verdict } from '@/core/securement/verdict';
import { VERDICT_WORDS } from '@/wording/verdicts';

/**
 * Pattern of a verdict: solid, hatched, solid with a bar across, open outline. Never colour alone. It goes by the attribute `data-is`:
 * a verdict that was not on the page before brings no new rule with it, for which a browser would look at the whole page.
 */
export const verdictPattern = css`
  border: 2px solid var(--ink);
  &[data-is='short'],
  &[data-is='barred'] {
    border-color: var(--signal);
  }
  &[data-is='holds'] {
    background: var(--plate);
  }
  &[data-is='short'] {
    background: var(--p-short);
  }
  &[data-is='barred'] {
    background: var(--p-barred);
  }
`;

const Swatch = styled.i`
  display: block;
  width: 16px;
  height: 16px;
  flex: none;
  ${verdictPattern}
`;
const Word = styled.span`
  display: inline-flex;
  align-items: center;
  gap: 7px;
  font: 740 12.5px/1.1 var(--font-figure);
  font-stretch: 96%;
  letter-spacing: 0.02em;
  white-space: nowrap;
  color: var(--ink);
  &[data-is='short'],
  &[data-is='barred'] {
    color: var(--signal);
  }
`;

/** A verdict as pattern and word. */
export function VerdictMark({ verdict }: { verdict: Verdict }) {
  return (
    <Word data-is={verdict}>
      <Swatch data-is={verdict} aria-hidden />
      {VERDICT_WORDS[verdict]}
    </Word>
  );
}
