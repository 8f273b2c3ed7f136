import { pool } from '@/db/pool';
import { crewStrength, membersOfCrew, setCrewStrength } from '@/db/queries/crews';
import { API } from '@/server/api/endpoints';
import { json, route } from '@/server/route';
import { CAUTIONS_VERSION } from '@/wording/cautions';

export const GET = route(API.crew, async ({ member }) => json({
  name: member.crewName,
  strength: await crewStrength(pool(), member.crewId),
  members: (await membersOfCrew(pool(), member.crewId, CAUTIONS_VERSION)).map(({ id, name, role, cautioned }) => ({ id, name, role, cautioned })),
}));

export const PUT = route(API.changeCrew, async ({ body, member }) => {
  await setCrewStrength(pool(), member.crewId, body.strength);
  return json({ strength: body.strength });
});
