import { notFound } from 'next/navigation';
import { stageData } from '@/server/knots';
import { memberOrFirstPage } from '@/server/page';
import { PocketCards } from '@/ui/knots/PocketCards';

type Params = {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ form?: string | string[]; with?: string | string[] }>;
};

export const metadata = { title: 'Pocket cards · Vast Cleat' };

export default async function Page({ params, searchParams }: Params) {
  await memberOrFirstPage();
  const { id } = await params;
  const asked = await searchParams;
  const others = [asked.with ?? []]
    .flat()
    .flatMap((i) => i.split(','))
    .filter((i) => i !== id)
    .slice(0, 3);
  const stages = await Promise.all([
    stageData(id, typeof asked.form === 'string' ? asked.form : undefined),
    ...others.map((o) => stageData(o)),
  ]);
  const found = stages.filter((s) => s !== null);
  if (!stages[0]) notFound();
  return <PocketCards stages={found} />;
}
