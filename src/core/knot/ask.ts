import { type Findable, type Found, plainWords } from './find';
import { type Topic, TOPICS } from './ask-topics';

/** The first knot of a topic weighs this much, each further one less. */
const FIRST = 4;

/** Whether one of these beginnings is found at the beginning of a word of the question. */
const saysOne = (question: string, beginnings: readonly string[]): boolean =>
  beginnings.some((b) => ` ${question}`.includes(` ${b}`));

const isAsked = (question: string, { said }: Topic): boolean =>
  said.every((group) => saysOne(question, group));

/**
 * What answers a question in plain words, best first: every topic the question touches weighs for its knots; empty where it
 * touches none. For what is no name of a knot.
 */
export function askedKnots<T extends Findable & { readonly id: string }>(
  items: readonly T[],
  typed: string,
): Found<T>[] {
  const question = plainWords(typed);
  const asked = TOPICS.filter((t) => isAsked(question, t));
  const weights = new Map<string, number>();
  for (const { knots, strong } of asked)
    knots.forEach((id, i) =>
      weights.set(
        id,
        (weights.get(id) ?? 0) + Math.max(1, FIRST - i) * (strong && i === 0 ? 2 : 1),
      ),
    );
  for (const id of asked.flatMap((t) => t.never ?? [])) weights.delete(id);
  return items
    .filter((item) => weights.has(item.id))
    .sort((a, b) => weights.get(b.id)! - weights.get(a.id)!)
    .map((item) => ({ item, form: null }));
}
