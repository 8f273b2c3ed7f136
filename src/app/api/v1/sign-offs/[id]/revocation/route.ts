import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { answer, route } from '@/server/route';
import { revoke } from '@/server/training';

export const POST = route(API.revokeSignOff, async ({ params, body, member, now }) =>
  answer(API.revokeSignOff, await revoke(member, documentId(params), body.reason, now), 201),
);
