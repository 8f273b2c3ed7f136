import { z } from 'zod';
import { questionsIn } from '@/core/training/talk/proposing';
import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { refuse } from '@/server/problem';
import { answer, route } from '@/server/route';
import { propose } from '@/server/talk/leading';

const MINUTES = z.coerce.number().min(1).max(15);
const DEFAULT_MINUTES = 8;

export const GET = route(API.proposeTalk, async ({ request, member, now }) => {
  const asked = new URL(request.url).searchParams;
  const planId = asked.get('plan');
  if (planId !== null && !z.uuid().safeParse(planId).success)
    throw refuse(422, 'invalid-format', {}, ['?', 'plan']);
  const minutes = MINUTES.safeParse(asked.get('minutes') ?? DEFAULT_MINUTES);
  if (!minutes.success) throw refuse(422, 'invalid-format', {}, ['?', 'minutes']);
  const wanted = { planId, count: questionsIn(minutes.data) };
  return answer(API.proposeTalk, await propose(pool(), member, wanted, now, Math.random));
});
