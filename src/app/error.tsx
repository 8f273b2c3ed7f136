'use client';
import { Broken } from '@/ui/frame/Broken';

export default function ErrorPage({ reset }: { reset: () => void }) {
  return (
    <main>
      <Broken reset={reset} />
    </main>
  );
}
