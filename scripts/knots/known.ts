import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { allForms, type NamedForm } from '@/core/knot/catalogue';
import { readForm } from '@/core/knot/form/form';
import { bodyOfFrame, type ShippedForm } from '@/core/knot/shape/frames';
import { type Known, type KnownForm, MOST_CROSSINGS } from '@/core/knot/trace/known';
import { sketchOf, turnOf } from '@/core/knot/trace/look';
import { printOf } from '@/core/knot/trace/print';
import type { Sketch } from '@/core/knot/trace/sketch';
import { wordIssue } from '@/wording/issues';
import { fileOf, sourceOf } from './forms';

/** Sides a form is looked at from, and how many are tried for them: some forms are clear from few sides only. */
const SIDES = 600;
const TRIES = 5000;
/** A form that was never seen clear in so many is seen clear by nobody. */
const HOPELESS = 300;
/** Looking ends earlier after so much work: the square of the crossings of all sides. */
const MOST_WORK = 13_000;
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

type Passage = Sketch['crossings'][number]['over'];

/**
 * What a sketch looks like as a drawing of lines: which crossings each line meets, over or under, turning which way, where it
 * is held, and in which order the ends leave. Two sketches alike in it have one print.
 */
function lieOf({ ropes, things, crossings, held }: Sketch): string {
  const lines = [...ropes, ...things].map((l) => l.points);
  const way = ({ rope, piece }: Passage): { x: number; y: number } => {
    const [a, b] = [lines[rope]![piece]!, lines[rope]![piece + 1]!];
    return { x: b.x - a.x, y: b.y - a.y };
  };
  const met = crossings.flatMap(({ over, under }, c) => {
    const [o, u] = [way(over), way(under)];
    const turn = o.x * u.y - o.y * u.x > 0 ? '+' : '-';
    return [
      { ...over, mark: `O${turn}`, c },
      { ...under, mark: `U${turn}`, c },
    ];
  });
  const tips = held.map(({ rope, tip }) => ({ rope, piece: tip, along: 0, mark: 'T', c: -1 }));
  const numbers = new Map<number, number>();
  const along = [...met, ...tips]
    .sort((a, b) => a.rope - b.rope || a.piece - b.piece || a.along - b.along)
    .map(({ rope, mark, c }) => {
      if (!numbers.has(c)) numbers.set(c, numbers.size);
      return `${rope}${mark}${numbers.get(c)!}`;
    });
  const ends = lines
    .flatMap((l, i) => [
      { end: `${i}a`, p: l[0]! },
      { end: `${i}z`, p: l.at(-1)! },
    ])
    .map(({ end, p }) => ({ end, at: Math.atan2(p.y, p.x) }))
    .sort((a, b) => a.at - b.at)
    .map(({ end }) => end);
  const first = ends.indexOf('0a');
  return [...along, '|', ...ends.slice(first), ...ends.slice(0, first)].join(' ');
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
  const known = new Map<string, string>();
  for (let t = 0, seen = 0, work = 0; t < TRIES && seen < SIDES && work < MOST_WORK; t++) {
    if (t === HOPELESS && seen === 0) break;
    const sketch = sketchOf(form.value, bodies[t % bodies.length]!, turnOf(random));
    if (!sketch || sketch.crossings.length > MOST_CROSSINGS) continue;
    seen += 1;
    const lie = lieOf(sketch);
    const before = known.get(lie);
    if (before === undefined) work += sketch.crossings.length ** 2;
    const print = before ?? printOf(sketch);
    known.set(lie, print);
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
