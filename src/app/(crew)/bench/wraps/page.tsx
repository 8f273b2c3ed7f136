import { memberOrFirstPage } from '@/server/page';
import { WrapsRoom } from '@/ui/bench/WrapsRoom';

export const metadata = { title: 'Wraps · Vast Cleat' };

export default async function WrapsPage() {
  await memberOrFirstPage();
  return <WrapsRoom />;
}
