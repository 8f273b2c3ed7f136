import { describe, expect, it } from 'vitest';
import { alikeKnots } from './alike';
import { CATALOGUE } from './catalogue';
import { formFor, namesOf, needsOf } from './catalogue/by-form';
import { PURPOSES, type Purpose, type TiedForm } from './catalogue/entry';
import { findKnots, plainWords } from './find';

const anything = { purposes: [], crew: null };
const words = (id: string): string => PURPOSES[id as Purpose];
const items = CATALOGUE.map((entry) => ({ ...entry, ...namesOf(entry) }));
const found = (
  typed: string,
  wanted: { readonly purposes: readonly string[]; readonly crew: string | null } = anything,
) => findKnots(items, typed, wanted, words);
const find = (
  typed: string,
  wanted: { purposes: readonly string[]; crew: string | null } = anything,
): string[] => found(typed, wanted).map((f) => f.item.id);

describe('the finder', () => {
  it('finds every entry first by every one of its names, and its form by the form’s own', () => {
    for (const entry of CATALOGUE) {
      for (const name of [entry.name, ...entry.aliases]) expect(find(name)[0], name).toBe(entry.id);
      for (const form of entry.forms as readonly TiedForm[])
        for (const name of form.aliases ?? []) {
          const [first] = found(name);
          expect([first!.item.id, first!.form], name).toEqual([entry.id, form.id]);
        }
    }
  });
  it.each([
    ['granny', 'reef', null],
    ['thief knot', 'reef', null],
    ['slipknot', 'overhand', 'slipped'],
    ["midshipman's", 'taut-line-hitch', 'crossed'],
    ['frictionless', 'wrap-hitch', null],
    ['truckie', 'truckers-hitch', null],
    ['double sheet bend', 'sheet-bend', 'double'],
    ['square knot', 'reef', null],
  ])('“%s” is %s', (typed, id, form) => {
    const [first] = found(typed);
    expect(first!.item.id).toBe(id);
    if (form !== null) expect(first!.form).toBe(form);
  });
  it.each([
    ['bowlin', 'bowline'],
    ['boline', 'bowline'],
    ['clov hich', 'clove-hitch'],
    ['trukers hitch', 'truckers-hitch'],
    ['prussick', 'prusik'],
    ['zepelin', 'zeppelin'],
    ['fishermens bend', 'fishermans-bend'],
    ['butterfli', 'alpine-butterfly'],
    ['figure ate', 'figure-eight'],
    ['marlin spike', 'marlinspike-hitch'],
    ['constricter', 'constrictor'],
    ['midshipmens hitch', 'taut-line-hitch'],
  ])('“%s”, which nobody calls it, is %s', (typed, id) => {
    const exact = find(typed);
    const like = alikeKnots(items, typed).map((f) => f.item.id);
    expect((exact.length > 0 ? exact : like)[0]).toBe(id);
  });
  it('what is asked for comes with the form that does it', () => {
    const off = find('comes off under load');
    expect(off[0]).not.toBe('half-hitch');
    for (const { id, purposes } of CATALOGUE) {
      const entry = CATALOGUE.find((e) => e.id === id)!;
      const noEnd = (purposes as readonly Purpose[]).includes('no-end');
      const some = (entry.forms as readonly TiedForm[]).map((f) => needsOf(entry, f));
      if (noEnd) expect(needsOf(entry, formFor(entry, 'no-end')), id).toBe('a bight');
      expect(entry.needs, id).toBe(new Set(some).size > 1 ? 'either' : some[0]);
    }
  });
  it('never offers a reef knot to join with', () =>
    expect(find('', { purposes: ['joins'], crew: null })).not.toContain('reef'));
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
