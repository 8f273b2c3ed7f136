import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { formOf, randomOf } from '../../../../tests/support/knots';
import { allForms, type NamedForm } from '../catalogue';
import type { Body } from '../shape/body';
import { bodyOfFrame, type ShippedForm } from '../shape/frames';
import { entryIdOf, isWrong, type Known } from './known';
import KNOWN from './known.json';
import { sketchOf, turnOf } from './look';
import { against, nameOfSketch, withTurned } from './name';
import { hasPrint } from './print';
import { crossingsIn, type Sketch } from './sketch';

const known: Known = KNOWN;
/** With more of them nobody traces without losing count. */
const TRACED = 16;

const shipped = (name: string): ShippedForm =>
  JSON.parse(
    readFileSync(`public/knot-forms/${name.replace('/', '--')}.json`, 'utf8'),
  ) as ShippedForm;

/** How many nodes at an end stay: a rope is led out straight, the way it leaves the knot. */
const STRAIGHT = 6;

/** A body as a shaking hand follows it: places up to a third of a rope beside where it lies, the error running on along the rope. */
function shaken(body: Body, random: () => number): Body {
  const at = body.at.slice();
  for (const { first, count } of body.strands) {
    let off = [0, 0, 0];
    for (let n = STRAIGHT; n < count - STRAIGHT; n++) {
      const fade = Math.min(1, (n - STRAIGHT) / 8, (count - STRAIGHT - n) / 8);
      off = off.map((v) => 0.8 * v + 0.12 * (random() - 0.5));
      for (const k of [0, 1, 2]) at[3 * (first + n) + k]! += fade * off[k]!;
    }
  }
  return { ...body, at };
}

const mirrored = (body: Body): Body => ({
  ...body,
  at: body.at.map((v, i) => (i % 3 === 2 ? -v : v)),
});

/** A sketch of a form from a side by chance, with either hand; null where it has too many crossings from everywhere that was tried. */
function sketched({ name }: NamedForm, random: () => number): Sketch | null {
  const geometry = shipped(name);
  const form = formOf(name);
  for (let tries = 0; tries < 60; tries++) {
    const body = bodyOfFrame(geometry, geometry.frames[Math.floor(random() * 2)]!);
    const drawn = shaken(random() < 0.5 ? body : mirrored(body), random);
    const sketch = sketchOf(form, drawn, turnOf(random));
    if (sketch && sketch.crossings.length > 0 && sketch.crossings.length <= TRACED) return sketch;
  }
  return null;
}

const traceable = allForms().filter(
  (f) => (known.find((k) => k.name === f.name)?.prints.length ?? 0) > 0,
);

/** As many sketches as asked for, form after form. */
function* sketches(count: number, seed: number): Generator<[NamedForm, Sketch]> {
  const random = randomOf(seed);
  for (let n = 0, i = 0; n < count; i++) {
    const named = traceable[i % traceable.length]!;
    const sketch = sketched(named, random);
    if (!sketch) continue;
    n += 1;
    yield [named, sketch];
  }
}

/** Whether a form is what a sketch was called. */
function isNamed({ name, wrong }: NamedForm, found: ReturnType<typeof nameOfSketch>): boolean {
  if (found.kind === 'known')
    return wrong
      ? found.wrong.includes(name)
      : found.right.some((r) => entryIdOf(r) === entryIdOf(name)) && found.right.includes(name);
  return (found.kind === 'mistake' || found.kind === 'falls apart') && found.wrong.includes(name);
}

describe('what have I tied, by tracing', () => {
  it('200 sketches, any side, either hand, shaken: named right in 99 of 100, else not sure, never wrong', () => {
    const missed: string[] = [];
    for (const [named, sketch] of sketches(200, 20_261)) {
      const found = nameOfSketch(known, sketch);
      if (isNamed(named, found)) continue;
      expect(['not sure', 'unknown'], `${named.name}: ${JSON.stringify(found)}`).toContain(
        found.kind,
      );
      missed.push(`${named.name}: ${found.kind}`);
    }
    expect(missed.length, missed.join('\n')).toBeLessThanOrEqual(2);
  });

  it('one crossing turned over is pointed at, in 200 sketches in which it changes what is tied', () => {
    const random = randomOf(777);
    let seen = 0;
    for (const [{ name }, sketch] of sketches(400, 4_711)) {
      const { prints } = known.find((k) => k.name === name)!;
      // What is not known as it lies cannot be missed; how often that is, the first test says.
      if (!hasPrint(sketch, prints)) continue;
      const which = Math.floor(random() * sketch.crossings.length);
      const turned = withTurned(sketch, which);
      if (hasPrint(turned, prints)) continue;
      const found = against(known, turned, name);
      expect(found.kind === 'crossings' && found.crossings, name).toContain(which);
      if (++seen === 200) break;
    }
    expect(seen).toBe(200);
  });

  it('every form is known by the path it has today', () => {
    for (const named of allForms()) {
      const row = known.find((k) => k.name === named.name);
      expect(row?.source, named.name).toBe(shipped(named.name).source);
      expect(isWrong(named.name)).toBe(named.wrong);
    }
    expect(known.length).toBe(allForms().length);
  });

  it('a straight rope beside a pole, and one laid over and back, fall apart', () => {
    const lines = {
      ropes: [
        {
          points: [
            { x: -9, y: 1 },
            { x: 2, y: 1.2 },
            { x: 1.1, y: -2 },
            { x: -9, y: -2.2 },
          ],
        },
      ],
      things: [
        {
          thing: 'pole' as const,
          points: [
            { x: 0, y: -9 },
            { x: 0.2, y: 9 },
          ],
        },
      ],
    };
    const crossings = crossingsIn(lines).map(({ a, b }) => ({ over: a, under: b }));
    expect(crossings.length).toBe(2);
    expect(nameOfSketch(known, { ...lines, crossings, held: [] }).kind).toBe('falls apart');
  });
});
