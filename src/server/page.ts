import { cookies } from 'next/headers';
import { notFound, redirect } from 'next/navigation';
import { z } from 'zod';
import { type Database, NotFoundError, pool } from '@/db/pool';
import { UnreadableError } from '@/db/unreadable';
import type { Member } from '@/db/queries/members';
import { type Theme, THEME_COOKIE, THEMES } from '@/wording/themes';
import type { Address } from './asked';
import { Refusal } from './problem';
import { memberOfToken, SESSION_COOKIE } from './session';

/** The theme of the cookie; Shade unless it says otherwise. */
export async function wantedTheme(): Promise<Theme> {
  const wanted = (await cookies()).get(THEME_COOKIE)?.value;
  return THEMES.find((t) => t === wanted) ?? 'shade';
}

/** What stands behind the question mark of a page; what is said twice counts once. */
export const searchOf = (asked: Address): URLSearchParams =>
  new URLSearchParams(
    Object.entries(asked).flatMap(([key, value]) => {
      const one = Array.isArray(value) ? value[0] : value;
      return one === undefined ? [] : [[key, one]];
    }),
  );

/** The member who is looking at a page, or null. */
export async function currentMember(): Promise<Member | null> {
  const token = (await cookies()).get(SESSION_COOKIE)?.value;
  return (await memberOfToken(pool(), token, new Date()))?.member ?? null;
}

/** The same for pages that need a crew: sends everybody else to the first page. */
export async function memberOrFirstPage(): Promise<Member> {
  return (await currentMember()) ?? redirect('/');
}

type Kind = 'plan' | 'rigging' | 'gear' | 'deck' | 'course';

/** A stored document of the member's crew for a page; one that is not there, or cannot be read, shows the page for that. */
export async function storedOrNotFound<D>(
  kind: Kind,
  id: string,
  byId: (db: Database, crewId: string, id: string) => Promise<D>,
): Promise<D> {
  await memberOrFirstPage();
  if (!z.uuid().safeParse(id).success) notFound();
  return shownOrNotFound(kind, id, (db, crewId) => byId(db, crewId, id));
}

/** What a page shows of a document of the member's crew; where that is not there, or cannot be read, the page for that. */
export async function shownOrNotFound<D>(
  kind: Kind,
  id: string | null,
  made: (db: Database, crewId: string) => Promise<D>,
): Promise<D> {
  const member = await memberOrFirstPage();
  try {
    return await made(pool(), member.crewId);
  } catch (error) {
    // An address that asks for what cannot be asked leads nowhere either.
    if (error instanceof NotFoundError || error instanceof Refusal) notFound();
    if (error instanceof UnreadableError) redirect(`/unreadable?kind=${kind}&id=${id}`);
    throw error;
  }
}
