/**
 * A computation that stops between its steps, so that where it runs something else may have its turn. This takes all of
 * them at once.
 */
export function allAtOnce<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
