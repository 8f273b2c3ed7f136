'use client';
import { Notice } from './Notice';

/** Something broke on our side: say so, say what is kept, offer the way back. In plain elements, which cannot break as well. */
export function Broken({ reset }: { reset: () => void }) {
  return (
    <Notice title="Something broke here">
      <p>What was saved is safe. Try again; if it stays broken, reload the page.</p>
      <p><button type="button" onClick={reset} style={{ font: 'inherit', minHeight: 44, padding: '0 16px' }}>Try again</button></p>
    </Notice>
  );
}
