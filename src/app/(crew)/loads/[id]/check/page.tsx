import { assess } from '@/core/securement/assess';
import { sceneOf } from '@/core/securement/stage/scene';
import { UNIT_CHOICES } from '@/core/units';
import { pool } from '@/db/pool';
import { planById } from '@/db/queries/plans';
import { recentChecks } from '@/db/queries/road-checks';
import { factsToday } from '@/server/gear';
import { memberOrFirstPage, storedOrNotFound } from '@/server/page';
import { clockOf } from '@/server/road-checks';
import { CheckPage } from '@/ui/road/CheckPage';
import { wordLine } from '@/wording/stage';

export const metadata = { title: 'Check · Vast Cleat' };

export default async function Check({ params }: { params: Promise<{ id: string }> }) {
  const { crewId, units } = await memberOrFirstPage();
  const stored = await storedOrNotFound('plan', (await params).id, planById);
  const plan = stored.document;
  const assessment = assess(plan, new Map(await factsToday(crewId, plan)));
  const checks = await recentChecks(pool(), crewId, stored.id);
  const scene = sceneOf(plan, assessment);
  return (
    <CheckPage
      planId={stored.id}
      title={plan.title}
      lines={scene.lines.map((line, i) => ({
        id: line.id,
        name: line.name,
        words: wordLine(line, scene, UNIT_CHOICES[units]),
        keptN: assessment.lines[i]?.tension.pretension.value ?? null,
      }))}
      checks={checks}
      clock={await clockOf(pool(), crewId, plan, checks)}
    />
  );
}
