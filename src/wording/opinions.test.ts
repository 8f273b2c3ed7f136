import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parsePlan, type Plan } from '@/core/securement/plan';
import { METRIC } from '@/core/units';
import { demoNames, demoPlan, judge, withLoad } from '../../tests/support/demo';
import { headline } from './headline';
import { opinions, rowInWords } from './opinions';

function reference(name: string): Plan {
  const parsed = parsePlan(
    (
      JSON.parse(
        readFileSync(new URL(`../../tests/verdict/cases/${name}.json`, import.meta.url), 'utf8'),
      ) as { plan: unknown }
    ).plan,
  );
  if (!parsed.ok) throw new Error(name);
  return parsed.value;
}

describe('two opinions, one word', () => {
  it('a row for each direction, left and right apart only where they differ', () => {
    const rows = opinions(judge(demoPlan('apple-bins'))).directions;
    expect(rows.map((r) => r.direction)).toEqual(['forward', 'rearward', 'sideways']);
    expect(
      opinions(judge(reference('u03-us-light-half-loop-one-side'))).directions.map(
        (r) => r.direction,
      ),
    ).toEqual(['forward', 'rearward', 'left', 'right', 'down']);
  });
  it('the worse of the two is the row’s word, and no row is better than the plan', () => {
    const rank = { short: 0, 'cannot-say': 1, holds: 2 };
    for (const name of demoNames()) {
      const a = judge(demoPlan(name));
      for (const row of opinions(a).directions) {
        if (row.rule) expect(rank[row.verdict]).toBeLessThanOrEqual(rank[row.rule.verdict]);
        if (row.statics && !row.statics.ruleStands)
          expect(rank[row.verdict]).toBeLessThanOrEqual(rank[row.statics.verdict]);
        if (a.verdict === 'holds') expect(row.verdict).toBe('holds');
      }
    }
  });
  it('every comparison of rule and statics is behind some row', () => {
    for (const name of demoNames()) {
      const a = judge(demoPlan(name));
      const { whole, directions } = opinions(a);
      const worst = [...a.rows, ...a.statics.filter((r) => !r.ruleStands)].some(
        (r) => r.verdict === 'short',
      );
      expect([...whole, ...directions].some((r) => r.verdict === 'short')).toBe(worst);
    }
  });
});

describe('what a row says', () => {
  const words = (plan: Plan) => opinions(judge(plan)).directions.map(rowInWords);
  it('“the rule is met” only where nothing the rule says stands against the plan: not too few lines, not a knot, not an unread label', () => {
    for (const plan of [
      demoPlan('water-tote'),
      demoPlan('maypole'),
      reference('u08-us-cmv-unknown-counts'),
      reference('u07-us-cmv-damaged-rope-counts'),
    ]) {
      expect(judge(plan).verdict).not.toBe('holds');
      expect(words(plan).join('; '), plan.title).not.toContain('is met');
      expect(headline(judge(plan), METRIC)).not.toContain('is met');
    }
    expect(words(reference('u26-us-cmv-everything-pulls-forward'))[0]).toBe(
      'the rule is met, but nothing holds it forward but friction',
    );
  });
  it('where only the formula falls short it says that statics hold', () => {
    const bins = demoPlan('apple-bins');
    const heavier = Array.from({ length: 40 }, (_, i): Plan =>
      withLoad(bins, { massKg: 2280 + 100 * i }),
    );
    const between = heavier.flatMap((plan) =>
      opinions(judge(plan)).directions.filter(
        (r) => r.rule?.verdict === 'short' && r.statics?.verdict === 'holds',
      ),
    );
    expect(between.length).toBeGreaterThan(0);
    for (const row of between)
      expect(rowInWords(row)).toBe('the formula falls short; statics hold it');
    expect(words(bins)).toEqual([
      'beyond that it slides forward',
      'beyond that it slides rearward',
      'beyond that it slides to the left',
    ]);
  });
});

describe('the sentence beside the word', () => {
  it('the rule is met, but nothing holds it forward', () =>
    expect(headline(judge(reference('u26-us-cmv-everything-pulls-forward')), METRIC)).toBe(
      'The rule is met, but nothing holds it forward but friction: 0.200\u00a0g of 0.800\u00a0g.',
    ));
  it('the formula is met, but the rear end swings out', () =>
    expect(headline(judge(reference('u21-eu-side-straps-at-one-end')), METRIC)).toMatch(
      /^The rule’s formula is met, but it swings round its front (left|right) corner: 0\.43\d\u00a0g of 0\.500\u00a0g\.$/,
    ));
  it('where only tension is missing the rule’s word stands, and the tension that is enough is named', () => {
    const bundle = demoPlan('pipe-bundle');
    const unread = {
      ...bundle,
      lines: bundle.lines.map((l) => ({
        ...l,
        elements: l.elements.map((e) =>
          e.kind === 'binder'
            ? {
                id: e.id,
                kind: 'ratchet' as const,
                rating: e.rating,
                standardTensionN: null,
                handForceN: 500,
                tag: '',
                gearId: null,
              }
            : e,
        ),
      })),
    };
    const a = judge(unread);
    expect(a.verdict).toBe('holds');
    expect(headline(a, METRIC)).toMatch(
      /^The rule is met\. Haul each to at least \d\.\d+\u00a0kN \(Chain, front; Chain, rear; Webbing, middle\)\.$/,
    );
    // What is named is enough: entered as kept, statics hold by themselves; a tenth less does not.
    const tensionN = Number(
      a.findings.find((f) => f.code === 'tension-enough')!.values['tensionN'],
    );
    const kept = (N: number) =>
      judge({
        ...unread,
        lines: unread.lines.map((l) => ({ ...l, settling: 0, enteredPretensionN: N })),
      });
    expect(kept(tensionN).statics.every((r) => r.verdict === 'holds')).toBe(true);
    expect(kept(tensionN * 0.9).verdict).not.toBe('holds');
  });
});
