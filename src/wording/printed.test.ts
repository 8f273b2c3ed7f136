import { describe, expect, it } from 'vitest';
import { METRIC, US_CUSTOMARY } from '@/core/units';
import { demoPlan, judge } from '../../tests/support/demo';
import { printedOf } from './printed';

describe('what the print sheet says', () => {
  const plan = demoPlan('fair-flatbed');
  it('the word and the sentence of the planner, every unit, every line, a row for each comparison', () => {
    const sheet = printedOf(plan, new Map(), METRIC);
    const judged = judge(plan);
    expect(sheet.verdict).toBe(judged.verdict);
    expect(sheet.headline).toContain('bin 3 + bin 4');
    expect(sheet.units[1]!.words.replace(/\s/g, ' ')).toBe(
      'bin 2: 380 kg, 1.20 × 1.00 × 0.75 m, on bin 1.',
    );
    expect(sheet.lines.map((l) => l.id)).toEqual(plan.lines.map((l) => l.id));
    expect(sheet.lines[4]).toMatchObject({ wll: 'not known', weakest: 'webbing' });
    expect(new Set(sheet.rows.map((r) => r.key)).size).toBe(sheet.rows.length);
    expect(sheet.rows.some((r) => r.verdict === judged.verdict)).toBe(true);
  });
  it('in the units of whoever prints it', () => {
    const sheet = printedOf(plan, new Map(), US_CUSTOMARY);
    expect(sheet.units[0]!.words).toContain('lb');
    expect(sheet.lines[0]!.wll).toContain('lbf');
  });
});
