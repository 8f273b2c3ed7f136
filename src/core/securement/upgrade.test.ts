import { describe, expect, it } from 'vitest';
import { demoDocument, demoNames } from '../../../tests/support/demo';
import { parsePlan, readPlan } from './plan';
import { pathIn1, planFrom1 } from './upgrade';

type Loose = Record<string, unknown>;
const old = demoNames().filter((name) => demoDocument(name)['version'] === 1);

describe('plans of version 1', () => {
  it('there are some to read', () => expect(old.length).toBeGreaterThan(5));
  it.each(old)('%s: the one load becomes the one unit, field by field; lines name it', (name) => {
    const document = demoDocument(name);
    const parsed = parsePlan(document);
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
    const plan = parsed.value;
    expect(plan.version).toBe(2);
    expect(plan.units).toHaveLength(1);
    for (const [key, said] of Object.entries(document['cargo'] as Loose))
      if (typeof said === 'number') expect(plan.units[0]).toMatchObject({ [key]: said });
    expect(plan.lines.every((l) => l.units.join() === 'load')).toBe(true);
    const lines = document['lines'] as { kind: string; attach?: Loose | null }[];
    lines.forEach(({ kind, attach }, i) =>
      expect(plan.lines[i]!.points).toHaveLength(attach && kind !== 'over' ? 1 : 0),
    );
    // Once read it is one of the newest, and reads as itself.
    expect(parsePlan(JSON.parse(JSON.stringify(plan)))).toEqual(parsed);
  });
  it('a board that was touched is touched by the unit; what it takes stays with the deck', () => {
    const board = { touching: true, capacityN: 4000, heightM: 0.4 };
    const document = demoDocument('apple-bins');
    const deck = {
      ...(document['deck'] as Loose),
      blocking: { forward: board, rearward: {}, left: {}, right: {} },
    };
    const parsed = parsePlan({ ...document, deck });
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
    expect(parsed.value.units[0]!.against).toEqual(['forward']);
    expect(parsed.value.deck.boards.forward).toEqual({ capacityN: 4000, heightM: 0.4 });
  });
  it('what is wrong is named where it stood in the document that was sent', () => {
    expect(pathIn1(['units', 0, 'massKg'])).toEqual(['cargo', 'massKg']);
    expect(pathIn1(['deck', 'boards', 'forward', 'heightM'])).toEqual([
      'deck',
      'blocking',
      'forward',
      'heightM',
    ]);
    expect(pathIn1(['lines', 2, 'points', 0, 'heightM'])).toEqual([
      'lines',
      2,
      'attach',
      'heightM',
    ]);
    expect(pathIn1(['title'])).toEqual(['title']);
    const document = demoDocument('carousel-crate');
    const lines = (document['lines'] as Loose[]).map((l) =>
      l['attach'] ? { ...l, attach: { ...(l['attach'] as Loose), heightM: 'high' } } : l,
    );
    const read = readPlan({ ...document, lines });
    expect(read.ok ? [] : read.why.issues.map((i) => i.path.slice(0, 4).join('.'))).toEqual([
      'lines.2.attach.heightM',
    ]);
  });
  it('nonsense in its place is refused, not repaired', () => {
    const document = demoDocument('carousel-crate');
    for (const broken of [
      { ...document, cargo: 3 },
      {
        ...document,
        deck: { ...(document['deck'] as Loose), blocking: { forward: { touching: 'yes' } } },
      },
      { ...document, lines: 'none' },
      { ...document, lines: [7] },
      { ...document, units: [] },
      { ...document, deck: { ...(document['deck'] as Loose), boards: {}, blocking: {} } },
    ])
      expect(parsePlan(broken).ok).toBe(false);
  });
  it('a document of version 2 with the old names is refused, and one of version 3 is too new', () => {
    const document = demoDocument('carousel-crate');
    expect(parsePlan({ ...document, version: 2 }).ok).toBe(false);
    expect(readPlan({ ...document, version: 3 })).toMatchObject({
      ok: false,
      why: { reason: 'too-new', version: 3, newest: 2 },
    });
  });
  it('does not change what it is given', () => {
    const document = demoDocument('carousel-crate');
    const before = structuredClone(document);
    planFrom1(document);
    expect(document).toEqual(before);
  });
});

describe('what units and lines may not say', () => {
  const fair = demoDocument('fair-flatbed') as Loose & { units: Loose[]; lines: Loose[] };
  const codes = (document: unknown): string[] => {
    const parsed = parsePlan(document);
    return parsed.ok ? [] : parsed.issues.map((i) => `${i.path.join('.')}: ${i.code}`);
  };
  const withUnit = (i: number, change: Loose) => ({
    ...fair,
    units: fair.units.map((u, k) => (k === i ? { ...u, ...change } : u)),
  });
  it('stand on nothing, on itself, in a ring', () => {
    expect(codes(withUnit(1, { on: { kind: 'unit', unitId: 'nobody' } }))).toEqual([
      'units.1.on.unitId: unit-not-there',
    ]);
    expect(codes(withUnit(1, { on: { kind: 'unit', unitId: 'bin2' } }))).toEqual([
      'units.1.on.unitId: stands-on-itself',
    ]);
    expect(codes(withUnit(0, { on: { kind: 'unit', unitId: 'bin2' } }))).toContain(
      'units.0.on.unitId: stands-on-itself',
    );
  });
  it('be an oval cylinder, have chocks above its axis, its weight outside', () => {
    expect(codes(withUnit(7, { heightM: 0.9 }))).toEqual(['units.7.heightM: cylinder-not-round']);
    expect(
      codes(
        withUnit(7, {
          shape: { kind: 'cylinder-lying', axis: 'length', chocks: { heightM: 0.4 } },
        }),
      ),
    ).toEqual(['units.7.shape.chocks.heightM: chocks-too-high']);
    expect(codes(withUnit(0, { cgLeftM: 0.7 }))).toEqual(['units.0.cgLeftM: cg-outside-load']);
  });
  it('name a unit that is not there, or twice; put a point on one that is not named', () => {
    const withLine = (change: Loose) => ({
      ...fair,
      lines: fair.lines.map((l, k) => (k === 0 ? { ...l, ...change } : l)),
    });
    expect(codes(withLine({ units: ['nobody'] }))).toEqual(['lines.0.units.0: unit-not-there']);
    expect(codes(withLine({ units: ['bin2', 'bin2'] }))).toEqual([
      'lines.0.units: unit-named-twice',
    ]);
    const point = { unitId: 'tote', fromFrontM: 4, fromCentreM: 0, heightM: 1 };
    expect(codes(withLine({ points: [point] }))).toEqual([
      'lines.0.points.0.unitId: point-not-on-unit',
    ]);
  });
});
