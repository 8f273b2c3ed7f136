/** How long the page is kept from answering a key, unless a single step takes longer. */
const TURN_MS = 5;

/**
 * Takes the steps of a computation turn by turn, so that the page has its own turns in between. `failed` is told what a
 * step threw. @returns what ends it early.
 */
export function inTurns<T>(
  steps: Generator<void, T>,
  done: (result: T) => void,
  failed: (error: unknown) => void,
): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const turn = (): void => {
    const until = performance.now() + TURN_MS;
    let step: IteratorResult<void, T>;
    try {
      do step = steps.next();
      while (!step.done && performance.now() < until);
    } catch (error) {
      failed(error);
      return;
    }
    if (step.done) done(step.value);
    else timer = setTimeout(turn);
  };
  timer = setTimeout(turn);
  return () => clearTimeout(timer);
}
