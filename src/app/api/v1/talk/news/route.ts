import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { newsHead, newsResponse } from '@/server/live';
import { route } from '@/server/route';
import { takingPart } from '@/server/talk/taking-part';
import { talkToken } from '@/server/talk/token';
import { stepTopic } from '@/server/talk/topics';

export const GET = route(API.talkPhoneNews, async ({ request }) => {
  const { person, talk } = await takingPart(pool(), talkToken(request));
  return newsResponse(stepTopic(talk.id), person.id, request.signal);
});

/** Whoever only asks for its head opens no stream. */
export const HEAD = route(API.talkPhoneNews, async ({ request }) => {
  await takingPart(pool(), talkToken(request));
  return newsHead();
});
