import { daysLater, monthsLater } from '../../gear/due';

/** A sign-off as far as it says how somebody stands. */
export interface SignedOff {
  /** ISO day. */
  readonly signedOn: string;
  /** When it was taken back, or null. */
  readonly revokedOn: string | null;
}

/** Current; current, but lapsing soon; lapsed; taken back; never signed. Only the first two count. */
export const STANDINGS = ['current', 'lapsing', 'lapsed', 'revoked', 'missing'] as const;
export type StandingState = (typeof STANDINGS)[number];

export interface SkillStanding {
  readonly state: StandingState;
  /** ISO day until which it is, or was, current, that day not included; null where it never was or was taken back. */
  readonly until: string | null;
}

/** So many days before it lapses it is said; proposed default, no source. */
const SOON_DAYS = 30;

/**
 * How somebody stands in a skill by what was signed last. What was taken back is not made good by an older signature: whoever
 * took it back looked at how it is done now.
 * @param last the newest sign-off, or null
 * @param months how long one is good for in this crew
 * @param today ISO day
 */
export function standingIn(last: SignedOff | null, months: number, today: string): SkillStanding {
  if (!last) return { state: 'missing', until: null };
  if (last.revokedOn !== null) return { state: 'revoked', until: null };
  const until = monthsLater(last.signedOn, months);
  if (today >= until) return { state: 'lapsed', until };
  return { state: daysLater(today, SOON_DAYS) >= until ? 'lapsing' : 'current', until };
}

/** Whether somebody may be counted on for it. */
export const counts = ({ state }: Pick<SkillStanding, 'state'>): boolean =>
  state === 'current' || state === 'lapsing';
