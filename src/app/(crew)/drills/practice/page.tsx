import { UNIT_CHOICES } from '@/core/units';
import type { Address } from '@/server/asked';
import { practice } from '@/server/drills/questions';
import { PRACTICE_LISTED } from '@/server/drills/room';
import { memberOrFirstPage } from '@/server/page';
import { Practice } from '@/ui/drills/Practice';

export const metadata = { title: 'Practice · Vast Cleat' };

export default async function Page({ searchParams }: { searchParams: Promise<Address> }) {
  const { units } = await memberOrFirstPage();
  const { asked, next } = await practice(await searchParams, UNIT_CHOICES[units], Math.random);
  return (
    <Practice
      key={`${asked.ask}/${asked.title}/${asked.number}`}
      asked={asked}
      next={next}
      kinds={PRACTICE_LISTED}
    />
  );
}
