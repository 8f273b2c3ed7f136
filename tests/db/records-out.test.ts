import ICAL from 'ical.js';
import Papa from 'papaparse';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkStatement } from '@/core/exchange/xapi/rules';
import { pointsOf } from '@/core/training/standing/skills';
import { pool } from '@/db/pool';
import { insertMember, type Member } from '@/db/queries/members';
import { WAITING_SQL } from '@/db/queries/statements';
import { calendarOf, makeCalendar } from '@/server/calendar';
import { drawCertificate, endThreads } from '@/server/jobs/pool';
import { hashPassword } from '@/server/passwords';
import { badge, certificateText, signOffsCsv, statementsJson } from '@/server/records/records';
import { sendOne, waitAfter } from '@/server/statements';
import { revoke, type SignOff, signOff } from '@/server/training';
import { type Receiver, startReceiver } from '../../scripts/lib/xapi-receiver';
import { crewWith, freshDatabase } from '../support/database';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let passwordHash: string;
const password = 'a good long one';
const store = { user: 'yard', password: 'secret' };

beforeAll(async () => {
  db = await freshDatabase();
  process.env['DATABASE_URL'] = db.url;
  passwordHash = await hashPassword(password);
});
afterAll(async () => {
  await endThreads();
  await pool().end();
  await db.close();
});

const NOW = new Date('2026-03-01T09:00:00Z');
const later = (ms: number): Date => new Date(NOW.getTime() + ms);

async function people(name: string): Promise<{ instructor: Member; trainees: string[] }> {
  const { crewId } = await crewWith(db.pool, name);
  const one = (role: 'instructor' | 'trainee', who: string): Promise<string> =>
    insertMember(db.pool, crewId, { name: who, role, passwordHash, signInName: `${who} ${name}` });
  const id = await one('instructor', '=Tomas');
  const trainees = await Promise.all([1, 2, 3].map((i) => one('trainee', `Learner ${i}`)));
  const signInName = `tomas.${name}`.toLowerCase();
  const instructor = { id, crewId, crewName: name, name: '=Tomas', role: 'instructor', signInName };
  return { instructor: instructor as unknown as Member, trainees };
}

const sign = (
  by: Member,
  memberId: string,
  skill: 'bowline/facing-away' | 'reef/plain',
): Promise<SignOff> =>
  signOff(
    db.pool,
    by,
    {
      memberId,
      skill,
      points: pointsOf(skill).map(() => true),
      times: 4,
      under: ['gloves', 'dark'],
      note: '',
      password,
    },
    { who: '127.0.0.1', device: undefined, now: NOW },
  );

/** Sends all that waits until a time, as the process does. */
async function sendAll(endpoint: string, now: Date): Promise<void> {
  while (await sendOne({ endpoint, ...store }, now));
}

describe('statements to a store', () => {
  it('wait while it is down and come when it is up: none lost, none doubled, also when an answer is lost', async () => {
    const { instructor, trainees } = await people('Sent');
    // One after the other, as an instructor does: passwords of one account at once are made to wait.
    const signed: SignOff[] = [];
    for (const t of trainees) signed.push(await sign(instructor, t, 'bowline/facing-away'));
    await revoke(instructor, signed[0]!.id, 'Ties it wrong since.', NOW);
    // Nobody listens there.
    const gone = await startReceiver(store);
    await gone.close();
    await sendAll(gone.endpoint, NOW);
    await sendAll(gone.endpoint, later(waitAfter(0)));
    const receiver: Receiver = await startReceiver(store);
    try {
      // It is not their turn yet.
      await sendAll(receiver.endpoint, later(waitAfter(0) + 1));
      expect(receiver.statements.size).toBe(0);
      // Sent, but the answer was lost on its way: the transaction is taken back, and it is sent again.
      const at = later(waitAfter(0) + waitAfter(1) + 1);
      await expect(
        sendOne({ endpoint: receiver.endpoint, ...store }, at, async (work) => {
          const client = await db.pool.connect();
          try {
            await client.query('BEGIN');
            await work(client);
            throw new Error('cut off');
          } finally {
            await client.query('ROLLBACK');
            client.release();
          }
        }),
      ).rejects.toThrow('cut off');
      // Two processes at once.
      await Promise.all([sendAll(receiver.endpoint, at), sendAll(receiver.endpoint, at)]);
      expect(receiver.statements.size).toBe(4);
      const sent = [...receiver.statements.values()].map((s) => s.sent);
      expect(sent.toSorted()).toEqual([1, 1, 1, 2]);
      for (const { id } of signed) expect(receiver.statements.has(id)).toBe(true);
      // Nothing is left to be sent.
      expect(await sendOne({ endpoint: receiver.endpoint, ...store }, later(1e12))).toBe(false);
    } finally {
      await receiver.close();
    }
  });
  it('a store that refuses us is asked again later, and its refusal is no receipt', async () => {
    const { instructor, trainees } = await people('Refused');
    const { id } = await sign(instructor, trainees[0]!, 'reef/plain');
    const receiver = await startReceiver({ ...store, password: 'another' });
    try {
      await sendAll(receiver.endpoint, NOW);
      expect(receiver.statements.size).toBe(0);
    } finally {
      await receiver.close();
    }
    const { rows } = await db.pool.query('SELECT tries, received_at FROM statement WHERE id = $1', [
      id,
    ]);
    expect(rows).toEqual([{ tries: 1, received_at: null }]);
  });
  it('are found by an index; waits grow to an hour', async () => {
    const client = await db.pool.connect();
    try {
      await client.query('SET enable_seqscan = off');
      const { rows } = await client.query<{ 'QUERY PLAN': string }>(
        `EXPLAIN ${WAITING_SQL.replace(' FOR UPDATE SKIP LOCKED', '')}`,
        [NOW],
      );
      expect(rows.map((r) => r['QUERY PLAN']).join('\n')).toContain('statement_waiting');
    } finally {
      client.release();
    }
    expect([0, 1, 5, 99].map(waitAfter)).toEqual([5000, 10_000, 160_000, 3_600_000]);
  });
  it('as a file are the same, and each keeps the rules', async () => {
    const { instructor, trainees } = await people('File');
    const { id } = await sign(instructor, trainees[0]!, 'reef/plain');
    await revoke(instructor, id, 'Tied a granny since.', NOW);
    let text = '';
    for await (const part of statementsJson(db.pool, instructor.crewId)) text += part;
    const all = JSON.parse(text) as { object: { id: string } }[];
    expect(all).toHaveLength(2);
    for (const statement of all) expect(checkStatement(statement).ok).toBe(true);
    expect(all.some((s) => s.object.id === id)).toBe(true);
  });
});

describe('records for people', () => {
  it('a table that no spreadsheet runs, a certificate, a credential, and a calendar of what lapses', async () => {
    const { instructor, trainees } = await people('Papers');
    const signed = await sign(instructor, trainees[0]!, 'bowline/facing-away');
    const taken = await sign(instructor, trainees[1]!, 'bowline/facing-away');
    await revoke(instructor, taken.id, 'Wrong side.', NOW);
    let csv = '';
    for await (const part of signOffsCsv(db.pool, instructor.crewId)) csv += part;
    const { data } = Papa.parse<Record<string, string>>(csv.trim(), { header: true });
    expect(data).toHaveLength(2);
    const row = data.find((r) => r['record'] === signed.id)!;
    expect(row).toMatchObject({
      person: 'Learner 1',
      skill: 'Bowline (facing away)',
      'signed by': "'=Tomas",
      'good until': '2027-03-01',
      times: '4',
      done: 'in gloves; in the dark',
    });
    expect((await badge(db.pool, instructor, signed)).validUntil).toBe('2027-03-01T00:00:00Z');
    const certificate = await certificateText(db.pool, instructor, signed);
    expect(certificate).toMatchObject({ name: 'Learner 1', until: '2027-03-01', takenBack: null });
    const pdf = await drawCertificate({ certificate, paper: 'a4' });
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    const path = await makeCalendar(instructor, NOW);
    const feed = await calendarOf(path.split('/').at(-1)!, NOW);
    const events = new ICAL.Component(ICAL.parse(feed) as never[])
      .getAllSubcomponents('vevent')
      .map((e) => new ICAL.Event(e));
    expect(events.map((e) => [e.summary, e.startDate.toString()])).toEqual([
      ['Lapses: Bowline (facing away), Learner 1', '2027-03-01'],
    ]);
  });
});
