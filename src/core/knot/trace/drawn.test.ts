import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { allForms } from '../catalogue';
import { bodyOfFrame, type ShippedForm } from '../shape/frames';
import { readForm } from '../form/form';
import { type Drawing, readDrawing } from './drawn';
import type { Known } from './known';
import KNOWN from './known.json';
import { laidDown } from './laid';
import { nameOfSketch } from './name';

const known: Known = KNOWN;
/** Forms that a learner lays down from the list: flat, with no post seen end on. */
const flat = allForms().filter(({ name, form }) => {
  const read = readForm(name, form.spec);
  return (
    read.ok &&
    read.value.diagram.crossings.length <= 16 &&
    !form.spec.fixtures?.some((f) => f.kind === 'post' && f.axis)
  );
});

const laid = ({ name, form }: (typeof flat)[number]): Drawing => {
  const shipped = JSON.parse(
    readFileSync(`public/knot-forms/${name.replace('/', '--')}.json`, 'utf8'),
  ) as ShippedForm;
  return laidDown(
    bodyOfFrame(shipped, shipped.frames[0]!),
    form.spec.ropes.map((r) => r.tips ?? []),
  );
};

describe('a drawing', () => {
  it('of a form laid down is named that form, or nothing: never another', () => {
    const unnamed: string[] = [];
    for (const named of flat) {
      const found = nameOfSketch(known, readDrawing(laid(named)).sketch);
      const names =
        found.kind === 'known'
          ? [...found.right, ...found.wrong]
          : 'wrong' in found
            ? found.wrong
            : [];
      if (names.length === 0) unnamed.push(`${named.name}: ${found.kind}`);
      else if (!names.includes(named.name))
        unnamed.push(`${named.name}: called ${names.join(', ')}`);
    }
    // Laid flat, its slipped bights lie across each other's ways out.
    expect(unnamed).toEqual(['round-turn-two-half-hitches/slipped: unknown']);
  });

  it('keeps what was turned when a line is added, and tells an end that is not clear', () => {
    const rope = {
      kind: 'rope' as const,
      points: [
        { x: 0, y: 0 },
        { x: 10, y: 0 },
        { x: 10, y: 5 },
        { x: 5, y: 5 },
        { x: 5, y: -5 },
      ],
    };
    const one = readDrawing({ lines: [rope], turned: [], held: [] });
    expect(one.crossings.map((c) => c.over.piece)).toEqual([3]);
    expect(one.unclear).toEqual([]);
    const turned = { lines: [rope], turned: [one.crossings[0]!.key], held: [] };
    expect(readDrawing(turned).crossings.map((c) => c.over.piece)).toEqual([0]);
    const pole = {
      kind: 'pole' as const,
      points: [
        { x: 2, y: -9 },
        { x: 2.1, y: 9 },
      ],
    };
    const both = readDrawing({ ...turned, lines: [rope, pole] });
    expect(both.crossings.map((c) => c.over)).toEqual([
      { line: 0, piece: 0 },
      { line: 0, piece: 0 },
    ]);
    const within = {
      kind: 'rope' as const,
      points: [
        { x: 0, y: 0 },
        { x: 9, y: 0 },
        { x: 9, y: 9 },
        { x: 2, y: 9 },
        { x: 2, y: 3 },
      ],
    };
    expect(readDrawing({ lines: [within], turned: [], held: [] }).unclear).toEqual([0]);
  });
});
