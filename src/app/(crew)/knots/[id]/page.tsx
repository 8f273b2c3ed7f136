import { notFound } from 'next/navigation';
import { pool } from '@/db/pool';
import { knotWords } from '@/db/queries/knot-words';
import { wordsOf } from '@/server/knot-words';
import { knotName, stageData } from '@/server/knots';
import { memberOrFirstPage } from '@/server/page';
import { Stage } from '@/ui/knots/Stage';

type Params = {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ form?: string | string[] }>;
};

export async function generateMetadata({ params }: Params) {
  return { title: `${knotName((await params).id) ?? 'Knot'} · Vast Cleat` };
}

export default async function Page({ params, searchParams }: Params) {
  const member = await memberOrFirstPage();
  const { form } = await searchParams;
  const stage = await stageData((await params).id, typeof form === 'string' ? form : undefined);
  if (!stage) notFound();
  const words = wordsOf(await knotWords(pool(), member.crewId, stage.facts.id));
  return <Stage key={`${stage.facts.id}/${stage.form.id}`} stage={stage} words={words} />;
}
