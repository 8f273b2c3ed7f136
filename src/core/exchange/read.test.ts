import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoDocument, demoNames } from '../../../tests/support/demo';
import { PLAN, readPlan } from '../securement/plan';
import { fail, ok } from '../result';
import { type DocumentKind, readDocument, resultOf } from './read';

interface Third {
  readonly format: 'x';
  readonly version: 3;
  readonly lengthM: number;
  readonly name: string;
}
/** A made-up kind with a past: version 1 measured in millimetres, version 2 had no name. */
const KIND: DocumentKind<Third> = {
  format: 'x',
  version: 3,
  upgrades: {
    1: ({ lengthMm, ...rest }) => ({ ...rest, lengthM: Number(lengthMm) / 1000 }),
    2: (document) => ({ ...document, name: 'nameless' }),
  },
  parse: (d) => {
    const { version, lengthM, name } = (d ?? {}) as Third;
    return version === 3 && typeof lengthM === 'number' && typeof name === 'string'
      ? ok(d as Third)
      : fail('wrong', {}, ['lengthM']);
  },
};

describe('one door for documents', () => {
  it('every version there ever was comes out as the newest', () => {
    const newest = { format: 'x', version: 3, lengthM: 2, name: 'nameless' };
    expect(readDocument(KIND, { format: 'x', version: 1, lengthMm: 2000 })).toEqual(ok(newest));
    expect(readDocument(KIND, { format: 'x', version: 2, lengthM: 2 })).toEqual(ok(newest));
    expect(readDocument(KIND, newest)).toEqual(ok(newest));
  });
  it.each([
    [{ format: 'x', version: 4, lengthM: 2, more: 1 }, 'too-new', 4],
    [{ format: 'x', version: 0 }, 'too-old', 0],
    [{ format: 'x', version: 3, lengthM: 'two' }, 'broken', 3],
    [{ format: 'x' }, 'broken', null],
    [{ format: 'y', version: 9 }, 'broken', null],
    [[], 'broken', null],
    [null, 'broken', null],
    ['x', 'broken', null],
  ])('%j is %s', (input, reason, version) => {
    const reading = readDocument(KIND, input);
    expect(reading).toMatchObject({ ok: false, why: { reason, version, newest: 3 } });
  });
  it('says where a broken one is broken, and what is too new to read at its version', () => {
    const issuesOf = (input: unknown) => {
      const result = resultOf(readDocument(KIND, input));
      return result.ok ? [] : result.issues.map((i) => [i.code, i.path.join('.')]);
    };
    expect(issuesOf({ format: 'x', version: 3 })).toEqual([['wrong', 'lengthM']]);
    expect(issuesOf({ format: 'x', version: 7 })).toEqual([['document-too-new', 'version']]);
  });
  it('never changes what it is given, and throws at nothing', () => {
    fc.assert(
      fc.property(fc.anything(), (input) => {
        const before = fc.stringify(input);
        readPlan(input);
        return fc.stringify(input) === before;
      }),
      { seed: 4711 },
    );
  });
  it.each(demoNames())('plan %s of a later version is not read as one of today', (name) => {
    const document = demoDocument(name) as Record<string, unknown>;
    expect(readPlan(document).ok).toBe(true);
    expect(readPlan({ ...document, version: PLAN.version + 1 })).toMatchObject({
      why: { reason: 'too-new' },
    });
  });
});
