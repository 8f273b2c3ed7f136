import { describe, expect, it } from 'vitest';
import { CATALOGUE } from './catalogue';
import { PURPOSES, type Purpose } from './catalogue/entry';
import { findKnots, plainWords } from './find';

const anything = { purposes: [], crew: null };
const words = (id: string): string => PURPOSES[id as Purpose];
const find = (
  typed: string,
  wanted: { purposes: readonly string[]; crew: string | null } = anything,
): string[] => findKnots(CATALOGUE, typed, wanted, words).map((e) => e.id);

describe('the finder', () => {
  it('finds every entry by every one of its names', () => {
    for (const entry of CATALOGUE)
      for (const name of [entry.name, ...entry.aliases])
        expect(find(name), name).toContain(entry.id);
  });
  it('does not care how an apostrophe or an accent is typed', () => {
    expect(plainWords('Fisherman’s bend')).toBe('fishermans bend');
    expect(find("trucker's")[0]).toBe('truckers-hitch');
    expect(find('TRUCKERS  hitch')[0]).toBe('truckers-hitch');
  });
  it('a name outweighs a mention', () => expect(find('bowline')[0]).toBe('bowline'));
  it('finds by purpose in words people use', () => {
    expect(find('unequal ropes')).toContain('sheet-bend');
    expect(find('no end needed')).toContain('alpine-butterfly');
    expect(find('', { purposes: ['unequal-ropes', 'joins'], crew: null })).toEqual(
      find('unequal joins'),
    );
  });
  it('all conditions must hold', () => {
    const both = find('', { purposes: ['no-end', 'gloves'], crew: null });
    expect(both.length).toBeGreaterThan(0);
    for (const id of both)
      expect(CATALOGUE.find((e) => e.id === id)!.purposes).toEqual(
        expect.arrayContaining(['no-end', 'gloves']),
      );
    expect(find('', { purposes: [], crew: 'stage' }).length).toBeLessThanOrEqual(CATALOGUE.length);
  });
  it('nothing typed finds all in the order they are taught; nonsense finds none', () => {
    expect(find('')).toEqual(CATALOGUE.map((e) => e.id));
    expect(find('xyzzy')).toEqual([]);
  });
});
