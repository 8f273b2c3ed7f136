/**
 * The cheapest that is enough against trying every securement one by one, over random small decks. Source: exhaustive search; no
 * bound is used, and each securement is judged by the plan's own verdict.
 */
import { describe, expect, it } from 'vitest';
import { allAtOnce } from '@/core/steps';
import { onMats } from '@/core/securement/advice/candidates';
import { assess } from '@/core/securement/assess';
import type { Choice } from '@/core/securement/enough/choices';
import { Field, againstEnough } from '@/core/securement/enough/judged';
import { cheapestEnough, type EnoughOutcome } from '@/core/securement/enough/search';
import { choicesOf } from '@/core/securement/enough/choices';
import { type StockClass, stockOf, type Use } from '@/core/securement/enough/stock';
import { type EnoughCost, costlier, MAT_STEPS } from '@/core/securement/enough/vocabulary';
import { type SmallDeck, smallDeck } from '../support/enough-decks';
import { randomOf } from './search/random';

const DECKS = 300;
/** Securements of more lines are not tried one by one. */
const MOST_LINES = 3;

/** Whether things go round, by trying every way to hand them out. */
function goesRound(stock: readonly StockClass[], uses: readonly Use[], taken: readonly string[] = []): boolean {
  const [use, ...rest] = uses;
  if (use === undefined) return true;
  if (use.thingId !== null) return goesRound(stock, rest, [...taken, use.thingId]);
  return stock[use.class]!.members.some(
    (m) =>
      m.leftM >= use.lengthM &&
      !taken.includes(m.id) &&
      goesRound(stock, rest, [...taken, m.id]),
  );
}

/** Every set of choices that a crew could lay, cheapest first. */
function everySet(choices: readonly Choice[], stock: readonly StockClass[], { wishes }: SmallDeck) {
  const sets: { chosen: number[]; mats: boolean; cost: EnoughCost }[] = [];
  const grow = (chosen: number[], from: number): void => {
    const list = chosen.map((i) => choices[i]!);
    const uses = list.flatMap((c) => c.uses);
    if (!goesRound(stock, uses.toSorted((a, b) => Number(a.thingId === null) - Number(b.thingId === null)))) return;
    if (wishes.protectors !== null && list.reduce((n, c) => n + c.protectors, 0) > wishes.protectors) return;
    for (const mats of wishes.mats ? [false, true] : [false])
      sets.push({
        chosen,
        mats,
        cost: {
          lines: list.length,
          ropeDm: list.reduce((n, c) => n + c.ropeDm, 0),
          steps: list.reduce((n, c) => n + c.steps, mats ? MAT_STEPS : 0),
        },
      });
    if (chosen.length === MOST_LINES) return;
    for (let i = from; i < choices.length; i++)
      if (!list.some((c) => c.place === choices[i]!.place)) grow([...chosen, i], i + 1);
  };
  grow([], 0);
  return sets.sort((a, b) => costlier(a.cost, b.cost));
}

/** The cost of the cheapest that HOLDS with the margin, tried one by one; null: none of so few lines. */
function tried(deck: SmallDeck): EnoughCost | null {
  const { plan, locker, wishes } = deck;
  const stock = stockOf(locker);
  const choices = choicesOf(plan, { stock, locker, wishes });
  const field = new Field(plan, false, choices, stock, locker, wishes.marginPart);
  for (const { chosen, mats, cost } of everySet(choices, stock, deck)) {
    const made = field.planWith(chosen);
    if (made === null) continue;
    const whole = mats ? onMats(made) : made;
    if (againstEnough(assess(whole, locker), wishes.marginPart) === null) return cost;
  }
  return null;
}

const searched = ({ plan, locker, wishes }: SmallDeck): EnoughOutcome | null => {
  const outcome = allAtOnce(cheapestEnough(plan, locker, wishes));
  return 'refused' in outcome ? null : outcome;
};

describe('the cheapest that is enough', () => {
  const found = { some: 0, several: 0, mats: 0, none: 0, less: 0 };
  it(`costs what trying everything finds, on ${DECKS} small decks`, () => {
    for (let seed = 1; seed <= DECKS; seed++) {
      const deck = smallDeck(randomOf(seed));
      const outcome = searched(deck);
      if (outcome === null) {
        // What is refused nothing holds.
        expect(tried(deck), `deck ${seed}`).toBeNull();
        continue;
      }
      const best = outcome.found?.cost ?? null;
      expect(outcome.open, `deck ${seed} searched to the end`).toBeNull();
      const cheapest = tried(deck);
      if (cheapest === null && best !== null) expect(best.lines).toBeGreaterThan(MOST_LINES);
      else expect(best, `deck ${seed}`).toEqual(cheapest);
      if (best === null) found.none += 1;
      else {
        found.some += 1;
        if (best.lines > 1) found.several += 1;
        if (outcome.found!.field.mats) found.mats += 1;
        if (best.lines < deck.plan.lines.length) found.less += 1;
      }
    }
    // The decks ask for all of it.
    for (const count of Object.values(found)) expect(count).toBeGreaterThan(8);
  });

  it('is what the verdict says HOLDS, with the margin, and never dearer than what is there', () => {
    for (let seed = 1; seed <= DECKS; seed++) {
      const deck = smallDeck(randomOf(seed));
      const { plan, locker, wishes } = deck;
      const best = searched(deck)?.found ?? null;
      if (best !== null) {
        const judged = assess(best.plan, locker);
        expect(judged.verdict, `deck ${seed}`).toBe('holds');
        expect(againstEnough(judged, wishes.marginPart)).toBeNull();
      }
      if (againstEnough(assess(plan, locker), wishes.marginPart) === null)
        expect(best!.cost.lines, `deck ${seed}`).toBeLessThanOrEqual(plan.lines.length);
    }
  });
});
