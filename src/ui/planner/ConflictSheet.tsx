'use client';
import styled from 'styled-components';
import type { Plan } from '@/core/exchange/plan';
import { assess } from '@/core/securement/assess';
import { formatQuantity } from '@/core/units';
import type { StoredPlan } from '../api';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Sheet } from '../kit/Sheet';
import { VerdictMark } from '../kit/VerdictMark';

const Two = styled.div`display:grid;grid-template-columns:1fr 1fr;gap:20px;@media (max-width:600px){grid-template-columns:1fr}`;
const Version = styled.section`border:var(--w-rule) solid var(--ink);padding:14px;display:flex;flex-direction:column;gap:10px;& li{padding:4px 0;border-bottom:var(--w-hair) solid var(--line)}& li[data-differs=true]{font-weight:700;border-left:4px solid var(--signal);padding-left:8px}`;

type Facts = readonly (readonly [what: string, value: string])[];

function useFacts(): (plan: Plan) => Facts {
  const { units } = useMember();
  return (plan) => [
    ['Name', plan.title], ['Rules', plan.ruleSet], ['Load', plan.cargo.name],
    ['Mass', plan.cargo.massKg === null ? 'not known' : formatQuantity(plan.cargo.massKg, 'mass', units)],
    ['Size', [plan.cargo.lengthM, plan.cargo.widthM, plan.cargo.heightM].map((m) => formatQuantity(m, 'length', units)).join(' × ')],
    ['Friction', plan.cargo.friction.known === 'pair' ? plan.cargo.friction.pair : plan.cargo.friction.known === 'entered' ? `μ ${plan.cargo.friction.mu}` : 'not known'],
    ['Anchors', String(plan.deck.anchors.length)], ['Lines', plan.lines.map((l) => l.name).join('; ') || 'none'], ['Notes', plan.notes || 'none'],
  ];
}

function Side({ title, plan, other, action, onKeep, facts }: { title: string; plan: Plan; other: Plan; action: string; onKeep: () => void; facts: (p: Plan) => Facts }) {
  const theirs = new Map(facts(other));
  return (
    <Version aria-label={title}>
      <h3>{title}</h3><VerdictMark verdict={assess(plan).verdict} />
      <ul>{facts(plan).map(([what, value]) => <li key={what} data-differs={theirs.get(what) !== value}>{what}: {value}</li>)}</ul>
      <Button $kind="primary" onPress={onKeep}>{action}</Button>
    </Version>
  );
}

/** Both versions side by side when somebody else saved first; what differs is marked. Nothing is overwritten unasked. */
export function ConflictSheet({ mine, theirs, onKeep }: { mine: Plan; theirs: StoredPlan; onKeep: (which: 'mine' | 'theirs') => void }) {
  const facts = useFacts();
  return (
    <Sheet title={`${theirs.updatedBy} saved this plan first`} open onClose={() => onKeep('theirs')} mustAnswer>
      <p style={{ marginBottom: 14 }}>Both versions are here and what differs is marked. Theirs stays in the plan’s history either way; yours stays one undo away.</p>
      <Two>
        <Side title="Yours" plan={mine} other={theirs.document} action="Keep mine" onKeep={() => onKeep('mine')} facts={facts} />
        <Side title={`From ${theirs.updatedBy}`} plan={theirs.document} other={mine} action="Take theirs" onKeep={() => onKeep('theirs')} facts={facts} />
      </Two>
    </Sheet>
  );
}
