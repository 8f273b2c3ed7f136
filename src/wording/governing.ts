import type { StaticsRow } from '@/core/securement/hold/opinion';
import type { Plan } from '@/core/securement/plan';
import type { Direction } from '@/core/securement/vocabulary';
import type { Governor, Governs } from '@/core/training/governing/governing';
import { formatQuantity, type UnitChoice } from '@/core/units';
import { wordValue } from './figures';
import { mechanismClause } from './mechanism';
import { capital } from './text';

/** What pushes a load one way. */
const PUSHED: Record<Direction, string> = {
  forward: 'The brakes go on: the load is pushed forward.',
  rearward: 'It drives off hard: the load is pushed to the rear.',
  left: 'It goes through a right-hand bend: the load is pushed to the left.',
  right: 'It goes through a left-hand bend: the load is pushed to the right.',
};

/** What governs, as a thing to learn. */
export const GOVERNS_WORDS: Record<Governs, string> = {
  line: 'one line',
  board: 'the headboard',
  friction: 'friction alone',
  weight: 'its own weight',
};

const lineWords = (lineId: string): string => `Line ${lineId.slice(1)}`;

/** What governs, as it is said. */
export function governorWords(governor: Governor): string {
  switch (governor) {
    case 'board':
      return 'The headboard';
    case 'friction':
      return 'Friction alone';
    case 'weight':
      return 'Its own weight: it tips';
    default:
      return lineWords(governor);
  }
}

/** What is told of a deck of which is asked what governs. */
export function governingFacts(
  plan: Plan,
  direction: Direction,
  units: UnitChoice,
): { readonly pushed: string; readonly load: string; readonly lines: readonly string[] } {
  const [unit] = plan.units;
  const { capacityN } = plan.deck.boards.forward;
  const board =
    unit!.against.includes('forward') && capacityN !== null
      ? ` It stands against the headboard, which bears ${formatQuantity(capacityN, 'force', units)}.`
      : '';
  const height = formatQuantity(unit!.heightM, 'length', units);
  return {
    pushed: PUSHED[direction],
    load: `${capital(unit!.name)}, ${formatQuantity(unit!.massKg!, 'mass', units)}, ${height} high.${board}`,
    lines: plan.lines.map((line) => {
      const web = line.elements.find((e) => e.kind === 'webbing');
      const label = wordValue(web?.markedWllN ?? null, 'N', units, 'capacity');
      const [point] = line.points;
      return `from a ring to a lug ${formatQuantity(point!.heightM, 'length', units)} up, label ${label}`;
    }),
  };
}

/** Why it governs: how the load gives way, and what each thing adds to what is held. */
export function governingSays(
  { mechanism, holding }: Pick<StaticsRow, 'mechanism' | 'holding'>,
  answer: Governor,
  units: UnitChoice,
): string[] {
  const gives = mechanism ? `It gives way so: ${mechanismClause(mechanism)}.` : '';
  const adds = holding.map(
    ({ lineId, partG }) =>
      `${lineId === undefined ? 'The headboard' : lineWords(lineId)} adds ${wordValue(partG, 'g', units, 'capacity')}.`,
  );
  return [
    gives,
    ...adds,
    answer === 'friction' || answer === 'weight'
      ? 'A stronger line changes nothing: it wants one that pulls against that motion.'
      : 'Made stronger it would hold more; anything else made stronger would change little or nothing.',
  ].filter((s) => s !== '');
}
