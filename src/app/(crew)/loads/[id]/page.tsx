import { assess } from '@/core/securement/assess';
import { sceneOf } from '@/core/securement/stage/scene';
import { outlineOf } from '@/core/working/outline';
import { planById } from '@/db/queries/plans';
import { factsToday } from '@/server/gear';
import { memberOrFirstPage, storedOrNotFound } from '@/server/page';
import { Planner } from '@/ui/planner/Planner';

export const metadata = { title: 'Plan · Vast Cleat' };

export default async function PlanPage({ params }: { params: Promise<{ id: string }> }) {
  const { crewId } = await memberOrFirstPage();
  const stored = await storedOrNotFound('plan', (await params).id, planById);
  const facts = await factsToday(crewId, stored.document);
  // The first picture needs the figures only; what judges the plan while it is changed is fetched after it.
  const whole = assess(stored.document, new Map(facts));
  const { plan, ...scene } = sceneOf(stored.document, whole);
  return (
    <Planner
      key={stored.id}
      stored={stored}
      facts={facts}
      assessment={outlineOf(whole)}
      scene={scene}
    />
  );
}
