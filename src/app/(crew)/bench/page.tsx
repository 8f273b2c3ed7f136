import { pool } from '@/db/pool';
import { crewStrength } from '@/db/queries/crews';
import { memberOrFirstPage } from '@/server/page';
import { FORM_IDS } from '@/core/tackle/systems';
import { newRigging } from '@/core/bench/compose';
import { PullBench } from '@/ui/bench/PullBench';

export const metadata = { title: 'Tension bench · Vast Cleat' };

export default async function BenchPage({
  searchParams,
}: {
  searchParams: Promise<{ system?: string | string[] }>;
}) {
  const member = await memberOrFirstPage();
  const { system } = await searchParams;
  const form = FORM_IDS.find((id) => id === system) ?? 'single';
  return (
    <PullBench
      key={form}
      initial={newRigging(await crewStrength(pool(), member.crewId), form)}
      stored={null}
    />
  );
}
