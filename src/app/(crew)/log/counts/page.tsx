import { pool } from '@/db/pool';
import type { Address } from '@/server/asked';
import { countsOf } from '@/server/log-book/counts';
import { countedDays } from '@/server/log-book/query';
import { memberOrFirstPage, searchOf } from '@/server/page';
import { Refusal } from '@/server/problem';
import { CountsPage } from '@/ui/log/CountsPage';

export const metadata = { title: 'What the log comes to · Vast Cleat' };

interface Props {
  readonly searchParams: Promise<Address>;
}

/** Days out of the address; what is no span of days shows the season. */
function daysOf(search: URLSearchParams, now: Date) {
  try {
    return countedDays(search, now);
  } catch (error) {
    if (error instanceof Refusal) return countedDays(new URLSearchParams(), now);
    throw error;
  }
}

export default async function LogCounts({ searchParams }: Props) {
  const member = await memberOrFirstPage();
  const days = daysOf(searchOf(await searchParams), new Date());
  return <CountsPage counts={await countsOf(pool(), member.crewId, days)} />;
}
