import { whichKnot } from '@/server/knots-which';
import { memberOrFirstPage } from '@/server/page';
import { Which } from '@/ui/knots/which/Which';

export const metadata = { title: 'Which knot? · Vast Cleat' };

type Asked = Promise<Record<string, string | string[] | undefined>>;

export default async function Page({ searchParams }: { searchParams: Asked }) {
  await memberOrFirstPage();
  return <Which asked={whichKnot(await searchParams)} />;
}
