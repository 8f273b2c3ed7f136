import { sideBySide } from '@/core/securement/side-by-side';
import { UNIT_CHOICES } from '@/core/units';
import { planById } from '@/db/queries/plans';
import { factsToday } from '@/server/gear';
import { memberOrFirstPage, storedOrNotFound } from '@/server/page';
import { RulesCompared, type SetLine } from '@/ui/rules/RulesCompared';
import { wordOpinion } from '@/wording/headline';

export const metadata = { title: 'Every rule set · Vast Cleat' };

export default async function RulesPage({ params }: { params: Promise<{ id: string }> }) {
  const member = await memberOrFirstPage();
  const { id, document: plan } = await storedOrNotFound('plan', (await params).id, planById);
  const facts = await factsToday(member.crewId, plan);
  const units = UNIT_CHOICES[member.units];
  const sets = sideBySide(plan, new Map(facts)).map((o): SetLine => ({
    ruleSet: o.ruleSet,
    verdict: o.verdict,
    ...wordOpinion(o, units),
    margin: o.margin,
  }));
  return <RulesCompared id={id} plan={plan} sets={sets} />;
}
