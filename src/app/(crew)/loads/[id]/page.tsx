import { notFound } from 'next/navigation';
import { z } from 'zod';
import { NotFoundError, pool } from '@/db/pool';
import { planById, type StoredPlan } from '@/db/queries/plans';
import { memberOrFirstPage } from '@/server/page';
import { Planner } from '@/ui/planner/Planner';

type Params = { params: Promise<{ id: string }> };

async function load(params: Params['params']): Promise<StoredPlan> {
  const member = await memberOrFirstPage();
  const id = z.uuid().safeParse((await params).id);
  if (!id.success) notFound();
  try {
    return await planById(pool(), member.crewId, id.data);
  } catch (error) {
    if (error instanceof NotFoundError) notFound();
    throw error;
  }
}

export const metadata = { title: 'Plan · Vast Cleat' };

export default async function PlanPage({ params }: Params) {
  const stored = await load(params);
  return <Planner key={stored.id} stored={stored} />;
}
