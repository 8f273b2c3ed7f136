import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { askedGear } from '@/server/gear';
import { refuse } from '@/server/problem';
import { fileResponse, route } from '@/server/route';
import { LABEL_SHEETS, type LabelSheetId } from '@/server/tag-sheets';
import { drawTags } from '@/server/jobs/pool';
import { tagLines } from '@/wording/gear';

const MOST_TAGS = 240;

export const GET = route(API.tagSheet, async ({ request, member }) => {
  const search = new URL(request.url).searchParams;
  const sheet = search.get('sheet') ?? 'a4';
  if (!Object.hasOwn(LABEL_SHEETS, sheet))
    throw refuse(422, 'invalid-value', { choices: Object.keys(LABEL_SHEETS).join(', ') }, [
      'sheet',
    ]);
  const from = Number(search.get('from') ?? 0);
  const each =
    LABEL_SHEETS[sheet as LabelSheetId].columns * LABEL_SHEETS[sheet as LabelSheetId].rows;
  if (!(Number.isInteger(from) && from >= 0 && from < each))
    throw refuse(422, 'out-of-range', { least: 0, most: each - 1 }, ['from']);
  const gear = (await askedGear(pool(), member.crewId, search, MOST_TAGS)).filter(
    (g) => !g.removed,
  );
  if (gear.length === 0) throw refuse(422, 'no-tags', {}, ['ids']);
  const tags = gear.map((g) => ({
    code: g.document.code,
    lines: tagLines(g.document, member.units),
    crew: member.crewName,
  }));
  return fileResponse(
    await drawTags({ tags, sheet: sheet as LabelSheetId, from }),
    'application/pdf',
    'tags.pdf',
  );
});
