import { describe, expect, it } from 'vitest';
import { chanceOf } from '../../chance';
import { assess } from '../../securement/assess';
import { LOCKER_NOT_ASKED } from '../../securement/locker-word';
import type { Plan } from '../../securement/plan';
import type { Direction } from '../../securement/vocabulary';
import { askedWhatGoverns, type GoverningQuestion, governorOf, GOVERNS, kindOf } from './governing';

const SEEDS = 5000;
const question = (seed: number): GoverningQuestion => askedWhatGoverns(chanceOf(seed));
const MORE = 1.1;

const heldOf = (plan: Plan, direction: Direction): number =>
  assess(plan, LOCKER_NOT_ASKED).statics.find((r) => r.direction === direction)!.held.value!;

/** The plan with all that one line is made of a tenth stronger. */
function strongerLine(plan: Plan, lineId: string): Plan {
  const line = plan.lines.find((l) => l.id === lineId)!;
  const anchorIds = line.elements.flatMap((e) =>
    e.kind === 'anchor' && e.at.on === 'deck' ? [e.at.anchorId] : [],
  );
  const rated = <R>(rating: R): R =>
    (rating as { state: string }).state === 'rated'
      ? { ...rating, wllN: MORE * (rating as unknown as { wllN: number }).wllN }
      : rating;
  return {
    ...plan,
    deck: {
      ...plan.deck,
      anchors: plan.deck.anchors.map((a) =>
        anchorIds.includes(a.id) ? { ...a, rating: rated(a.rating) } : a,
      ),
    },
    lines: plan.lines.map((l) =>
      l.id !== lineId
        ? l
        : {
            ...l,
            elements: l.elements.map((e) => {
              if (e.kind === 'webbing') return { ...e, markedWllN: MORE * e.markedWllN! };
              if (e.kind === 'ratchet') return { ...e, rating: rated(e.rating) };
              if (e.kind === 'anchor' && e.at.on === 'own')
                return { ...e, at: { ...e.at, rating: rated(e.at.rating) } };
              return e;
            }),
          },
    ),
  };
}

describe('what governs', () => {
  it(`${SEEDS} by chance: one thing does, by the statics' own parts; every kind comes up`, () => {
    const seen = new Map<string, number>();
    for (let seed = 1; seed <= SEEDS; seed++) {
      const { plan, direction, row, answer } = question(seed);
      const kind = kindOf(answer);
      seen.set(kind, (seen.get(kind) ?? 0) + 1);
      expect(row.direction).toBe(direction);
      // What is answered can be pointed at: a line that is there, a board the load stands against.
      if (kind === 'line') expect(plan.lines.map((l) => l.id)).toContain(answer);
      if (kind === 'board') expect(plan.units[0]!.against).toContain(direction);
      expect(governorOf(row), `seed ${seed}`).toBe(answer);
    }
    expect([...seen.keys()].toSorted()).toEqual([...GOVERNS].toSorted());
    expect(Math.min(...seen.values())).toBeGreaterThan(SEEDS / GOVERNS.length / 2);
  });
  // A tenth more of one line is put in and the statics are asked anew; no source is needed for what governing means.
  it('made a tenth stronger, the line that governs holds more; no other line does half as much, and none where friction or weight governs', () => {
    for (let seed = 1; seed <= 250; seed++) {
      const { plan, direction, row, answer } = question(seed);
      const gains = new Map(
        plan.lines.map((l) => [
          l.id,
          heldOf(strongerLine(plan, l.id), direction) - row.held.value!,
        ]),
      );
      const others = [...gains].filter(([id]) => id !== answer);
      const most = Math.max(0, ...others.map(([, gain]) => gain));
      if (kindOf(answer) === 'line') {
        const gain = gains.get(answer)!;
        expect(gain, `seed ${seed}`).toBeGreaterThan(1e-3);
        expect(most, `seed ${seed}`).toBeLessThan(0.5 * gain);
      } else if (answer !== 'board') expect(most, `seed ${seed}`).toBeLessThan(1e-6);
    }
  });
  it('where two share, none is said to govern', () => {
    const { row } = question(1);
    const shared = {
      holding: [
        { lineId: 'l1', partG: 0.3 },
        { lineId: 'l2', partG: 0.2 },
      ],
    };
    expect(governorOf({ ...row, ...shared })).toBeNull();
    expect(governorOf({ ...row, mechanism: null })).toBeNull();
  });
});
