/** Regression, no source: what plans come to is what it was, figure by figure. `npx tsx tests/kept/keep.ts` where one is meant to change. */
import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { answers, KEPT_PLANS } from './answers';

it(`demo and ${KEPT_PLANS} random plans come to what they came to`, () => {
  const kept = JSON.parse(
    readFileSync(new URL('./answers.json', import.meta.url), 'utf8'),
  ) as Record<string, string[]>;
  const now = answers();
  expect(Object.keys(now)).toEqual(Object.keys(kept));
  for (const [name, answer] of Object.entries(now)) expect(answer, name).toEqual(kept[name]);
});
