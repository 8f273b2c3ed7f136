import { strengthSchema } from '@/core/securement/schema';
import { ConstraintError, transaction, pool } from '@/db/pool';
import { writeAudit } from '@/db/queries/crew-links';
import { insertCrew } from '@/db/queries/crews';
import { insertMember } from '@/db/queries/members';
import { API } from '@/server/api/endpoints';
import { limitFounding } from '@/server/limiter';
import { refusingTakenNames } from '@/server/members';
import { hashPassword } from '@/server/passwords';
import { refuse } from '@/server/problem';
import { answer, route, withCookies } from '@/server/route';
import { enter } from '@/server/session';

export const POST = route(API.foundCrew, async ({ body, who, device, now, secure }) => {
  await limitFounding(pool(), who);
  const passwordHash = await hashPassword(body.password);
  const { crew, name, signInName } = body;
  try {
    const cookies = await transaction(async (db) => {
      const crewId = await insertCrew(db, { name: crew, strength: strengthSchema.parse({}) });
      const id = await refusingTakenNames(body, () =>
        insertMember(db, crewId, { name, signInName, role: 'lead', passwordHash }),
      );
      await writeAudit(db, { crewId, by: id, about: id, action: 'crew-founded' });
      return enter(db, id, device, { now, secure });
    });
    return withCookies(answer(API.foundCrew, { ok: true }, 201), cookies);
  } catch (error) {
    if (error instanceof ConstraintError)
      throw refuse(409, 'crew-name-taken', { name: crew }, ['crew']);
    throw error;
  }
});
