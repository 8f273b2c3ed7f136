import { pool, transaction } from '@/db/pool';
import { writeAudit } from '@/db/queries/crew-links';
import { crewSettings, saveCrewSettings } from '@/db/queries/crews';
import { membersOfCrew } from '@/db/queries/members';
import { API } from '@/server/api/endpoints';
import { ifMatch } from '@/server/documents';
import { refreshAllDue } from '@/server/road-checks';
import { answer, route } from '@/server/route';
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

export const PUT = route(API.changeCrew, async ({ request, body, member }) => {
  const version = ifMatch(request);
  const saved = await transaction(async (db) => {
    const now = await crewSettings(db, member.crewId);
    const { strength = now.strength, intervals = now.intervals } = body;
    const settings = await saveCrewSettings(db, member.crewId, { version, strength, intervals });
    if (intervals.checkMinutes !== now.intervals.checkMinutes)
      await refreshAllDue(db, member.crewId);
    await writeAudit(db, { crewId: member.crewId, by: member.id, action: 'settings-changed' });
    return settings;
  });
  return answer(API.changeCrew, saved, 200, { etag: `"${saved.version}"` });
});
