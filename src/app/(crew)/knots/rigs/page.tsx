import { notFound } from 'next/navigation';
import { memberOrFirstPage } from '@/server/page';
import { rigPage } from '@/server/rigs';
import { Rigs } from '@/ui/rigs/Rigs';

export const metadata = { title: 'Rigs · Vast Cleat' };

type Asked = Promise<Record<string, string | string[] | undefined>>;

export default async function Page({ searchParams }: { searchParams: Asked }) {
  await memberOrFirstPage();
  const page = rigPage(await searchParams);
  if (!page) notFound();
  return <Rigs page={page} />;
}
