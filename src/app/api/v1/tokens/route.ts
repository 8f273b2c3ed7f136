import { pool, transaction } from '@/db/pool';
import { apiTokens } from '@/db/queries/api-tokens';
import { API } from '@/server/api/endpoints';
import { answer, route } from '@/server/route';
import { makeToken, tokensOf } from '@/server/tokens';

export const GET = route(API.listTokens, async ({ member }) =>
  answer(API.listTokens, { tokens: await apiTokens(pool(), member.crewId, tokensOf(member)) }),
);

export const POST = route(API.makeToken, async ({ body, member, now }) =>
  answer(API.makeToken, await transaction((db) => makeToken(db, member, body, now)), 201),
);
