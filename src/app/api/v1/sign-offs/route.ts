import { z } from 'zod';
import { pool } from '@/db/pool';
import { signOffPage } from '@/db/queries/sign-offs';
import { API } from '@/server/api/endpoints';
import { readMarker, writeMarker } from '@/server/documents';
import { refuse } from '@/server/problem';
import { answer, route } from '@/server/route';
import { shown, signOff } from '@/server/training';

export const GET = route(API.listSignOffs, async ({ request, member: { crewId } }) => {
  const asked = new URL(request.url).searchParams;
  const member = asked.get('member');
  if (member !== null && !z.uuid().safeParse(member).success)
    throw refuse(422, 'invalid-format', {}, ['?', 'member']);
  const { signOffs, next } = await signOffPage(pool(), crewId, member, readMarker(asked, true));
  return answer(API.listSignOffs, { signOffs: signOffs.map(shown), next: writeMarker(next) });
});

export const POST = route(API.signOff, async ({ body, member, who, device, now }) =>
  answer(API.signOff, await signOff(pool(), member, body, { who, device, now }), 201),
);
