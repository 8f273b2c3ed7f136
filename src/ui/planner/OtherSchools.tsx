'use client';
import { useMemo } from 'react';
import styled from 'styled-components';
import { KNOT_SCHOOL_CHOICES } from '@/core/knot/efficiency';
import { lineCapacity } from '@/core/line/line';
import { SCHOOL_IDS, SCHOOLS } from '@/core/rope/schools';
import { lineContext, sharingOf } from '@/core/securement/assess';
import type { Plan } from '@/core/securement/plan';
import type { Line, Strength } from '@/core/securement/schema';
import { bare } from '@/core/working/working';
import { useMember } from '../frame/MemberContext';
import { Small } from '../kit/text';
import { KNOT_SCHOOL_NAMES } from '../kit/schoolNames';
import { useEditor } from './usePlanner';
import { wordValue } from '@/wording/figures';

const Two = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 24px;
  margin-top: 18px;
  @media (max-width: 600px) {
    grid-template-columns: 1fr;
  }
`;
const Row = styled.li<{ $now: boolean }>`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  padding: 7px 8px;
  border-bottom: var(--w-hair) solid var(--line);
  font: 560 14px/1.3 var(--font-figure);
  border-left: 4px solid ${({ $now }) => ($now ? 'var(--ink)' : 'transparent')};
  ${({ $now }) => $now && 'background:var(--sunk);'}
  & b {
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
  }
`;

/** WLL of a line in N if the crew thought differently about strength. The rule set is left aside: only the schools differ. */
function wllUnder(plan: Plan, line: Line, strength: Strength, byRules: boolean): number | null {
  const context = lineContext({ ...plan, strength }, line, sharingOf(plan));
  const basis = byRules ? context.basis : { ...strength, markedOrTableOnly: false };
  return lineCapacity(bare, line.elements, { ...context, basis }).wll;
}

/** The same line by the other schools: of working load, and of knots. */
export function OtherSchools({ lineId }: { lineId: string }) {
  const { plan } = useEditor();
  const line = plan.lines.find((l) => l.id === lineId);
  return line ? <Schools plan={plan} line={line} /> : null;
}

function Schools({ plan, line }: { plan: Plan; line: Line }) {
  const { units } = useMember();
  const { strength } = plan;
  const rows = useMemo(
    () => ({
      schools: SCHOOL_IDS.map((id) => ({
        id,
        name: SCHOOLS[id].name,
        note: SCHOOLS[id].rule,
        now: id === strength.school && plan.ruleSet !== 'us-cmv',
        wll: wllUnder(plan, line, { ...strength, school: id }, false),
      })),
      knots: KNOT_SCHOOL_CHOICES.map((id) => ({
        id,
        name: KNOT_SCHOOL_NAMES[id],
        note: '',
        now: id === strength.knotSchool,
        wll: wllUnder(plan, line, { ...strength, knotSchool: id }, true),
      })),
    }),
    [plan, line, strength],
  );
  const list = (title: string, items: (typeof rows)['schools'] | (typeof rows)['knots']) => (
    <section aria-label={title}>
      <h3>{title}</h3>
      <ul>
        {items.map((r) => (
          <Row key={r.id} $now={r.now}>
            <span>
              {r.name} <Small>{r.note}</Small>
            </span>
            <b>{wordValue(r.wll, 'N', units, 'capacity')}</b>
          </Row>
        ))}
      </ul>
    </section>
  );
  return (
    <Two>
      {list('The same line by another school', rows.schools)}
      {list('Knots after another school', rows.knots)}
    </Two>
  );
}
