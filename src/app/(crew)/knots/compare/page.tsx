import { redirect } from 'next/navigation';
import { knotFacts } from '@/server/knots';
import { memberOrFirstPage } from '@/server/page';
import { Comparison } from '@/ui/knots/Comparison';

export const metadata = { title: 'Knots side by side · Vast Cleat' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ ids?: string | string[] }>;
}) {
  await memberOrFirstPage();
  const { ids } = await searchParams;
  const knots = knotFacts([ids ?? []].flat().flatMap((i) => i.split(',')));
  if (knots.length < 2) redirect('/knots');
  return <Comparison knots={knots} />;
}
