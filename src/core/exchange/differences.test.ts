import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoDocument, demoNames, withLoad } from '../../../tests/support/demo';
import { parsePlan } from '../securement/plan';
import { differences } from './differences';

const plan = (name = 'carousel-crate') => {
  const parsed = parsePlan(demoDocument(name));
  if (!parsed.ok) throw new Error('demo');
  return parsed.value;
};

describe('what is different between two documents', () => {
  it.each(demoNames())('nothing between %s and itself', (name) => {
    expect(differences(plan(name), structuredClone(plan(name)))).toEqual([]);
  });
  it('a figure, before and after, at its place', () => {
    const before = plan();
    const [load] = before.units;
    const after = withLoad(before, { massKg: 900, cgHeightM: null });
    expect(differences(before, after)).toEqual([
      {
        what: 'changed',
        path: ['units', { thing: 'carousel crate' }, 'massKg'],
        before: load!.massKg,
        after: 900,
      },
      {
        what: 'changed',
        path: ['units', { thing: 'carousel crate' }, 'cgHeightM'],
        before: load!.cgHeightM,
        after: null,
      },
    ]);
  });
  it('a line that came, one that went, one that changed, by their names', () => {
    const before = plan();
    const [first, ...rest] = before.lines;
    const added = { ...first!, id: 'new', name: 'One more' };
    const renamed = { ...rest[0]!, settling: 0.5 };
    const after = { ...before, lines: [renamed, ...rest.slice(1), added] };
    expect(differences(before, after)).toEqual([
      { what: 'removed', path: ['lines'], name: first!.name },
      { what: 'added', path: ['lines'], name: 'One more' },
      {
        what: 'changed',
        path: ['lines', { thing: renamed.name }, 'settling'],
        before: rest[0]!.settling,
        after: 0.5,
      },
    ]);
  });
  it('another order is said once', () => {
    const before = plan();
    const after = { ...before, lines: [...before.lines].reverse() };
    expect(differences(before, after)).toEqual([{ what: 'reordered', path: ['lines'] }]);
  });
  it('of any two values: none exactly where they are the same', () => {
    const json = fc.jsonValue();
    fc.assert(
      fc.property(json, json, (a, b) => {
        // A key that is nothing and a key that is not there are the same here.
        const same = JSON.stringify(a) === JSON.stringify(b);
        return !same || differences(a, b).length === 0;
      }),
      { seed: 4711 },
    );
  });
});
