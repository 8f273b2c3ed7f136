'use client';

/** Even the frame of all pages is broken: plain words in plain elements, nothing that could break as well. */
export default function GlobalError({ reset }: { reset: () => void }) {
  return (
    <html lang="en">
      <body>
        <main>
          <h1>Something broke here</h1>
          <p>What was saved is safe. Try again; if it stays broken, reload the page.</p>
          <p>
            <button type="button" onClick={reset}>
              Try again
            </button>
          </p>
        </main>
      </body>
    </html>
  );
}
