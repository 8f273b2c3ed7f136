import { API } from '@/server/api/endpoints';
import { json, open } from '@/server/route';

/** The process answers; nothing else is asked. */
export const GET = open(API.live, async () => json({ ok: true }));
