import { expect } from 'vitest';
import type { Working } from '@/core/working/working';

/** Evaluates a formula's text with its inputs' values: what is shown must be what was computed. */
function evaluate(node: Working): number {
  const value = new Map(node.inputs.map((i) => [i.symbol, i.value]));
  const operators: Record<string, string> = {
    '÷': '/',
    '×': '*',
    '−': '-',
    '^': '**',
    π: 'Math.PI',
    cos: 'Math.cos',
    sin: 'Math.sin',
    min: 'Math.min',
    max: 'Math.max',
    exp: 'Math.exp',
  };
  const words = [...Object.keys(operators), ...value.keys()]
    .sort((a, b) => b.length - a.length)
    .map((w) => w.replace(/[.*+?^${}()|[\]\\/]/g, '\\$&'));
  const text = node.formula.replace(new RegExp(words.join('|'), 'gu'), (word) =>
    value.has(word) ? `(${value.get(word)})` : operators[word]!,
  );
  try {
    return new Function(`return ${text}`)() as number;
  } catch (error) {
    throw new Error(`${node.label}: ${node.formula} read as ${text}`, { cause: error });
  }
}

/** Checks a figure and everything below it: its formula’s text, evaluated with its inputs, must give its value. */
export function checkFormulas(node: Working): void {
  node.inputs.forEach(checkFormulas);
  // The bend factor reads a table, and the slack-strand form is two formulas in words: both are checked elsewhere.
  if (
    node.formula === '' ||
    node.value === null ||
    node.formula.startsWith('β(') ||
    node.formula.includes(';')
  )
    return;
  expect(evaluate(node), `${node.label}: ${node.formula}`).toBeCloseTo(node.value, 6);
}
