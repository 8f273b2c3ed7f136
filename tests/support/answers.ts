import { API } from '@/server/api/endpoints';
import type { Endpoint } from '@/server/api/endpoint';

const ENDPOINTS: readonly Endpoint[] = Object.values(API);
const patterns = ENDPOINTS.map((e) => ({
  e,
  // Addresses with fixed names come before those with a name in their place.
  fixed: e.path.split('/').filter((part) => !part.startsWith('{')).length,
  pattern: new RegExp(`^${e.path.replaceAll('.', '\\.').replace(/\{\w+\}/g, '[^/]+')}$`),
})).sort((a, b) => b.fixed - a.fixed);

/** What was answered so far and was what its endpoint says. */
export const ANSWERED = new Set<string>();

/** Throws when an answer is not what its endpoint says it answers with. */
export function checkAnswer(method: string, path: string, status: number, json: unknown): void {
  if (status < 200 || status > 299) return;
  const bare = path.split('?')[0]!;
  const found = patterns.find(({ e, pattern }) => e.method === method && pattern.test(bare));
  if (!found?.e.answers) return;
  const parsed = found.e.answers.safeParse(json);
  if (!parsed.success)
    throw new Error(
      `${method} ${found.e.path} answers otherwise than it says: ${parsed.error.message}`,
    );
  ANSWERED.add(`${method} ${found.e.path}`);
}
