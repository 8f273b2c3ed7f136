import { refuse } from './problem';

/** What stands behind the question mark of a page's address, as the framework hands it over. */
export type Address = Readonly<Record<string, string | string[] | undefined>>;

/** What an address says first under a name; null where it says nothing. */
export const saidFirst = (address: Address, key: string): string | null =>
  [address[key] ?? []].flat()[0] ?? null;

/** One of several that a request asks for by name; the first where it asks for none. @throws Refusal 422 for any other */
export function choiceAsked<T extends string>(
  request: Request,
  key: string,
  choices: readonly [T, ...T[]],
): T {
  const said = new URL(request.url).searchParams.get(key) ?? choices[0];
  const found = choices.find((c) => c === said);
  if (found === undefined)
    throw refuse(422, 'invalid-value', { choices: choices.join(', ') }, [key]);
  return found;
}

/** One of several words in an address; null where none is asked for. @throws Refusal 422 for another */
export function oneOf<T extends string>(
  search: URLSearchParams,
  name: string,
  choices: readonly T[],
): T | null {
  const asked = search.get(name);
  if (asked === null || asked === '') return null;
  const found = choices.find((c) => c === asked);
  if (!found) throw refuse(422, 'invalid-value', { choices: choices.join(', ') }, [name]);
  return found;
}
