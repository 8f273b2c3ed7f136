import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { create } from 'qrcode';
import { z } from 'zod';
import { NotFoundError, pool } from '@/db/pool';
import { talkById } from '@/db/queries/talks';
import { addressOfTalk, isLoopback, originOf } from '@/server/addresses';
import { SECURE_HEADER } from '@/server/front/headers';
import { memberOrFirstPage } from '@/server/page';
import { may } from '@/server/permissions';
import { talkWall } from '@/server/talk/leading';
import { TalkWall } from '@/ui/talk/TalkWall';

export const metadata = { title: 'Toolbox talk · Vast Cleat' };

/** A code to be photographed, as the strokes of its rows. */
function qrOf(text: string): { path: string; size: number } {
  const { size, data } = create(text, { errorCorrectionLevel: 'M' }).modules;
  const dark = [...data.keys()].filter((i) => data[i]);
  const path = dark.map((i) => `M${i % size} ${Math.floor(i / size) + 0.5}h1`).join('');
  return { path, size };
}

async function wallOf(crewId: string, id: string) {
  if (!z.uuid().safeParse(id).success) notFound();
  try {
    return await talkWall(pool(), await talkById(pool(), crewId, id));
  } catch (error) {
    if (error instanceof NotFoundError) notFound();
    throw error;
  }
}

/** A talk on the big screen. */
export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { crewId, role } = await memberOrFirstPage();
  if (!may(role, 'talk.lead')) notFound();
  const wall = await wallOf(crewId, (await params).id);
  const sent = await headers();
  const origin = originOf(sent.get('host'), sent.get(SECURE_HEADER) === 'yes');
  const address = addressOfTalk(origin, wall.code);
  return (
    <TalkWall
      key={wall.id}
      wall={wall}
      address={address}
      qr={qrOf(address)}
      reachable={!isLoopback(origin)}
    />
  );
}
