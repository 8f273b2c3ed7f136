import { describe, expect, it } from 'vitest';
import { METRIC } from '@/core/units';
import { drillPage, markName, markReckoning, namePage } from './drills';
import { Refusal } from './problem';

const half = (): number => 0.5;

describe('the drills’ questions', () => {
  it('a number is always the same question; numbers side by side are different ones', async () => {
    const ask = (n: number): string =>
      drillPage({ kind: 'hauling', n: String(n) }, METRIC, half).ask;
    expect(ask(7)).toBe(ask(7));
    expect(new Set(Array.from({ length: 60 }, (_, i) => ask(i + 1))).size).toBeGreaterThan(40);
    const shown = await Promise.all(
      Array.from({ length: 60 }, async (_, i) =>
        JSON.stringify((await namePage({ n: String(i + 1) }, half)).drawn),
      ),
    );
    expect(new Set(shown).size).toBeGreaterThan(35);
  });
  it('an address that says nothing, or nonsense, gives a question by chance', () => {
    for (const asked of [{}, { kind: 'nothing', n: '-4' }, { n: '1.5' }, { n: ['x', '2'] }]) {
      const page = drillPage(asked, METRIC, half);
      expect(page.kind).toBe('rope-line');
      expect(page.number).toBe(page.next);
    }
  });
  it('what is sent of a knot does not name it', async () => {
    for (let n = 1; n <= 40; n++) {
      const { entry, form } = markName({ number: n, pick: 'bowline' });
      const { options, ...page } = await namePage({ n: String(n) }, half);
      expect(options.map((o) => o.id)).toContain(entry);
      const sent = JSON.stringify(page);
      expect(sent).not.toContain(entry);
      expect(sent).not.toContain(`"${form}"`);
      expect(sent).not.toContain('source');
    }
  });
  it('the knot itself is right, the others are not', async () => {
    const { options } = await namePage({ n: '5' }, half);
    const right = options.filter((o) => markName({ number: 5, pick: o.id }).right);
    expect(right).toHaveLength(1);
    expect(right[0]!.id).toBe(markName({ number: 5, pick: 'reef' }).entry);
  });
  it('an answer that cannot be read is refused where it was typed', () => {
    const typed = (text: string) => () =>
      markReckoning({ kind: 'hauling', number: 7, typed: text, unit: 'kN' });
    expect(typed('much')).toThrow(Refusal);
    expect(typed('1,5 kN')).toThrow(Refusal);
    expect(typed('1.5 kN')().right).toBeGreaterThan(0);
  });
});
