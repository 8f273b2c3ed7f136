import { knotMapData } from '@/server/knots-map';
import { memberOrFirstPage } from '@/server/page';
import { KnotMap } from '@/ui/knots/map/KnotMap';

export const metadata = { title: 'What builds on what · Vast Cleat' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<{ knot?: string | string[] }>;
}) {
  await memberOrFirstPage();
  const { knot } = await searchParams;
  return <KnotMap map={await knotMapData(typeof knot === 'string' ? knot : undefined)} />;
}
