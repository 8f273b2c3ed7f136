import { UNIT_CHOICES } from '@/core/units';
import { drillPage, RECKONINGS_LISTED } from '@/server/drills';
import { memberOrFirstPage } from '@/server/page';
import { Drills } from '@/ui/drills/Drills';

export const metadata = { title: 'Drills · Vast Cleat' };

type Asked = Promise<Record<string, string | string[] | undefined>>;

export default async function Page({ searchParams }: { searchParams: Asked }) {
  const { units } = await memberOrFirstPage();
  const page = drillPage(await searchParams, UNIT_CHOICES[units], Math.random);
  return <Drills key={`${page.kind}/${page.number}`} page={page} kinds={RECKONINGS_LISTED} />;
}
