import { strengthSchema } from '@/core/securement/schema';
import { ConstraintError, transaction, pool } from '@/db/pool';
import { insertCrew, insertMember } from '@/db/queries/crews';
import { API } from '@/server/api/endpoints';
import { limit } from '@/server/limiter';
import { refuse } from '@/server/problem';
import { json, route } from '@/server/route';
import { hashPassword, openSession, sessionCookie } from '@/server/session';

export const POST = route(API.foundCrew, async ({ body, who, now, secure }) => {
  await limit(pool(), 'found-crew', who);
  const passwordHash = await hashPassword(body.password);
  try {
    const token = await transaction(async (db) => {
      const crewId = await insertCrew(db, { name: body.crew, strength: strengthSchema.parse({}) });
      return openSession(
        db,
        await insertMember(db, crewId, { name: body.name, role: 'lead', passwordHash }),
        now,
      );
    });
    return json({ ok: true }, 201, { 'set-cookie': sessionCookie(token, secure) });
  } catch (error) {
    if (error instanceof ConstraintError)
      throw refuse(409, 'crew-name-taken', { name: body.crew }, ['crew']);
    throw error;
  }
});
