'use client';

function Missing() {
  return (
    <p role="alert">
      This part could not be fetched. What you typed is safe; reload the page when there is a
      connection.
    </p>
  );
}

/** A part that a page fetches on demand. Where it cannot be fetched it says so in its place, and the rest of the page goes on. */
export const orMissing = <C,>(part: Promise<C>): Promise<C> => part.catch(() => Missing as C);

/** The same for a part that shows nothing by itself: without it the page goes on in silence. */
export const orNothing = <C,>(part: Promise<C>): Promise<C> => part.catch(() => (() => null) as C);
