import type { GearItem } from '../../gear/schema';
import { CONDITION_FACTORS } from '../../rope/condition';
import type { ElementKindId, ElementOf, Rating } from '../schema';
import type { GearFit, GearNow } from './kind';

/** Markings of made gear as a plan counts them: its own figure, or what a table gives by its size. */
export interface Marked {
  readonly wllN: number | null;
  /** What its table goes by; null: no table. */
  readonly sizeM: number | null;
  readonly grade: string | null;
}

/** Whether the locker now says less of webbing, chain or hardware than the plan counts with: doubtful, label corrected or gone. */
export function lessMarked(planned: Marked, now: Marked, { state }: GearNow): boolean {
  const less = planned.wllN !== null && (now.wllN === null || now.wllN < planned.wllN * (1 - 1e-9));
  // Where the plan goes by the table, it is the size and the grade that must not have become less.
  const byTable = planned.wllN === null;
  const smaller =
    byTable && planned.sizeM !== null && (now.sizeM === null || now.sizeM < planned.sizeM - 1e-9);
  const otherGrade = byTable && planned.grade !== null && now.grade !== planned.grade;
  return (
    less ||
    smaller ||
    otherGrade ||
    CONDITION_FACTORS[state.condition] <= CONDITION_FACTORS.doubtful
  );
}

/** An element made in a works and marked there. */
type MarkedHardware = {
  [K in ElementKindId]: ElementOf<K> extends { rating: Rating; tag: string; gearId: string | null }
    ? K
    : never;
}[ElementKindId];

/** Hardware of the locker: goes by its marking. `takes`: which forms of hardware may stand here. */
export const hardwareGear = <K extends MarkedHardware>(
  takes: (form: Extract<GearItem, { kind: 'hardware' }>['form']) => boolean,
): GearFit<K> => ({
  item: 'hardware',
  worse(element, now) {
    const { rating }: { rating: Rating } = element as ElementOf<MarkedHardware>;
    const wllN = rating.state === 'rated' ? rating.wllN : null;
    const byMarking = (marked: number | null): Marked => ({
      wllN: marked,
      sizeM: null,
      grade: null,
    });
    return lessMarked(byMarking(wllN), byMarking(now.gear.item.markedWllN), now);
  },
  taken(element, { gear: { item, code } }) {
    if (item.kind !== 'hardware' || !takes(item.form)) return null;
    const rating: Rating =
      item.markedWllN === null ? { state: 'unrated' } : { state: 'rated', wllN: item.markedWllN };
    return { ...element, tag: code, rating };
  },
  another: (element) => ({ ...element, tag: '' }),
});
