import { namePage, RECKONINGS_LISTED } from '@/server/drills';
import { memberOrFirstPage } from '@/server/page';
import { NameDrill } from '@/ui/drills/NameDrill';

export const metadata = { title: 'Which knot is it? · Vast Cleat' };

type Asked = Promise<Record<string, string | string[] | undefined>>;

export default async function Page({ searchParams }: { searchParams: Asked }) {
  await memberOrFirstPage();
  const page = await namePage(await searchParams, Math.random);
  return <NameDrill key={page.number} page={page} kinds={RECKONINGS_LISTED} />;
}
