import { describe, expect, it } from 'vitest';
import { bare, formula, type Given, traced } from './working';

const given = (symbol: string, value: number | null): Given => ({
  label: symbol,
  symbol,
  value,
  unit: 'N',
  source: 'test',
  confidence: 'entered',
});
const ratio = formula({
  symbol: 'q',
  unit: 'ratio',
  text: 'A ÷ B',
  source: 'test',
  confidence: 'exact',
  symbols: { b: 'B' },
  compute: ({ A, b }: Record<'A' | 'b', number>) => A / b,
});

describe('tracers', () => {
  it('trace: formula, inputs in order, symbols as the formula writes them', () => {
    const node = traced.apply(ratio, 'quotient', {
      A: traced.given(given('A', 6)),
      b: traced.given(given('x', 3)),
    });
    expect(node).toMatchObject({
      label: 'quotient',
      symbol: 'q',
      value: 2,
      unit: 'ratio',
      formula: 'A ÷ B',
      source: 'test',
      confidence: 'exact',
    });
    expect(node.inputs.map((i) => [i.symbol, i.value])).toEqual([
      ['A', 6],
      ['B', 3],
    ]);
  });
  it('an unknown input makes the result unknown in both, without calling the arithmetic', () => {
    const never = {
      ...ratio,
      compute: () => {
        throw new Error('called');
      },
    };
    expect(bare.apply(never, '', { A: 1, b: null })).toBeNull();
    expect(
      traced.apply(never, '', { A: traced.given(given('A', 1)), b: traced.given(given('b', null)) })
        .value,
    ).toBeNull();
  });
  it('sums and extremes number their members, and are unknown when a member is', () => {
    const members = [3, 1, 2].map((v) => traced.given(given('T₉', v)));
    const least = traced.extreme('least', 'least', 'WLL', members);
    expect([least.value, least.formula, least.source]).toEqual([
      1,
      'min(T₁, T₂, T₃)',
      'weakest point governs',
    ]);
    expect(traced.extreme('greatest', 'g', 's', members).formula).toBe('max(T₁, T₂, T₃)');
    const sum = traced.sum('sum', 'Σ', 'N', members);
    expect([sum.value, sum.formula]).toEqual([6, 'T₁ + T₂ + T₃']);
    expect(traced.sum('none', 'Σ', 'N', []).value).toBe(0);
    expect(bare.sum('', '', 'N', [1, null])).toBeNull();
    expect(bare.extreme('least', '', '', [4, null])).toBeNull();
    expect(traced.sum('one', 'Σ', 'N', [members[0]!]).inputs[0]!.symbol).toBe('T₉');
    expect(
      traced.sum(
        'many',
        'Σ',
        'N',
        Array.from({ length: 12 }, () => members[0]!),
      ).inputs[11]!.symbol,
    ).toBe('T₁₂');
  });
  it('unknown and nothing are different: zero is a value', () => {
    expect(bare.apply(ratio, '', { A: 0, b: 2 })).toBe(0);
    expect(bare.value(bare.given(given('A', 0)))).toBe(0);
  });
});
