import { TalkPhone } from '@/ui/talk/TalkPhone';

export const metadata = { title: 'Toolbox talk · Vast Cleat' };

/** A talk on a phone: open to whoever has its code. */
export default function Page() {
  return <TalkPhone />;
}
