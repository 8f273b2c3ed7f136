'use client';
import styled from 'styled-components';
import type { GearState } from '@/core/gear/history';
import { wordStanding } from '@/wording/gear';

type Look = 'whole' | 'three-quarters' | 'half' | 'hatched' | 'barred';
const BAD: readonly Look[] = ['hatched', 'barred'];

const FILLS: Record<Look, string> = {
  whole: 'var(--plate)',
  'three-quarters': 'linear-gradient(to top,var(--plate) 72%,transparent 72%)',
  half: 'linear-gradient(to top,var(--plate) 44%,transparent 44%)',
  hatched: 'var(--p-short)',
  barred: 'var(--p-barred)',
};
const Swatch = styled.i<{ $look: Look }>`
  display: block;
  width: 16px;
  height: 16px;
  flex: none;
  border: 2px solid ${({ $look }) => (BAD.includes($look) ? 'var(--signal)' : 'var(--ink)')};
  background: ${({ $look }) => FILLS[$look]};
`;
const Word = styled.span<{ $bad: boolean }>`
  display: flex;
  align-items: center;
  gap: 7px;
  font: 680 13px/1.1 var(--font-figure);
  white-space: nowrap;
  color: ${({ $bad }) => ($bad ? 'var(--signal)' : 'var(--ink)')};
`;

function lookOf({ state, condition }: Pick<GearState, 'state' | 'condition'>): Look {
  if (state === 'retired') return 'barred';
  if (state === 'set-aside') return 'hatched';
  return (
    {
      new: 'whole',
      good: 'whole',
      worn: 'three-quarters',
      doubtful: 'half',
      damaged: 'hatched',
    } as const
  )[condition];
}

/** How a thing stands: how full the square is, hatched when set aside, barred when retired, and always the word. */
export function ConditionMark({ standing }: { standing: Pick<GearState, 'state' | 'condition'> }) {
  const look = lookOf(standing);
  return (
    <Word $bad={BAD.includes(look)}>
      <Swatch $look={look} aria-hidden />
      {wordStanding(standing)}
    </Word>
  );
}
