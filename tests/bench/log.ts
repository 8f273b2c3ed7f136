import pg from 'pg';
import { pool } from '@/db/pool';
import { logCounts } from '@/db/queries/log-counts';
import { logPage, type LogQuery } from '@/db/queries/log-entries';
import { foundCrew } from '../support/api';
import { print, spread, timed } from './report';

const ENTRIES = 1_000_000;
const AT_ONCE = 25_000;
const ALL: LogQuery = {
  kind: null,
  planId: null,
  link: null,
  from: null,
  to: null,
  search: '',
  after: null,
};

/** A log of so many entries over two years: words of which some stand in all of them, some in few, some in one. */
async function fillLog(crewId: string, memberId: string): Promise<void> {
  // What fills so much may take its time.
  const client = new pg.Client({ connectionString: process.env['DATABASE_URL'] });
  await client.connect();
  for (let from = 1; from <= ENTRIES; from += AT_ONCE) {
    const range = [crewId, memberId, from, Math.min(ENTRIES, from + AT_ONCE - 1)];
    await client.query(
      `INSERT INTO log_entry (id, crew_id, at, recorded_at, by_member, kind, body, facts, words)
       SELECT gen_random_uuid(), $1, at, at, $2, CASE n % 5 WHEN 0 THEN 'note' WHEN 1 THEN 'incident' ELSE 'note' END,
         CASE n % 5 WHEN 1 THEN '{"kind": "incident", "grade": "near-miss", "cause": "other", "knot": null, "hurt": false, "what": "words", "planId": null, "lineId": null, "gearIds": []}'
           ELSE '{"kind": "note", "what": "words", "planId": null, "gearIds": []}' END::jsonb, '{}',
         array_to_tsvector(ARRAY['water', 'tote', 'line' || n % 40, 'rope' || n % 900, 'only' || n])
       FROM (SELECT n, now() - (n * interval '63 seconds') AS at FROM generate_series($3::int, $4::int) AS n) AS e`,
      range,
    );
    await client.query(
      `INSERT INTO log_link (crew_id, what, ref, at, entry_id) SELECT crew_id, 'deck', 'deck ' || row_number() OVER () % 20, at, id
       FROM log_entry WHERE crew_id = $1 AND at <= now() - ($2 * interval '63 seconds') AND at >= now() - ($3 * interval '63 seconds') - interval '10 seconds'
       ON CONFLICT DO NOTHING`,
      [crewId, from, range[3]],
    );
  }
  await client.query('ANALYZE log_entry, log_link');
  await client.end();
}

/** The log of a crew that has written for a very long time. */
export async function benchLog(): Promise<void> {
  await foundCrew('Log bench');
  const { crew_id: crewId, id } = (
    await pool().query('SELECT id, crew_id FROM member ORDER BY created_at DESC LIMIT 1')
  ).rows[0] as { id: string; crew_id: string };
  await fillLog(crewId, id);
  const page = (query: Partial<LogQuery>) => () => logPage(pool(), crewId, { ...ALL, ...query });
  await timed(20, page({}));
  print(`log of ${ENTRIES.toLocaleString('en')}: first page`, spread(await timed(300, page({}))));
  let after: LogQuery['after'] = null;
  const turned = await timed(300, async () => {
    after = (await logPage(pool(), crewId, { ...ALL, after })).next;
  });
  print('log: 300 pages on from the newest', spread(turned));
  const far = new Date(Date.now() - 600 * 86_400_000).toISOString();
  print(
    'log: pages 600 days back',
    spread(await timed(100, page({ after: [far, '00000000-0000-7000-8000-000000000000'] }))),
  );
  print('log: by kind', spread(await timed(100, page({ kind: 'incident' }))));
  const deck = { what: 'deck', ref: 'deck 7' } as const;
  print('log: by deck', spread(await timed(100, page({ link: deck }))));
  for (const [what, search] of [
    ['a word that all have', 'water tote'],
    ['a word of 2.5 %', 'line17'],
    ['a word of 0.1 %', 'rope411'],
    ['a word of one', 'only777777'],
    ['a beginning that all have', 'lin'],
    ['words that none has together', 'line17 rope412'],
  ] as const)
    print(`log: search, ${what}`, spread(await timed(60, page({ search }))));
  print(
    'log: by deck and a word of 0.1 %',
    spread(await timed(60, page({ link: deck, search: 'rope411' }))),
  );
  const [from, until] = [new Date(Date.now() - 365 * 86_400_000), new Date()];
  print(
    'log: counts of a season',
    spread(await timed(10, () => logCounts(pool(), crewId, from, until))),
  );
}
