'use client';
import { Broken } from '@/ui/frame/Broken';

/** Even the frame of all pages is broken: plain words in plain elements, nothing that could break as well. */
export default function GlobalError({ reset }: { reset: () => void }) {
  return (
    <html lang="en">
      <body>
        <main>
          <Broken reset={reset} />
        </main>
      </body>
    </html>
  );
}
