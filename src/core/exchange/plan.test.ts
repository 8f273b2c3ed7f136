import { describe, expect, it } from 'vitest';
import { demoDocument, demoNames } from '../../../tests/support/demo';
import { parsePlan } from '../securement/plan';

const edit = (change: (doc: Record<string, never>) => void): ReturnType<typeof parsePlan> => {
  const doc = structuredClone(demoDocument('carousel-crate')) as Record<string, never>;
  change(doc);
  return parsePlan(doc);
};
type Loose = { [key: string]: Loose } & Loose[] & { push: (x: unknown) => void };
const issue = (change: (doc: Loose) => void) => {
  const parsed = edit(change as never);
  return parsed.ok ? 'ok' : parsed.issues.map((i) => `${i.path.join('.')}: ${i.code}`);
};

describe('the document vast-cleat/plan, versions 1 and 2', () => {
  it.each(demoNames())('%s parses, and what was parsed parses to itself', (name) => {
    const first = parsePlan(demoDocument(name));
    if (!first.ok) throw new Error(JSON.stringify(first.issues));
    expect(parsePlan(JSON.parse(JSON.stringify(first.value)))).toEqual(first);
  });
  it('takes text with a unit where a number in SI is meant', () => {
    const parsed = edit((d) => {
      (d as unknown as Loose)['cargo']!['massKg'] = '1,060 lb' as never;
    });
    expect(parsed.ok && parsed.value.units[0]!.massKg).toBeCloseTo(1060 * 0.45359237, 9);
  });
  it('locates what is wrong', () => {
    expect(
      issue((d) => {
        d['cargo']!['massKg'] = '700' as never;
      }),
    ).toEqual(['cargo.massKg: unit-missing']);
    expect(
      issue((d) => {
        d['cargo']!['lengthM'] = '1,5 m' as never;
      }),
    ).toEqual(['cargo.lengthM: decimal-comma']);
    expect(
      issue((d) => {
        d['cargo']!['lengthM'] = 400 as never;
      }),
    ).toEqual(['cargo.lengthM: out-of-range']);
    expect(
      issue((d) => {
        d['ruleSet'] = 'moon' as never;
      }),
    ).toEqual(['ruleSet: invalid-value']);
    expect(
      issue((d) => {
        d['lines']![0]!['elements']![1]!['knot'] = 'granny' as never;
      }),
    ).toEqual(['lines.0.elements.1.knot: invalid-value']);
    expect(
      issue((d) => {
        d['lines']![1]!['id'] = 'l1' as never;
      }),
    ).toEqual(['lines.1.id: id-twice']);
    expect(
      issue((d) => {
        d['version'] = 3 as never;
      }),
    ).toEqual(['version: document-too-new']);
  });
  it.each([null, 3, 'plan', [], {}])('refuses %j without throwing', (input) =>
    expect(parsePlan(input).ok).toBe(false),
  );
});
