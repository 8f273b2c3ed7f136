import { ConstraintError, pool } from '@/db/pool';
import { insertMember } from '@/db/queries/crews';
import { API } from '@/server/api/endpoints';
import { refuse } from '@/server/problem';
import { json, route } from '@/server/route';
import { hashPassword } from '@/server/session';

export const POST = route(API.addMember, async ({ body, member }) => {
  const passwordHash = await hashPassword(body.password);
  try {
    const id = await insertMember(pool(), member.crewId, {
      name: body.name,
      role: body.role,
      passwordHash,
      units: member.units,
    });
    return json({ id, name: body.name, role: body.role }, 201);
  } catch (error) {
    if (error instanceof ConstraintError)
      throw refuse(409, 'name-taken', { name: body.name }, ['name']);
    throw error;
  }
});
