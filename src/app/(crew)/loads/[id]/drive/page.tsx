import { assess } from '@/core/securement/assess';
import { sceneOf } from '@/core/securement/stage/scene';
import { storedEnergies } from '@/core/securement/stored-energy';
import { UNIT_CHOICES } from '@/core/units';
import { traced } from '@/core/working/working';
import { planById } from '@/db/queries/plans';
import { factsToday } from '@/server/gear';
import { memberOrFirstPage, storedOrNotFound } from '@/server/page';
import { DrivePage } from '@/ui/drive/DrivePage';
import { headline } from '@/wording/headline';

export const metadata = { title: 'Test drive · Vast Cleat' };

export default async function Drive({ params }: { params: Promise<{ id: string }> }) {
  const { crewId, units } = await memberOrFirstPage();
  const { id, document } = await storedOrNotFound('plan', (await params).id, planById);
  const assessment = assess(document, new Map(await factsToday(crewId, document)));
  const { plan, ...scene } = sceneOf(document, assessment);
  return (
    <DrivePage
      planId={id}
      plan={document}
      word={{ verdict: assessment.verdict, words: headline(assessment, UNIT_CHOICES[units]) }}
      served={scene}
      energies={storedEnergies(traced, assessment.lines)}
    />
  );
}
