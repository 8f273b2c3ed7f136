import { pool, transaction } from '@/db/pool';
import { writeAudit } from '@/db/queries/crew-links';
import { crewSettings, nameKey, saveCrewSettings } from '@/db/queries/crews';
import { membersOfCrew } from '@/db/queries/members';
import { deleteCrew } from '@/db/queries/whole-crew';
import { API } from '@/server/api/endpoints';
import { ifMatch } from '@/server/documents';
import { refreshAllDue } from '@/server/road-checks';
import { refuse } from '@/server/problem';
import { answer, route, withCookies } from '@/server/route';
import { sessionCookie } from '@/server/session';
import { checkOwnPassword } from '@/server/sign-in';
import { CAUTIONS_VERSION } from '@/wording/cautions';

export const GET = route(API.crew, async ({ member }) =>
  answer(API.crew, {
    name: member.crewName,
    ...(await crewSettings(pool(), member.crewId)),
    members: (await membersOfCrew(pool(), member.crewId, CAUTIONS_VERSION)).map(
      ({ id, name, signInName, role, cautioned }) => ({ id, name, signInName, role, cautioned }),
    ),
  }),
);

/** Nothing of it is left, and nobody of it is signed in any more. */
export const DELETE = route(API.deleteCrew, async ({ body, member, who, device, secure }) => {
  if (nameKey(body.name) !== nameKey(member.crewName))
    throw refuse(422, 'crew-name-wrong', {}, ['name']);
  await checkOwnPassword(pool(), member, body.password, who, device);
  await deleteCrew(member.crewId);
  return withCookies(answer(API.deleteCrew, { ok: true }), [sessionCookie(null, secure)]);
});

export const PUT = route(API.changeCrew, async ({ request, body, member }) => {
  const version = ifMatch(request);
  const saved = await transaction(async (db) => {
    const now = await crewSettings(db, member.crewId);
    const settings = await saveCrewSettings(db, member.crewId, {
      version,
      strength: body.strength ?? now.strength,
      intervals: body.intervals ?? now.intervals,
      defaults: body.defaults ?? now.defaults,
    });
    if (settings.intervals.checkMinutes !== now.intervals.checkMinutes)
      await refreshAllDue(db, member.crewId);
    await writeAudit(db, { crewId: member.crewId, by: member.id, action: 'settings-changed' });
    return settings;
  });
  return answer(API.changeCrew, saved, 200, { etag: `"${saved.version}"` });
});
