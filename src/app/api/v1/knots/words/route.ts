import { pool } from '@/db/pool';
import { knotWordsOfCrew } from '@/db/queries/knot-words';
import { API } from '@/server/api/endpoints';
import { answer, route } from '@/server/route';
import { ofCatalogue } from '@/server/knot-words';

export const GET = route(API.listKnotWords, async ({ member }) =>
  answer(API.listKnotWords, { words: ofCatalogue(await knotWordsOfCrew(pool(), member.crewId)) }),
);
