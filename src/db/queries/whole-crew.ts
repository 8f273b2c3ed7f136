import type pg from 'pg';
import { pool, transaction } from '../pool';

/** Every table of what a crew owns, and what of it is nobody's to have: hashes of passwords and tokens. */
export const CREW_TABLES = {
  crew: [],
  member: ['password_hash'],
  plan: [],
  plan_revision: [],
  rigging: [],
  rigging_revision: [],
  kept_part: [],
  gear: [],
  gear_event: [],
  road_check: [],
  log_entry: ['words'],
  log_photo: [],
  drill_review: [],
  tying: [],
  sign_off: [],
  sign_off_revocation: [],
  statement: [],
  knot_words: [],
  talk: ['code'],
  talk_record: [],
  api_token: ['token_hash'],
  invitation: ['token_hash'],
  calendar_feed: ['token_hash'],
  audit: [],
} as const satisfies Record<string, readonly string[]>;

const AT_ONCE = 200;

/** SQL of the rows of one table. $1 crew */
function rowsSql(table: string, left: readonly string[]): string {
  const of = table === 'crew' ? 'id' : 'crew_id';
  const row = ["to_jsonb(t) - 'jpeg'", ...left.map((column) => `- '${column}'`)].join(' ');
  const jpeg =
    table === 'log_photo' ? ` || jsonb_build_object('jpeg', encode(t.jpeg, 'base64'))` : '';
  return `SELECT ((${row})${jpeg})::text AS row FROM ${table} t WHERE t.${of} = $1`;
}

async function* rowsOf(client: pg.PoolClient, sql: string, crewId: string): AsyncGenerator<string> {
  await client.query(`DECLARE crew_rows NO SCROLL CURSOR FOR ${sql}`, [crewId]);
  for (;;) {
    const { rows } = await client.query<{ row: string }>(`FETCH ${AT_ONCE} FROM crew_rows`);
    for (const { row } of rows) yield row;
    if (rows.length < AT_ONCE) break;
  }
  await client.query('CLOSE crew_rows');
}

/** Everything that a crew owns, of one moment, as the text of one JSON document that is made while it is read. */
export async function* wholeCrew(crewId: string, madeAt: Date): AsyncGenerator<string> {
  const client = await pool().connect();
  let broken = true;
  try {
    await client.query('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY');
    yield `{"format":"vast-cleat/crew","version":1,"madeAt":${JSON.stringify(madeAt.toISOString())},"tables":{`;
    let first = true;
    for (const [table, left] of Object.entries(CREW_TABLES)) {
      yield `${first ? '' : ','}\n${JSON.stringify(table)}:[`;
      first = false;
      let lead = '\n';
      for await (const row of rowsOf(client, rowsSql(table, left), crewId)) {
        yield `${lead}${row}`;
        lead = ',\n';
      }
      yield ']';
    }
    yield '}}\n';
    await client.query('COMMIT');
    broken = false;
  } finally {
    // Whoever stops reading half way leaves a transaction open: its connection goes with it.
    client.release(broken);
  }
}

/** Deletes a crew and everything of it; nothing is left that says it was there. */
export const deleteCrew = (crewId: string, from?: pg.Pool): Promise<void> =>
  transaction(async (db) => {
    await db.query('SELECT delete_crew($1)', [crewId]);
  }, from);
