'use client';
import styled from 'styled-components';
import type { Confidence } from '@/core/working/working';
import { CONFIDENCE_WORDS } from '@/wording/verdicts';

const Mark = styled.span<{ $c: Confidence }>`
  font: 560 12px/1.2 var(--font-figure);
  font-stretch: 82%;
  padding: 1px 5px 2px;
  border: 1px solid var(--edge);
  color: var(--ink-2);
  white-space: nowrap;
  ${({ $c }) => $c === 'from-memory' && 'border-style:dashed;'}
  ${({ $c }) => $c === 'practice' && 'border:0;border-bottom:2px dotted var(--edge);padding:1px;'}
  ${({ $c }) => $c === 'rope-tag' && 'background:var(--plate);border-color:var(--plate);color:var(--on-plate);'}
  ${({ $c }) => ($c === 'exact' || $c === 'computed') && 'border-color:transparent;'}
`;

/** Where a figure came from; marks differ by border, not by colour. */
export function SourceMark({ confidence }: { confidence: Confidence }) {
  return <Mark $c={confidence}>{CONFIDENCE_WORDS[confidence]}</Mark>;
}
