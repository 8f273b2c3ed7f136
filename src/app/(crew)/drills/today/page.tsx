import { z } from 'zod';
import { UNIT_CHOICES } from '@/core/units';
import { pool } from '@/db/pool';
import type { Address } from '@/server/asked';
import { PRACTICE_LISTED } from '@/server/drills/room';
import { nextAsked } from '@/server/drills/today';
import { memberOrFirstPage } from '@/server/page';
import { Session } from '@/ui/drills/Session';

export const metadata = { title: 'Today’s drills · Vast Cleat' };

const whole = (most: number, otherwise: number) =>
  z.coerce.number().int().min(0).max(most).catch(otherwise);
const ADDRESS = z.object({ of: whole(100, 10), done: whole(100, 0) });

export default async function Page({ searchParams }: { searchParams: Promise<Address> }) {
  const member = await memberOrFirstPage();
  const { of, done } = ADDRESS.parse(await searchParams);
  const { asked, counts } = await nextAsked(
    pool(),
    member,
    UNIT_CHOICES[member.units],
    new Date(),
    Math.random,
  );
  return (
    <Session
      key={`${done}/${asked?.number}`}
      asked={asked}
      counts={counts}
      kinds={PRACTICE_LISTED}
      done={done}
      of={of}
    />
  );
}
