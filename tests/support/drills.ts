import { expect } from 'vitest';
import type { Marked } from '@/server/drills/marks';
import type { Person } from './browser';

export type MarkedAs<A extends Marked['ask']> = Extract<Marked, { readonly ask: A }>;
/** What is said to some answer, as the interface for programs says it: it tells what is right. */
export async function told<A extends Marked['ask']>(
  p: Person,
  ask: A,
  answer: Record<string, unknown>,
): Promise<MarkedAs<A>> {
  const { status, json } = await p.api('POST', '/drills/marks', { ask, ...answer });
  expect(status).toBe(200);
  return json as unknown as MarkedAs<A>;
}

/** Waits until an answer is marked. */
export const marked = (p: Person, grade: 'good' | 'hard' | 'again'): Promise<unknown> =>
  p.page.waitForSelector(`[role=status][data-grade=${grade}]`);
/** What there is to choose from. */
export async function labelsIn(p: Person, group: string): Promise<string[]> {
  const buttons = `[role=group][aria-label="${group}"] button`;
  await p.page.waitForSelector(buttons);
  return p.page.$$eval(buttons, (all) => all.map((e) => e.textContent));
}
