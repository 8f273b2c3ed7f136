import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { insertMember, memberBySignInName, signInKey, signInNameOf } from '@/db/queries/members';
import { isKnownDevice } from '@/db/queries/sign-in';
import { hashPassword } from '@/server/passwords';
import { enter, newToken, tokenHash } from '@/server/session';
import { PATIENCE, signIn } from '@/server/sign-in';
import { crewWith, freshDatabase } from '../support/database';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let crewId: string;
let passwordHash: string;
const PASSWORD = 'a good long one';
const now = new Date();

beforeAll(async () => {
  db = await freshDatabase();
  ({ crewId } = await crewWith(db.pool, 'Yard'));
  passwordHash = await hashPassword(PASSWORD);
});
afterAll(() => db.close());

const person = (name: string, signInName?: string, crew = crewId): Promise<string> =>
  insertMember(db.pool, crew, { name, role: 'hand', passwordHash, signInName });
const attempt = (name: string, password: string, who = '192.0.2.1', device?: string) =>
  signIn(db.pool, { name, password }, who, device);
const wrong = (name: string, who?: string, device?: string) =>
  attempt(name, 'not this one', who, device).catch((e: unknown) => e as { status: number });

describe('names one signs in by', () => {
  it('two of the same name and password, in crews of their own, each come into their own', async () => {
    const other = await crewWith(db.pool, 'Mill');
    const [one, two] = [
      await person('Mara Fenn'),
      await person('Mara Fenn', undefined, other.crewId),
    ];
    const names = [await signInNameOf(db.pool, one), await signInNameOf(db.pool, two)];
    expect(names).toEqual(['mara.fenn', 'mara.fenn.2']);
    expect(await Promise.all(names.map((n) => attempt(n, PASSWORD)))).toEqual([one, two]);
  });
  it('the ninth of one name signs in like the first', async () => {
    for (let i = 0; i < 9; i++) {
      const crew = await crewWith(db.pool, `Crew ${i}`);
      const id = await person('Jon Ash', undefined, crew.crewId);
      expect(await attempt(await signInNameOf(db.pool, id), PASSWORD, `192.0.2.${10 + i}`)).toBe(
        id,
      );
    }
  });
  it('many of one name at once all get one of their own', async () => {
    const crews = await Promise.all(
      Array.from({ length: 5 }, (_, i) => crewWith(db.pool, `Same ${i}`)),
    );
    const ids = await Promise.all(crews.map((c) => person('Sam Same', undefined, c.crewId)));
    const names = await Promise.all(ids.map((id) => signInNameOf(db.pool, id)));
    expect(new Set(names).size).toBe(5);
  });
  it('case and spacing do not matter; the full name is enough where nobody else has it', async () => {
    const id = await person('Øyvind Lund-Berg');
    expect(signInKey('  ØYVIND  lund berg ')).toBe('øyvind.lund.berg');
    expect(await attempt('øyvind  LUND-berg', PASSWORD)).toBe(id);
  });
  it('a chosen name that is taken is refused, not made another', async () => {
    await person('Ada Long', 'ada');
    await expect(person('Ada Short', 'Ada')).rejects.toMatchObject({
      constraint: 'member_sign_in_name',
    });
    expect(await memberBySignInName(db.pool, 'nobody at all')).toBeNull();
  });
});

/** Puts the last wrong password ahead of all that a slow machine takes, so that nobody's wait is over. */
const waitsLong = (key: string): Promise<unknown> =>
  db.pool.query(
    `UPDATE sign_in_failure SET last_at = now() + interval '1 hour' WHERE key LIKE $1`,
    [key],
  );

describe('wrong passwords', () => {
  it('make the next one wait, longer each time; what is right meanwhile waits too', async () => {
    await person('Wim Slow', 'wim');
    for (let i = 0; i <= PATIENCE.account.free; i++)
      expect(await wrong('wim', `198.51.100.${i}`)).toMatchObject({ status: 401 });
    // The last one a while ahead, so that a slow machine does not outlast the wait.
    const last = (seconds: number, failures: number): Promise<unknown> =>
      db.pool.query(
        `UPDATE sign_in_failure SET failures = $2, last_at = now() - make_interval(secs => $1) WHERE key = 'account:wim'`,
        [seconds, failures],
      );
    await last(-60, PATIENCE.account.free + 1);
    expect(await wrong('wim', '198.51.100.99')).toMatchObject({ status: 429 });
    await expect(attempt('wim', PASSWORD, '198.51.100.98')).rejects.toMatchObject({ status: 429 });
    for (const [failures, wait] of [
      [12, 128],
      [13, 256],
      [14, 512],
      [40, 900],
    ] as const) {
      await last(wait / 2, failures);
      expect(await wrong('wim', '198.51.100.97')).toMatchObject({ status: 429 });
      await last(wait, failures);
      expect(await wrong('wim', '198.51.100.97')).toMatchObject({ status: 401 });
    }
  });
  it('many at once are counted before any of them is looked at', async () => {
    await person('Many Tries', 'many');
    const answers = await Promise.all(
      Array.from({ length: 20 }, (_, i) => wrong('many', `203.0.113.${i}`)),
    );
    const looked = answers.filter((a) => (a as { status: number }).status === 401);
    expect(looked.length).toBe(PATIENCE.account.free + 1);
  });
  it('of strangers do not shut the owner out of a device where the owner was signed in', async () => {
    const id = await person('Owner Known', 'owner');
    const device = newToken();
    await enter(db.pool, id, device, { now, secure: false });
    expect(await isKnownDevice(db.pool, tokenHash(device), 'owner')).toBe(true);
    for (let i = 0; i < 10; i++) await wrong('owner', `198.51.100.${100 + i}`);
    await waitsLong('account:owner');
    await expect(attempt('owner', PASSWORD, '198.51.100.200')).rejects.toMatchObject({
      status: 429,
    });
    expect(await attempt('owner', PASSWORD, '198.51.100.200', device)).toBe(id);
  });
  it('are counted on a known device as well', async () => {
    const id = await person('Stolen Phone', 'phone');
    const device = newToken();
    await enter(db.pool, id, device, { now, secure: false });
    for (let i = 0; i <= PATIENCE.device.free; i++) await wrong('phone', '192.0.2.77', device);
    await waitsLong('device:%:phone');
    expect(await wrong('phone', '192.0.2.77', device)).toMatchObject({ status: 429 });
  });
  it('at one address stop it from trying one account after the other', async () => {
    for (let i = 0; i <= PATIENCE.address.free; i++)
      expect(await wrong(`guess${i}`, '192.0.2.250')).toMatchObject({ status: 401 });
    await waitsLong('address:192.0.2.250');
    expect(await wrong('guess', '192.0.2.250')).toMatchObject({ status: 429 });
  });
  it('are forgotten for an account whose password was right', async () => {
    const id = await person('Last Try', 'last');
    for (let i = 0; i < 4; i++) await wrong('last', '192.0.2.60');
    expect(await attempt('last', PASSWORD, '192.0.2.60')).toBe(id);
    for (let i = 0; i <= PATIENCE.account.free; i++)
      expect(await wrong('last', '192.0.2.61')).toMatchObject({ status: 401 });
  });
});
