import { RECKONING_IDS } from '@/core/training/reckoning/kinds';
import { ASKS } from '@/core/training/schedule/drill-ids';
import { ASK_TITLES, RECKONING_TITLES } from '@/wording/training';

/** What can be practised, for the room's list: every manner of asking, the reckonings by kind. */
export const PRACTICE_LISTED = [
  ...ASKS.filter((ask) => ask !== 'reckon').map((ask) => ({
    id: ask as string,
    title: ASK_TITLES[ask],
    href: `/drills/practice?ask=${ask}`,
  })),
  ...RECKONING_IDS.map((id) => ({
    id: id as string,
    title: RECKONING_TITLES[id],
    href: `/drills/practice?ask=reckon&kind=${id}`,
  })),
];

const DAY_MS = 86_400_000;
const WEEKDAY = new Intl.DateTimeFormat('en', { weekday: 'short', timeZone: 'UTC' });

/** Names of the coming days, the first of them today. */
export const dayNames = (now: Date, days: number): string[] =>
  Array.from({ length: days }, (_, i) =>
    i === 0 ? 'today' : WEEKDAY.format(new Date(now.getTime() + i * DAY_MS)),
  );
