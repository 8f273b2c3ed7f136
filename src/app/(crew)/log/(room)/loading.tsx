import { Notice } from '@/ui/frame/Notice';

/** While the room is fetched: the rail stays, and something says that it is coming. */
export default function Loading() {
  return <Notice title="One moment" />;
}
