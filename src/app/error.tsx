'use client';

/** Something broke on our side: say so, say what is kept, offer the way back. */
export default function Broken({ reset }: { reset: () => void }) {
  return (
    <main style={{ padding: 32 }}>
      <h1>Something broke here</h1>
      <p>What was saved is safe. Try again; if it stays broken, reload the page.</p>
      <p><button type="button" onClick={reset}>Try again</button></p>
    </main>
  );
}
