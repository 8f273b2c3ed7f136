/** Forty phones in one talk: every answer counts once, a killed server loses none, and who is in comes back where they were. */
import { chmodSync, mkdtempSync } from 'node:fs';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { TALK_API } from '@/server/api/talk-endpoints';
import { clear, freePort, Running, until } from '../support/running';

const PHONES = 40;
const place = mkdtempSync('/var/tmp/vast-cleat-talk-');
const data = path.join(place, 'data');
let app: Running;
let port: number;
let leader: string;
const PASSWORD = 'long enough indeed';

interface Said {
  readonly status: number;
  readonly json: Record<string, never>;
  readonly cookie: string | undefined;
}

/** Asks until there is an answer: while the server is away a phone asks again. */
const ask = (method: string, address: string, cookie = '', body?: unknown): Promise<Said> =>
  until(async () => {
    try {
      const response = await app.ask(method, `/api/v1${address}`, {
        headers: { cookie, 'content-type': 'application/json' },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      });
      if (response.status === 503) return null;
      const json = (await response.json()) as Record<string, never>;
      return {
        status: response.status,
        json,
        cookie: response.headers.get('set-cookie')?.split(';')[0],
      };
    } catch {
      return null;
    }
  });

beforeAll(async () => {
  chmodSync(place, 0o755);
  port = await freePort();
  app = await Running.start(data, port);
  const crew = { crew: 'Talks', name: 'Ina Struct', password: PASSWORD };
  leader = (await ask('POST', '/crews', '', crew)).cookie!;
});
afterAll(async () => {
  app.child.kill('SIGTERM');
  await app.ended;
  clear(data);
});

const wallOf = (id: string) =>
  ask('GET', `/talks/${id}`, leader).then((r) => TALK_API.talkWall.answers.parse(r.json));
const seenBy = (phone: string) =>
  ask('GET', '/talk', phone).then((r) => TALK_API.talkNow.answers.parse(r.json));
type Seen = Awaited<ReturnType<typeof seenBy>>;

/** The nth of the answers there are to choose from. */
function answerTo({ asked, item }: Seen, nth: number): { item: number; answer: unknown } {
  if (asked?.ask !== 'name' && asked?.ask !== 'choose') throw new Error('a choice was to be asked');
  const pick = asked.options[nth % asked.options.length]!.id;
  return { item: item!, answer: { ask: asked.ask, number: asked.number, pick } };
}

describe('forty phones', () => {
  it('join, answer, are cut off by a killed server, and come back; every answer is counted once, and the record names all', async () => {
    const drills = ['name/overhand/plain', 'name/bowline/facing-away'];
    const { id, code } = TALK_API.beginTalk.answers.parse(
      (await ask('POST', '/talks', leader, { drills })).json,
    );
    const phones = await Promise.all(
      Array.from({ length: PHONES }, (_, i) =>
        ask('POST', '/talk/join', '', { code, name: `Hand ${i + 1}` }).then((r) => r.cookie!),
      ),
    );
    const step = async (item: number, shown: boolean) => {
      const { version } = await wallOf(id);
      expect(
        (await ask('POST', `/talks/${id}/step`, leader, { version, item, shown })).status,
      ).toBe(200);
    };
    const answer = async (phone: string, nth: number): Promise<number> =>
      (await ask('POST', '/talk/answers', phone, answerTo(await seenBy(phone), nth))).status;

    await step(0, false);
    // All at once, each twice: what is sent again counts no second time.
    const first = await Promise.all(phones.flatMap((p, i) => [answer(p, i), answer(p, i)]));
    expect(first).toEqual(Array(2 * PHONES).fill(200));
    expect(await wallOf(id)).toMatchObject({ people: PHONES, answered: PHONES });

    await step(0, true);
    const spread = (await wallOf(id)).spread!;
    // Forty phones over four names.
    expect(spread.map((s) => s.count)).toEqual([10, 10, 10, 10]);

    await step(1, false);
    await Promise.all(phones.slice(0, 15).map((p, i) => answer(p, i)));
    const rest = phones.slice(15).map((p, i) => answer(p, 15 + i));
    process.kill(app.application, 'SIGKILL');
    await app.ended;
    app = await Running.start(data, port);
    expect(await Promise.all(rest)).toEqual(Array(PHONES - 15).fill(200));
    const seen = await Promise.all(phones.map(seenBy));
    expect(seen.every((s) => s.at === 'asked' && s.answered && s.item === 1)).toBe(true);
    expect(seen.map((s) => s.name)).toEqual(phones.map((_, i) => `Hand ${i + 1}`));
    expect(await wallOf(id)).toMatchObject({ people: PHONES, answered: PHONES });

    const stranger = await Promise.all([
      ask('GET', '/talk'),
      ask('GET', '/talk', 'vc_talk=guessed'),
      ask('GET', `/talks/${id}`),
      ask('POST', '/talk/answers', '', answerTo(seen[0]!, 0)),
    ]);
    expect(stranger.map((s) => s.status)).toEqual([401, 401, 401, 401]);

    const record = TALK_API.signTalk.answers.parse(
      (await ask('POST', `/talks/${id}/record`, leader, { password: PASSWORD })).json,
    );
    expect(record.body.people.map((p) => p.name).toSorted()).toEqual(
      phones.map((_, i) => `Hand ${i + 1}`).toSorted(),
    );
    expect(record.body.questions.map((q) => [q.answered, q.right])).toEqual([
      [PHONES, 10],
      [PHONES, 10],
    ]);
  });
});
