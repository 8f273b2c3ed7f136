import { z } from 'zod';
import { API } from '@/server/api/endpoints';
import { withFile } from '@/server/gear-import/file';
import { KEEPS } from '@/server/gear-import/import';
import { importInThread } from '@/server/jobs/pool';
import { databaseAway, refuse, Refusal } from '@/server/problem';
import { answer, route } from '@/server/route';

const keepSchema = z.enum(KEEPS);

/** What the file is, by its media type. @throws Refusal 415 */
function kindOf(request: Request): 'csv' | 'json' {
  const type = (request.headers.get('content-type') ?? '').split(';')[0]!.trim().toLowerCase();
  if (type === 'text/csv') return 'csv';
  if (type === 'application/json') return 'json';
  throw refuse(415, 'wrong-media-type', { choices: API.importGear.file.join(', ') });
}

export const POST = route(API.importGear, async ({ request, member, now }) => {
  const keep = keepSchema.safeParse(new URL(request.url).searchParams.get('keep'));
  if (!keep.success)
    throw refuse(422, 'invalid-value', { choices: KEEPS.join(', ') }, ['?', 'keep']);
  const from = kindOf(request);
  const read = await withFile(request, API.importGear.mostBytes, (file) =>
    importInThread({
      file,
      from,
      keep: keep.data,
      crewId: member.crewId,
      memberId: member.id,
      now,
    }),
  );
  if (!read.ok)
    throw read.issues[0]!.code === 'database-away' ? databaseAway() : new Refusal(422, read.issues);
  return answer(API.importGear, read.value);
});
