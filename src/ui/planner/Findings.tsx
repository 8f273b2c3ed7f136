'use client';
import { memo } from 'react';
import styled from 'styled-components';
import type { Finding } from '@/core/securement/verdict';
import { wordFinding } from '@/wording/findings';
import { useMember } from '../frame/MemberContext';
import { Small } from '../kit/text';
import { VerdictMark } from '../kit/VerdictMark';
import { grouped } from '@/wording/grouped';

const Item = styled.li`
  display: grid;
  grid-template-columns: 118px minmax(0, 1fr);
  gap: 10px;
  padding: 6px 0;
  border-bottom: var(--w-hair) solid var(--line);
  font-size: 14px;
  align-items: start;
  @media (max-width: 600px) {
    grid-template-columns: 1fr;
    gap: 2px;
  }
`;
const ORDER: Record<Finding['effect'], number> = {
  barred: 0,
  short: 1,
  'cannot-say': 2,
  notice: 3,
  holds: 4,
};

/** What the rules and the lines have to say, gravest first, each with its clause. */
export const Findings = memo(function Findings({ findings }: { findings: readonly Finding[] }) {
  const { units } = useMember();
  const sorted = grouped(findings).sort((a, b) => ORDER[a.effect] - ORDER[b.effect]);
  if (sorted.length === 0) return null;
  return (
    <ul aria-label="Findings">
      {sorted.map((f, i) => (
        <Item key={`${f.code}/${f.lineId ?? ''}/${f.elementId ?? ''}/${i}`}>
          {f.effect === 'notice' ? <Small>note</Small> : <VerdictMark verdict={f.effect} />}
          <span>
            {wordFinding(f, units)} {f.clause ? <Small>{f.clause}</Small> : null}
          </span>
        </Item>
      ))}
    </ul>
  );
});
