import { describe, expect, it } from 'vitest';
import { CATALOGUE, entryOf } from '../catalogue';
import { depthOf, LEADS, wayTo } from './leads';

describe('what builds on what', () => {
  it('every change shows in a step of the knot it leads to, and is said once', () => {
    for (const { from, to, step, changes } of LEADS) {
      expect(from).not.toBe(to);
      expect(entryOf(to)!.forms[0].steps[step], `${from} to ${to}`).toBeDefined();
      expect(changes).toMatch(/\.$/);
    }
    expect(new Set(LEADS.map((l) => `${l.from} ${l.to}`)).size).toBe(LEADS.length);
  });
  it('it is a way to learn: nothing builds on itself, and what comes first is learnt first', () => {
    for (const { id } of CATALOGUE) {
      const way = wayTo(id);
      expect(way.at(-1)).toBe(id);
      for (const { from, to } of LEADS)
        if (way.includes(to)) expect(way.indexOf(from)).toBeLessThan(way.indexOf(to));
      expect(depthOf(id)).toBeLessThan(6);
    }
  });
  // The pairs teachers name. Common practice, no source.
  it.each([
    ['half-hitch', 'two-half-hitches'],
    ['two-half-hitches', 'round-turn-two-half-hitches'],
    ['bowline', 'sheet-bend'],
    ['clove-hitch', 'constrictor'],
    ['overhand', 'surgeons-loop'],
    ['overhand', 'double-overhand'],
    ['cow-hitch', 'prusik'],
  ])('%s leads to %s', (from, to) => {
    expect(LEADS.some((l) => l.from === from && l.to === to)).toBe(true);
  });
});
