import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type Dimension,
  fieldText,
  formatNumber,
  formatQuantity,
  formatTogether,
  METRIC,
  N_PER_LBF,
  parseQuantity,
  roundSignificant,
  type UnitId,
  UNITS,
  US_CUSTOMARY,
} from '.';

const value = (dimension: Dimension, text: string, unit?: UnitId) => {
  const parsed = parseQuantity(dimension, text, unit);
  return parsed.ok ? parsed.value : parsed.issues[0]!.code;
};

describe('reading quantities as people write them', () => {
  it.each([
    ['5 ft 3 in', 1.6002],
    ['5\'3"', 1.6002],
    ['5′3″', 1.6002],
    ['5ft3in', 1.6002],
    ['5 feet 3 inches', 1.6002],
    ['5\' 3 1/2"', 1.6129],
    ["5'3", 1.6002],
    ['1 1/8 in', 0.028575],
    ['1-1/8 in', 0.028575],
    ['3/8"', 0.009525],
    ['½ in', 0.0127],
    ['12mm', 0.012],
    ['1,800 mm', 1.8],
    ['6 m', 6],
    ['.5 m', 0.5],
    ['10 FT', 3.048],
  ])('length %s', (text, metres) =>
    expect(value('length', text)).toMatchObject({ value: expect.closeTo(metres, 12) }),
  );

  it.each([
    ['1,800 lbf', 1800 * N_PER_LBF, 'lbf'],
    ['1800 lb', 1800 * N_PER_LBF, 'lbf'],
    ['100 kg', 980.665, 'kgf'],
    ['2.27 kN', 2270, 'kN'],
    ['50 daN', 500, 'daN'],
    ['250 newtons', 250, 'N'],
  ])('force %s, mass units taken as weights and shown so', (text, newtons, unit) =>
    expect(value('force', text)).toEqual({ value: expect.closeTo(newtons, 8), unit }),
  );

  it.each([
    ['length', '1/0 in', 'fraction-over-zero'],
    ['length', '5 ft 12 in', 'inches-over-eleven'],
    ['length', '-2 m', 'negative'],
    ['length', '−2 m', 'negative'],
    ['length', '1,5 m', 'decimal-comma'],
    ['mass', '1,80 kg', 'decimal-comma'],
    ['mass', '12,3456 kg', 'decimal-comma'],
    ['length', '7', 'unit-missing'],
    ['length', '3 furlongs', 'unit-unknown'],
    ['length', '3 kg', 'unit-wrong-kind'],
    ['mass', '3 kN', 'unit-wrong-kind'],
    ['mass', '', 'quantity-empty'],
    ['mass', 'heavy', 'not-a-number'],
    ['mass', '1e9 kg', 'unit-unknown'],
    ['mass', '9'.repeat(61), 'not-a-number'],
  ] as const)('refuses %s %s with %s', (dimension, text, code) =>
    expect(value(dimension, text)).toBe(code),
  );

  it('takes a bare number in the unit shown beside the field', () => {
    expect(value('length', '12', 'mm')).toEqual({ value: 0.012, unit: 'mm' });
    expect(value('length', '1,5', 'm')).toBe('decimal-comma');
  });

  it('reads back what it writes, in every unit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(UNITS) as UnitId[])),
        fc.double({ min: 1e-3, max: 1e6, noNaN: true }),
        (unit, si) => {
          const parsed = parseQuantity(
            UNITS[unit].dimension,
            `${Number(fieldText(si, unit)).toFixed(12)} ${unit}`,
          );
          expect(parsed.ok && parsed.value.value).toBeCloseTo(si, 4);
        },
      ),
    );
  });

  it('never throws and never yields a negative or unbounded value, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: fc.constantFrom(...'0123456789 ,./-\'"ftinmkglbN½') }),
        fc.constantFrom<Dimension>('force', 'mass', 'length'),
        (text, dimension) => {
          const parsed = parseQuantity(dimension, text, undefined);
          if (parsed.ok) expect(parsed.value.value).toBeGreaterThanOrEqual(0);
          else expect(parsed.issues[0]!.code).not.toBe('');
        },
      ),
    );
  });
});

describe('writing figures', () => {
  it('rounds capacities down and demands up, to three digits', () => {
    expect(formatNumber(2268.9, 'capacity')).toBe('2,260');
    expect(formatNumber(2261.1, 'demand')).toBe('2,270');
    expect(formatNumber(0.65678, 'nearest')).toBe('0.657');
    expect(formatNumber(4)).toBe('4.00');
    expect(formatNumber(999.6)).toBe('1,000');
  });
  it('does not lose a step to rounding noise', () => {
    expect(roundSignificant(360 * 0.55, 3, 'capacity')).toBe(198);
    expect(roundSignificant(198 - 1e-9, 3, 'capacity')).toBe(198);
    expect(roundSignificant(0.1 + 0.2, 3, 'demand')).toBe(0.3);
  });
  it('shows measures that belong together in one precision', () => {
    expect(formatTogether([1.6, 0.9, 1.9], 'length', METRIC)).toBe('1.60 × 0.90 × 1.90\u00a0m');
    expect(formatTogether([12.4, 0.05, 2], 'length', METRIC)).toBe('12.400 × 0.050 × 2.000\u00a0m');
    expect(formatTogether([3.048, 0.3048, 30.48], 'length', US_CUSTOMARY)).toBe(
      '10.0 × 1.0 × 100.0\u00a0ft',
    );
  });
  it('never shows a bare number or NaN', () => {
    expect(formatQuantity(2268, 'force', METRIC, 'capacity')).toBe('2.26\u00a0kN');
    expect(formatQuantity(1800 * N_PER_LBF, 'force', US_CUSTOMARY)).toBe('1,800\u00a0lbf');
    expect(formatQuantity(0.012, 'length', METRIC, 'nearest', true)).toBe('12.0\u00a0mm');
    expect(formatNumber(NaN)).toBe('unknown');
    expect(formatNumber(Infinity)).toBe('unlimited');
  });
});
