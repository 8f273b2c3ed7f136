import { transaction } from '@/db/pool';
import { signInNameOf } from '@/db/queries/members';
import { API } from '@/server/api/endpoints';
import { addMember } from '@/server/members';
import { hashPassword } from '@/server/passwords';
import { answer, route } from '@/server/route';

export const POST = route(API.addMember, async ({ body, member }) => {
  const passwordHash = await hashPassword(body.password);
  const { name, role, signInName } = body;
  const added = await transaction(async (db) => {
    const id = await addMember(db, member, {
      name,
      role,
      signInName,
      passwordHash,
      units: member.units,
    });
    return { id, signInName: await signInNameOf(db, id) };
  });
  return answer(API.addMember, { ...added, name, role }, 201);
});
