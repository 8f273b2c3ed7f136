/** In the page: counts what is asked of the server and not answered yet, as `asked.open`. */
export function countAsked(): void {
  const asked = { open: 0, quiet: 0 };
  const ask = window.fetch.bind(window);
  /** A page that might be wanted next is fetched ahead: it moves nothing on this one. */
  const isAhead = (init: RequestInit | undefined): boolean =>
    [...new Headers(init?.headers).keys()].some((name) => name.includes('prefetch'));
  const closed = (): void => {
    asked.open -= 1;
  };
  Object.assign(window, { asked });
  window.fetch = (...request) => {
    if (isAhead(request[1])) return ask(...request);
    asked.open += 1;
    const answer = ask(...request);
    answer.then(closed, closed);
    return answer;
  };
}
