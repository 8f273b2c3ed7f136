'use client';
import { Button } from '../kit/Button';
import { Notice } from './Notice';

/** Something broke on our side: say so, say what is kept, offer the way back. */
export function Broken({ reset }: { reset: () => void }) {
  return (
    <Notice title="Something broke here">
      <p>What was saved is safe. Try again; if it stays broken, reload the page.</p>
      <Button $kind="primary" onPress={reset}>
        Try again
      </Button>
    </Notice>
  );
}
