import type { Issue } from '@/core/result';

/** Wording of what can be wrong with a figure that is typed: apart from the rest, because every page with a field needs it. */
export const INPUT_ISSUES: Record<string, (v: Issue['values']) => string> = {
  'quantity-empty': () => 'Enter a figure.',
  'decimal-comma': (v) =>
    `Write a decimal point, not a comma: “${v['text']}” can be read in two ways.`,
  'fraction-over-zero': (v) => `“${v['text']}” divides by 0. Write the fraction again.`,
  'inches-over-eleven': (v) =>
    `“${v['text']}” has 12 or more inches after the feet. Carry them into feet.`,
  negative: () => 'A quantity here cannot be below 0.',
  'not-a-number': (v) =>
    `“${v['text']}” is not a figure. Write a number and a unit, such as ${v['dimension'] === 'mass' ? '380 kg' : '5 ft 3 in'}.`,
  'unit-missing': (v) =>
    `Add the unit, such as ${v['dimension'] === 'mass' ? '380 kg' : v['dimension'] === 'force' ? '1,800 lbf' : '1.2 m'}. Nothing beside this figure says what it is.`,
  'unit-unknown': (v) => `The unit “${v['unit']}” is not known here.`,
  'unit-wrong-kind': (v) => `“${v['unit']}” is not a unit of ${v['dimension']}.`,
  'out-of-range': (v) =>
    `Must lie between ${v['least']} and ${v['most']} ${v['unit'] ?? ''}.`.replace(' .', '.'),
};

/** One such issue in words. */
export function wordInput(issue: Pick<Issue, 'code' | 'values'>): string {
  return INPUT_ISSUES[issue.code]?.(issue.values) ?? 'This value is not accepted here.';
}
