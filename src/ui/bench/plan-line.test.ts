import { describe, expect, it } from 'vitest';
import { demoNames, demoPlan, judge } from '../../../tests/support/demo';
import { benchFigures } from '@/core/bench/figures';
import { parsePlan } from '@/core/securement/plan';
import { FORM_IDS } from '@/core/tackle/systems';
import { benchOfLine, lineWithSystem } from '@/core/bench/in-plan';
import { putSystem } from './putSystem';
import { elementOf, newRigging, systemOf } from '@/core/bench/compose';
import { strength } from '../../../tests/support/tension-bench';

describe('a plan’s line on the bench and back', () => {
  const withHitch = demoNames().flatMap((name) => {
    const plan = demoPlan(name);
    return plan.lines.flatMap((line) =>
      line.elements.flatMap((e) =>
        e.kind === 'truckers' ? [{ name, plan, line, element: e }] : [],
      ),
    );
  });
  it('there is something to try', () => expect(withHitch.length).toBeGreaterThan(3));
  it.each(withHitch.map((w) => [`${w.name}, ${w.line.name}`, w] as const))(
    '%s: untouched, the line comes back as it was',
    (_, { plan, line, element }) => {
      const doc = benchOfLine(plan, line, element, 5);
      expect(
        lineWithSystem(line, element.id, doc.system, (id) =>
          elementOf(doc.system, id, element.fromRigging),
        ),
      ).toEqual(line);
    },
  );
  it('any system put on any line makes a plan that is read and judged', () => {
    for (const form of FORM_IDS)
      for (const { plan, line } of withHitch.slice(0, 2)) {
        const changed = {
          ...plan,
          lines: plan.lines.map((l) =>
            l.id === line.id
              ? putSystem(l, newRigging(strength, form).system, {
                  id: '0190b5a0-0000-7000-8000-000000000000',
                  title: 'From the library',
                })
              : l,
          ),
        };
        const parsed = parsePlan(JSON.parse(JSON.stringify(changed)));
        expect(parsed.ok, form).toBe(true);
        if (!parsed.ok) continue;
        const facts = judge(parsed.value).lines.find((l) => l.line.id === line.id)!;
        expect(facts.tension.hauled.value).toBeCloseTo(
          benchFigures(newRigging(strength, form)).tension.hauled.value!,
          6,
        );
        expect(
          facts.line.elements.filter((e) => e.kind === 'truckers' || e.kind === 'tackle'),
        ).toHaveLength(1);
        expect(facts.line.elements.filter((e) => e.kind === 'lock')).toHaveLength(
          form in { single: 1, 'reeved-twice': 1, 'second-loop': 1 } ? 1 : 0,
        );
      }
  });
  it('a system as an element and back is the same system', () => {
    for (const form of FORM_IDS) {
      const { system } = newRigging(strength, form);
      const element = elementOf(system, 'e', null);
      if (element.kind !== 'truckers' && element.kind !== 'tackle') throw new Error('no system');
      expect(
        systemOf(
          element,
          system.kind === 'truckers' ? { id: 'k', kind: 'lock', knot: system.lock } : null,
        ),
      ).toEqual(system);
    }
  });
});
