import { readFileSync } from 'node:fs';
import { allForms, type NamedForm } from '@/core/knot/catalogue';
import type { Body } from '@/core/knot/shape/body';
import { bodyOfFrame, type ShippedForm } from '@/core/knot/shape/frames';
import KNOWN from '@/core/knot/trace/known.json';
import { sketchOf, turnOf } from '@/core/knot/trace/look';
import type { Sketch } from '@/core/knot/trace/sketch';
import { formOf, randomOf } from './knots';

/** With more of them nobody traces without losing count. */
const TRACED = 16;

/** The geometry of a form as it is shipped. */
export const shippedOf = (name: string): ShippedForm =>
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
  const geometry = shippedOf(name);
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
  (f) => (KNOWN.find((k) => k.name === f.name)?.prints.length ?? 0) > 0,
);

/** As many sketches as asked for, form after form: from a side by chance, with either hand, shaken. */
export function* sketches(count: number, seed: number): Generator<[NamedForm, Sketch]> {
  const random = randomOf(seed);
  for (let n = 0, i = 0; n < count; i++) {
    const named = traceable[i % traceable.length]!;
    const sketch = sketched(named, random);
    if (!sketch) continue;
    n += 1;
    yield [named, sketch];
  }
}
