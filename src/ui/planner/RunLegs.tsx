'use client';
import styled from 'styled-components';
import { hooksOf, runLegs, slackLegs } from '@/core/securement/route/run';
import type { Line } from '@/core/securement/schema';
import { formatNumber, formatQuantity } from '@/core/units';
import { useMember } from '../frame/MemberContext';
import { Small } from '../kit/text';

const Legs = styled.ol`
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  border: var(--w-rule) solid var(--ink);
  margin: 0 0 10px;
  padding: 0;
  list-style: none;
  & > li {
    padding: 6px 8px;
    border-left: var(--w-hair) solid var(--line);
    font: 620 13.5px/1.3 var(--font-figure);
    min-width: 0;
    overflow-wrap: anywhere;
  }
  & > li:first-child {
    border-left: 0;
  }
`;
/** As long as its part of the hauled leg's tension: rope drawn as rope. */
const Bar = styled.span<{ $part: number }>`
  display: block;
  height: 8px;
  margin: 4px 0;
  background: var(--rope);
  border: 1.5px solid var(--rope-ink);
  width: ${({ $part }) => Math.max(4, Math.round($part * 100))}%;
`;

const ordinal = (legs: readonly number[]): string => legs.map((i) => i + 1).join(', ');

/** The legs of one rope over several hooks: what each keeps, and which go slack with a lock. */
export function RunLegs({ line, keptN }: { line: Line; keptN: number | null }) {
  const { units } = useMember();
  const legs = runLegs(line);
  if (legs.length === 0) return null;
  const hooks = hooksOf(line.elements);
  const locks = hooks.flatMap((h, i) =>
    h.locked ? [{ name: h.anchorId, legs: slackLegs(line, i) }] : [],
  );
  return (
    <>
      <Legs aria-label="Legs of the rope, from its first end">
        {legs.map((leg, i) => (
          <li key={i}>
            {leg.from} to {leg.to}
            <Bar $part={leg.part} aria-hidden />
            {formatNumber(leg.part, 'capacity', 2)}
            {keptN === null
              ? ' of the hauled leg'
              : `, ${formatQuantity(keptN * leg.part, 'force', units, 'capacity')}`}
          </li>
        ))}
      </Legs>
      <Small $block>
        One rope, one tie-down. If the hauled end lets go, {slack(slackLegs(line, null))}
        {locks.map((l) => `; if the lock at ${l.name} does, ${slack(l.legs)}`).join('')}. Haul again
        from the farthest slack leg toward the hand.
      </Small>
    </>
  );
}

const slack = (legs: readonly number[]): string =>
  legs.length === 1 ? `leg ${ordinal(legs)} is slack` : `legs ${ordinal(legs)} are slack`;
