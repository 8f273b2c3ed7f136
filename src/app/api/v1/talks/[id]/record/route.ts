import { pool } from '@/db/pool';
import { talkRecordById } from '@/db/queries/talk-records';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { answer, route } from '@/server/route';
import { signTalk } from '@/server/talk/leading';

export const GET = route(API.talkRecord, async ({ params, member: { crewId } }) =>
  answer(API.talkRecord, await talkRecordById(pool(), crewId, documentId(params))),
);

export const POST = route(API.signTalk, async ({ params, body, member, who, device, now }) =>
  answer(API.signTalk, await signTalk(member, documentId(params), body, { who, device, now }), 201),
);
