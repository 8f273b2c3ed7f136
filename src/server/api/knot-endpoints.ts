import { z } from 'zod';
import { ENTRY_IDS } from '@/core/knot/entry-ids';
import { endpoint, type Endpoint } from './endpoint';

const entry = z.enum(ENTRY_IDS);
const name = z.string().trim().min(1).max(60);

/** What a crew says of a knot. */
export const knotWordsBody = z.strictObject({
  names: z.array(name).max(8),
  note: z.string().trim().max(2000),
});

const words = z
  .strictObject({
    entry,
    version: z.int(),
    names: z.array(z.string()),
    note: z.string(),
    updatedAt: z.iso.datetime().nullable(),
    updatedBy: z.string().nullable(),
  })
  .meta({ id: 'KnotWords' });

/** A crew’s own names and notes for the knots of the catalogue. */
export const KNOT_API = {
  listKnotWords: endpoint({
    method: 'GET',
    path: '/knots/words',
    summary: 'What your crew calls the knots of the catalogue, and what it notes of them',
    body: null,
    action: 'knot.read',
    answers: z.strictObject({ words: z.array(words) }),
    answer: 'words[]',
  }),
  readKnotWords: endpoint({
    method: 'GET',
    path: '/knots/{entry}/words',
    summary:
      'What your crew calls one knot, and what it notes of it; version 0 where it said nothing',
    body: null,
    action: 'knot.read',
    answers: words,
    answer: 'Names and note',
  }),
  saveKnotWords: endpoint({
    method: 'PUT',
    path: '/knots/{entry}/words',
    summary:
      'Say what your crew calls a knot, and note something of it. If-Match carries the version you started from, 0 at first',
    body: knotWordsBody,
    action: 'knot.write',
    example: { names: ['yard loop'], note: 'Back it up with a stopper on the curtain side.' },
    answers: words,
    answer: 'Names and note, or 409 with what was saved first',
  }),
} as const satisfies Record<string, Endpoint>;
