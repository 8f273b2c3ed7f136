import type { Gear } from '@/core/gear/schema';
import type { GearState } from '@/core/gear/history';
import { ratingsOf } from '@/core/gear/rating';
import type { Strength } from '@/core/securement/schema';
import { bare } from '@/core/working/working';

/** A rope of the locker and how it stands. */
export interface Standing {
  readonly document: Gear;
  readonly standing: GearState;
}

/**
 * The one figure a list shows: rope straight by the crew's school, everything else by its marking, or the table when
 * nothing is marked. Retired and set-aside gear carries nothing.
 */
export function wllOf({ document: gear, standing }: Standing, strength: Strength): number | null {
  if (standing.state !== 'in-service') return 0;
  const ratings = ratingsOf(bare, gear, standing, { ...strength, knot: 'bowline' });
  const by = (school: string): number | null =>
    ratings.find((r) => r.school === school)?.wll ?? null;
  return gear.item.kind === 'rope' ? by(strength.school) : (by('marking') ?? by('us-table'));
}
