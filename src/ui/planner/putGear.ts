import { ropeOf } from '@/core/gear/rating';
import type { LineElement } from '@/core/line/schema';
import type { LockerItem } from '../locker/useLockerList';

/** An element with a thing of the locker put in its place: what the label says, how it stands, how much there is. */
export function withGear(element: LineElement, item: LockerItem): LineElement | null {
  const { document: gear, standing } = item;
  if (element.kind === 'rope' && gear.item.kind === 'rope') {
    return {
      ...element,
      gearId: item.id,
      lengthM: standing.remainingM,
      rope: {
        ...ropeOf(gear.item, gear.code, standing),
        weather: element.rope.weather,
        doubled: element.rope.doubled,
      },
    };
  }
  if (element.kind === 'webbing' && gear.item.kind === 'webbing')
    return {
      ...element,
      gearId: item.id,
      tag: gear.code,
      widthM: gear.item.widthM,
      markedWllN: gear.item.markedWllN,
    };
  if (element.kind === 'chain' && gear.item.kind === 'chain')
    return {
      ...element,
      gearId: item.id,
      tag: gear.code,
      grade: gear.item.grade,
      sizeM: gear.item.sizeM,
      markedWllN: gear.item.markedWllN,
    };
  const { item: made } = gear;
  if (
    made.kind === 'hardware' &&
    (element.kind === 'ratchet' || element.kind === 'binder' || element.kind === 'fitting')
  ) {
    const fits =
      element.kind === 'fitting'
        ? !['ratchet', 'binder', 'rail', 'stake'].includes(made.form)
        : made.form === element.kind;
    const rating =
      made.markedWllN === null
        ? { state: 'unrated' as const }
        : { state: 'rated' as const, wllN: made.markedWllN };
    return fits ? { ...element, gearId: item.id, tag: gear.code, rating } : null;
  }
  return null;
}

/** Why a thing may not be put on a line, or null. */
export const refusal = ({ document: gear, standing }: LockerItem): string | null =>
  standing.state === 'retired'
    ? `${gear.code} is retired. Take another.`
    : standing.state === 'set-aside'
      ? `${gear.code} is set aside. Cut its damage out first.`
      : null;
