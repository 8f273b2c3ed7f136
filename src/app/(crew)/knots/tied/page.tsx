import { notFound } from 'next/navigation';
import { looking, traceForms } from '@/server/knots-tied';
import { memberOrFirstPage } from '@/server/page';
import { Looks } from '@/ui/knots/tied/Looks';
import { TiedHead } from '@/ui/knots/tied/TiedHead';
import { Tracing } from '@/ui/knots/tied/Tracing';

export const metadata = { title: 'What have I tied? · Vast Cleat' };

type Asked = { by?: string | string[]; set?: string | string[]; at?: string | string[] };

export default async function Page({ searchParams }: { searchParams: Promise<Asked> }) {
  await memberOrFirstPage();
  const { by, set, at } = await searchParams;
  if (by === 'tracing')
    return (
      <>
        <TiedHead by="tracing" />
        <Tracing forms={traceForms()} />
      </>
    );
  const where = looking([set ?? ''].flat()[0]!, [at ?? ''].flat()[0]!);
  if (!where) notFound();
  return (
    <>
      <TiedHead by="looks" />
      <Looks looking={where} />
    </>
  );
}
