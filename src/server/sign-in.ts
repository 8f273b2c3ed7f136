import type { Database } from '@/db/pool';
import { type Member, memberBySignInName, signInKey } from '@/db/queries/members';
import {
  countAttempt,
  forgetAttempts,
  isKnownDevice,
  type Patience,
  takeBackAttempt,
} from '@/db/queries/sign-in';
import { waitFor } from './limiter';
import { matches } from './passwords';
import { Refusal, refuse } from './problem';
import { tokenHash } from './session';

/**
 * Wrong passwords make the next one wait, longer each time. They are counted by account and by address; on a device
 * where the account was signed in before they are counted for that device alone, so that nobody can shut the owner out.
 */
export const PATIENCE: Readonly<Record<'account' | 'device' | 'address', Patience>> = {
  account: { free: 5, mostSeconds: 900 },
  device: { free: 5, mostSeconds: 900 },
  // A whole yard may share one address.
  address: { free: 30, mostSeconds: 900 },
};

async function keysOf(
  db: Database,
  name: string,
  who: string,
  device: string | undefined,
): Promise<readonly (readonly [key: string, patience: Patience])[]> {
  const account = signInKey(name);
  const known = device ? await isKnownDevice(db, tokenHash(device), account) : false;
  return known
    ? [[`device:${tokenHash(device!).toString('hex')}:${account}`, PATIENCE.device]]
    : [
        [`account:${account}`, PATIENCE.account],
        [`address:${who}`, PATIENCE.address],
      ];
}

/**
 * The member who signs in by this name with this password. `device`: the token of the device, when it has one.
 * @throws Refusal 401 `sign-in-wrong`; 429 with the seconds to wait; 503 when too many passwords wait to be looked at
 */
export async function signIn(
  db: Database,
  { name, password }: { name: string; password: string },
  who: string,
  device: string | undefined,
): Promise<string> {
  const keys = await keysOf(db, name, who, device);
  for (const [key, patience] of keys) {
    const seconds = await countAttempt(db, key, patience);
    if (seconds > 0) throw waitFor(seconds);
  }
  const member = await memberBySignInName(db, name);
  if (!(await matches(member?.passwordHash ?? null, password))) throw refuse(401, 'sign-in-wrong');
  for (const [key] of keys)
    await (key.startsWith('address:') ? takeBackAttempt(db, key) : forgetAttempts(db, key));
  return member!.id;
}

/** Makes sure that who is signed in also knows the password, before something is signed. @throws Refusal 422 where it is wrong; 429 after too many */
export async function checkOwnPassword(
  db: Database,
  { signInName, id }: Member,
  password: string,
  who: string,
  device: string | undefined,
): Promise<void> {
  try {
    if ((await signIn(db, { name: signInName, password }, who, device)) === id) return;
  } catch (error) {
    if (!(error instanceof Refusal) || error.status !== 401) throw error;
  }
  throw refuse(422, 'password-wrong', {}, ['password']);
}
