import { describe, expect, it } from 'vitest';
import { demoDocument, demoNames } from '../../../tests/support/demo';
import { parseRigging, riggingSchema } from '../bench/rigging';
import { newRigging } from '../bench/compose';
import { happeningSchema } from '../gear/events';
import { gearSchema, startSchema } from '../gear/schema';
import { parsePlan, planSchema } from '../securement/plan';
import { strengthSchema } from '../securement/schema';
import { ENDPOINTS } from '../../server/api/endpoints';
import { issuesOf } from './issues';
import { keysAt, nearest } from './known-keys';

type Json = Record<string, unknown> | unknown[];

/** Every object of a document, by its path. */
function objectsOf(value: unknown, path: (string | number)[] = []): (string | number)[][] {
  if (value === null || typeof value !== 'object') return [];
  const inside = Object.entries(value).flatMap(([key, part]) =>
    objectsOf(part, [...path, Array.isArray(value) ? Number(key) : key]),
  );
  return Array.isArray(value) ? inside : [path, ...inside];
}

/** The document with one more name in the object at a path. */
function planted(document: unknown, path: readonly (string | number)[], key: string): unknown {
  const copy = JSON.parse(JSON.stringify(document)) as Json;
  let at: unknown = copy;
  for (const step of path) at = (at as Record<string, unknown>)[step];
  (at as Record<string, unknown>)[key] = 1;
  return copy;
}

describe('a name that nobody knows', () => {
  it.each(demoNames())('%s: is found wherever it stands, and located', (name) => {
    const document = demoDocument(name);
    const places = objectsOf(document);
    expect(places.length).toBeGreaterThan(20);
    for (const path of places) {
      const read = parsePlan(planted(document, path, 'zzz'));
      expect(read).toMatchObject({
        ok: false,
        issues: [{ code: 'unknown-key', path: [...path, 'zzz'], values: { key: 'zzz' } }],
      });
    }
  });
  it('riggings, gear, what was entered and what happened likewise', () => {
    const rigging = newRigging(strengthSchema.parse({}), 'second-loop');
    for (const path of objectsOf(rigging))
      expect(parseRigging(planted(rigging, path, 'zzz'))).toMatchObject({
        ok: false,
        issues: [{ code: 'unknown-key', path: [...path, 'zzz'] }],
      });
    const gear = {
      format: 'vast-cleat/gear',
      version: 1,
      code: 'A-1',
      lengthM: 30,
      item: { kind: 'rope', material: 'polyester', diameterM: 0.012 },
    };
    for (const path of objectsOf(gear))
      expect(gearSchema.safeParse(planted(gear, path, 'zzz')).success).toBe(false);
    expect(startSchema.safeParse({ zzz: 1 }).success).toBe(false);
    expect(happeningSchema.safeParse({ kind: 'incident', note: 'shock load' }).success).toBe(false);
  });
  it('is told with the name that was meant: an icy floor that was misspelt is not a dry one', () => {
    const document = demoDocument('carousel-crate');
    const icy = { ...document, cargo: { ...(document['cargo'] as object), surfaceState: 'icy' } };
    expect(parsePlan(icy)).toMatchObject({
      ok: false,
      issues: [
        {
          code: 'unknown-key',
          path: ['cargo', 'surfaceState'],
          values: { key: 'surfaceState', nearest: 'surface' },
        },
      ],
    });
  });
  it.each([
    ['masskg', 'massKg'],
    ['mass', 'massKg'],
    ['cgHight', 'cgHeightM'],
    ['maxLineForce', 'maxLineForceN'],
    ['friktion', 'friction'],
    ['xylophone', null],
  ])('“%s” among the names of a load: %s', (typed, meant) => {
    const known = keysAt(planSchema, ['units', 0]);
    expect(known).toContain('massKg');
    expect(nearest(typed, known)).toBe(meant);
  });
  it('knows the names of every branch of a union, and none where there are none', () => {
    expect(keysAt(planSchema, ['lines', 0, 'elements', 3])).toEqual(
      expect.arrayContaining(['rope', 'knot', 'widthM', 'standardTensionN']),
    );
    expect(keysAt(riggingSchema, ['system'])).toEqual(expect.arrayContaining(['loop', 'bodies']));
    expect(keysAt(planSchema, ['title', 'zzz'])).toEqual([]);
    expect(nearest('anything', [])).toBeNull();
  });
  const withExample = ENDPOINTS.filter((e) => e.body && e.example !== undefined);
  it.each(withExample.map((e) => [`${e.method} ${e.path}`, e] as const))(
    '%s refuses it in every object of its example',
    (_, { body, example }) => {
      expect(body!.safeParse(example).success).toBe(true);
      for (const path of objectsOf(example)) {
        const read = body!.safeParse(planted(example, path, 'zzz'));
        expect(read.success, `${path.join(' › ')} takes anything`).toBe(false);
        expect(issuesOf(read.error!, body!)).toContainEqual(
          expect.objectContaining({ code: 'unknown-key', path: [...path, 'zzz'] }),
        );
      }
    },
  );
});
