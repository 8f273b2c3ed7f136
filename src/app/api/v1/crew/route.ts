import { pool, transaction } from '@/db/pool';
import {
  crewIntervals,
  crewStrength,
  membersOfCrew,
  setCrewIntervals,
  setCrewStrength,
} from '@/db/queries/crews';
import { API } from '@/server/api/endpoints';
import { json, route } from '@/server/route';
import { CAUTIONS_VERSION } from '@/wording/cautions';

export const GET = route(API.crew, async ({ member }) =>
  json({
    name: member.crewName,
    strength: await crewStrength(pool(), member.crewId),
    intervals: await crewIntervals(pool(), member.crewId),
    members: (await membersOfCrew(pool(), member.crewId, CAUTIONS_VERSION)).map(
      ({ id, name, role, cautioned }) => ({ id, name, role, cautioned }),
    ),
  }),
);

export const PUT = route(API.changeCrew, async ({ body, member }) => {
  const { strength, intervals } = body;
  await transaction(async (db) => {
    await setCrewStrength(db, member.crewId, strength);
    if (intervals) await setCrewIntervals(db, member.crewId, intervals);
  });
  return json({ strength, intervals: await crewIntervals(pool(), member.crewId) });
});
