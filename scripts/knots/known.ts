import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { allForms, type NamedForm } from '@/core/knot/catalogue';
import { readForm } from '@/core/knot/form/form';
import { bodyOfFrame, type ShippedForm } from '@/core/knot/shape/frames';
import { type Known, type KnownForm, MOST_CROSSINGS } from '@/core/knot/trace/known';
import { sketchOf, turnOf } from '@/core/knot/trace/look';
import { printOf } from '@/core/knot/trace/print';
import { wordIssue } from '@/wording/issues';
import { fileOf, sourceOf } from './forms';

/** Sides a form is looked at from, and how many are tried for them: some forms are clear from few sides only. */
const SIDES = 150;
const TRIES = 1800;
/** Looking ends earlier after so much work: the square of the crossings of all sides. */
const MOST_WORK = 12_000;
/** Loose, and a little drawn up: nobody traces what is pulled tight. */
const FRAMES = 2;

/** The same numbers every time: a multiplicative congruential generator (Park and Miller's constants). */
function randomOf(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
}

/** The prints of a form, seen from many sides, the most frequent first; none when it has too many crossings from everywhere. */
export function knownForm(named: NamedForm): KnownForm {
  const { name } = named;
  const form = readForm(name, named.form.spec);
  if (!form.ok) throw new Error(wordIssue(form.issues[0]!));
  const shipped = JSON.parse(readFileSync(fileOf(name), 'utf8')) as ShippedForm;
  const bodies = shipped.frames.slice(0, FRAMES).map((f) => bodyOfFrame(shipped, f));
  const random = randomOf(1_234_567);
  const prints = new Map<string, number>();
  for (let t = 0, seen = 0, work = 0; t < TRIES && seen < SIDES && work < MOST_WORK; t++) {
    const sketch = sketchOf(form.value, bodies[t % bodies.length]!, turnOf(random));
    if (!sketch || sketch.crossings.length > MOST_CROSSINGS) continue;
    seen += 1;
    work += sketch.crossings.length ** 2;
    const print = printOf(sketch);
    prints.set(print, (prints.get(print) ?? 0) + 1);
  }
  const sorted = [...prints].sort(([p, m], [q, n]) => n - m || (p < q ? -1 : 1));
  return { name, source: sourceOf(named), prints: sorted.map(([print]) => print) };
}

const FILE = new URL('../../src/core/knot/trace/known.json', import.meta.url);

/** What is known of the forms whose paths have not changed since. */
export function keptKnown(): Map<string, KnownForm> {
  const known = existsSync(FILE) ? (JSON.parse(readFileSync(FILE, 'utf8')) as Known) : [];
  const sources = new Map(allForms().map((f) => [f.name, sourceOf(f)]));
  return new Map(known.filter((f) => sources.get(f.name) === f.source).map((f) => [f.name, f]));
}

/** Writes what is known of all forms, in their order. */
export function writeKnown(known: ReadonlyMap<string, KnownForm>): void {
  const rows = allForms().map(({ name }) => JSON.stringify(known.get(name)));
  writeFileSync(FILE, `[\n${rows.join(',\n')}\n]\n`);
}
