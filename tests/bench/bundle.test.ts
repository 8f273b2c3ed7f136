import { describe, expect, it } from 'vitest';
import { BUDGETS, grown, overBudget, weightsOf } from './bundle';

describe('the budget of a page', () => {
  it('names the package that grew', () => {
    expect(grown({ a: 1000, b: 5000 }, { a: 4000, b: 5000, zod: 90_000 })).toEqual([
      'zod +90.0 kB',
      'a +3.0 kB',
    ]);
  });
  it('is passed in silence while the page keeps to it, and said when it does not', async () => {
    expect(await overBudget('/loads', BUDGETS['/loads']!.mostKb)).toBeNull();
    const now = await weightsOf(BUDGETS['/loads']!.entry);
    const lighter = { ...now, 'react-aria': now['react-aria']! - 7000 };
    expect(await overBudget('/loads', 260, { '/loads': lighter })).toBe(
      '/loads weighs 260 kB, 202 are allowed. Grown: react-aria +7.0 kB',
    );
  });
});
