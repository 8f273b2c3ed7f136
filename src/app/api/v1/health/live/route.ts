import { API } from '@/server/api/endpoints';
import { answer, open } from '@/server/route';

/** The process answers; nothing else is asked. */
export const GET = open(API.live, async () => answer(API.live, { ok: true }));
