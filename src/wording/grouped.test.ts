import { describe, expect, it } from 'vitest';
import { demoPlan, judge } from '../../tests/support/demo';
import { grouped } from './grouped';

describe('findings said once', () => {
  it('names all lines of the same finding, each once, and keeps different ones apart', () => {
    const { findings } = judge(demoPlan('carousel-crate'));
    const list = grouped(findings);
    const rope = list.filter((f) => f.code === 'no-lashing-capacity');
    expect(rope).toHaveLength(1);
    expect(rope[0]!.values['line']).toBe(
      'Over, rear third; Over, front third; Round the front, rearward',
    );
    expect(new Set(list.map((f) => f.code))).toEqual(new Set(findings.map((f) => f.code)));
  });
  it('different places of one line stay different findings', () => {
    const base = { effect: 'notice' as const, clause: '', lineId: 'l1' };
    expect(
      grouped([
        { ...base, code: 'unrated-anchor', values: { line: 'A', place: 'ring 1' } },
        { ...base, code: 'unrated-anchor', values: { line: 'A', place: 'ring 2' } },
      ]),
    ).toHaveLength(2);
    expect(
      grouped([
        { ...base, code: 'knot-jams', values: { line: 'A', knot: 'x' } },
        { ...base, code: 'knot-jams', values: { line: 'A', knot: 'x' } },
      ])[0]!.values['line'],
    ).toBe('A');
  });
});
