'use client';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import styled from 'styled-components';

const Bar = styled.p`
  padding: 8px 20px;
  border-bottom: var(--w-rule) solid var(--ink);
  background: repeating-linear-gradient(135deg, var(--sunk) 0 10px, var(--canvas) 10px 20px);
  font: 600 15px/1.3 var(--font-figure);
  & > span {
    display: inline-block;
    background: var(--canvas);
    padding: 2px 6px;
  }
  @media print {
    display: none;
  }
`;

const AGAIN_MS = 10_000;

/** Whether the page may have come out of what is kept on the device: then it is asked whether there is a network. */
const mayBeKept = (): boolean =>
  !navigator.onLine ||
  ('serviceWorker' in navigator && navigator.serviceWorker.controller !== null);

/** Whether the server answers, whatever it says. */
async function answers(): Promise<boolean> {
  try {
    await fetch('/api/v1/health/live', { cache: 'no-store' });
    return true;
  } catch {
    return false;
  }
}

const when = (at: number): string =>
  new Date(at).toLocaleString('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' });

/** Whether there is no network; while there is none it is asked now and then. What is shown is fetched anew when there is one again. */
function useAway(): boolean {
  const router = useRouter();
  const [away, setAway] = useState(false);
  useEffect(() => {
    const lost = (): void => setAway(true);
    const look = async (): Promise<void> => setAway(!(await answers()));
    const found = (): void => void look();
    window.addEventListener('offline', lost);
    window.addEventListener('online', found);
    if (mayBeKept()) void look();
    return () => {
      window.removeEventListener('offline', lost);
      window.removeEventListener('online', found);
    };
  }, []);
  useEffect(() => {
    if (!away) return;
    const timer = setInterval(() => {
      void answers().then((yes) => {
        if (!yes) return;
        setAway(false);
        router.refresh();
      });
    }, AGAIN_MS);
    return () => clearInterval(timer);
  }, [away, router]);
  return away;
}

/** Says that there is no network, and how old what is shown is: a rope may have been retired since. */
export function NoNetwork({ servedAt }: { servedAt: number }) {
  const away = useAway();
  return away ? (
    <Bar role="status" data-no-network>
      <span>
        No network. What you see is as it was on {when(servedAt)}: ropes and plans may have changed
        since. What you record is kept here and sent by itself.
      </span>
    </Bar>
  ) : null;
}
