import { gzipSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { demoNames, demoPlan, judge } from '../../../tests/support/demo';
import { outlineOf } from './outline';

/** Every figure in reading order, without what it was made from. */
const figures = (value: unknown): unknown[] => {
  if (value === null || typeof value !== 'object') return [value];
  const all = Object.entries(value).filter(([key]) => key !== 'inputs');
  return all.flatMap(([, part]) => figures(part));
};

describe('the outline of a result', () => {
  it.each(demoNames())('%s: every figure, none of the inputs, a fraction of the size', (name) => {
    const whole = judge(demoPlan(name));
    const outline = outlineOf(whole);
    expect(figures(outline)).toEqual(figures(whole));
    expect(JSON.stringify(outline)).not.toMatch(/"inputs":\[[^\]]/);
    expect(JSON.stringify(whole)).toMatch(/"inputs":\[[^\]]/);
    expect(JSON.stringify(outline).length).toBeLessThan(0.8 * JSON.stringify(whole).length);
    // What goes over the wire with the first picture, however many units and lines there are.
    expect(gzipSync(JSON.stringify(outline)).length).toBeLessThan(6_000);
  });
});
