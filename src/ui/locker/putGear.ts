import { kindOf } from '@/core/line/elements';
import type { LineElement } from '@/core/line/schema';
import type { LockerItem } from './useLockerList';

/** An element with a thing of the locker put in its place: what the label says, how it stands, how much there is. */
export function withGear(element: LineElement, item: LockerItem): LineElement | null {
  const { document: gear, standing } = item;
  const fit = kindOf(element).gear;
  const taken = fit?.taken(element, { gear, state: standing }, standing.remainingM) ?? null;
  return taken && ({ ...taken, gearId: item.id } as LineElement);
}

/** Why a thing may not be put on a line, or null. */
export const refusal = ({ document: gear, standing }: LockerItem): string | null =>
  standing.state === 'retired'
    ? `${gear.code} is retired. Take another.`
    : standing.state === 'set-aside'
      ? `${gear.code} is set aside. Cut its damage out first.`
      : null;
