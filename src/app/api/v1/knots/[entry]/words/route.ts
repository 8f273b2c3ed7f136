import { pool, transaction } from '@/db/pool';
import { knotWords, saveKnotWords } from '@/db/queries/knot-words';
import { API } from '@/server/api/endpoints';
import { ifMatch } from '@/server/documents';
import { entryInPath, wordsOf } from '@/server/knot-words';
import { answer, route } from '@/server/route';

export const GET = route(API.readKnotWords, async ({ params, member }) => {
  const words = wordsOf(await knotWords(pool(), member.crewId, entryInPath(params)));
  return answer(API.readKnotWords, words, 200, { etag: `"${words.version}"` });
});

export const PUT = route(API.saveKnotWords, async ({ request, params, body, member }) => {
  const [entry, version] = [entryInPath(params), ifMatch(request)];
  const saved = await transaction((db) =>
    saveKnotWords(db, { crewId: member.crewId, memberId: member.id }, { entry, version, ...body }),
  );
  return answer(API.saveKnotWords, wordsOf(saved), 200, { etag: `"${saved.version}"` });
});
