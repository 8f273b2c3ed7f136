import { transaction } from '@/db/pool';
import { writeAudit } from '@/db/queries/crew-links';
import { wholeCrew } from '@/db/queries/whole-crew';
import { API } from '@/server/api/endpoints';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.exportCrew, async ({ member: { id, crewId }, now }) => {
  await transaction((db) => writeAudit(db, { crewId, by: id, action: 'crew-exported' }));
  return fileResponse(wholeCrew(crewId, now), 'application/json', 'crew.json');
});
