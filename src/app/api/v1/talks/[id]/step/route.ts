import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { answer, route } from '@/server/route';
import { step } from '@/server/talk/leading';

export const POST = route(API.stepTalk, async ({ params, body, member }) =>
  answer(API.stepTalk, await step(member, documentId(params), body)),
);
