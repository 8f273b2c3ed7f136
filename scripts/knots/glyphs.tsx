import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { renderToStaticMarkup } from 'react-dom/server';
import type { allForms, NamedForm } from '@/core/knot/catalogue';
import { type Box, boxOf, knotBoxOf, mixed, pictureOf } from '@/core/knot/drawing/picture';
import { bodyOfFrame, type ShippedForm, SNUG } from '@/core/knot/shape/frames';
import { knot, KNOTS, type KnotId } from '@/core/knot/knots';
import { type FormName, formsIn, LOOK_ALIKES } from '@/core/knot/look-alike/sets';
import { KnotStrokes } from '@/ui/knots/KnotDrawing';
import { fileOf } from './forms';

const DRAWINGS = new URL('../../public/knot-drawings.svg', import.meta.url);
const FORMS = new URL('../../public/knot-look-alikes.svg', import.meta.url);
const VERSION = new URL('../../src/ui/knots/drawings.json', import.meta.url);
/** Side of a drawing's square. */
const SIDE = 100;
/** Distance of drawn points in diameters: at this size a diameter is four to ten units. */
const SAMPLE = 0.34;

function drawing(
  named: NamedForm,
  id: string,
  frame: number,
  near: number,
  sample: number,
): string {
  const shipped = JSON.parse(readFileSync(fileOf(named.name), 'utf8')) as ShippedForm;
  const picture = pictureOf(
    bodyOfFrame(shipped, shipped.frames[frame]!),
    undefined,
    'whole',
    sample,
  );
  const box = mixed(boxOf(picture), knotBoxOf(picture, 2.4), near);
  return `<symbol id="${id}" viewBox="${fitted(box)}" overflow="hidden">${renderToStaticMarkup(<KnotStrokes picture={picture} />)}</symbol>`;
}

/** A little drawn up: crossings still show. */
const LOOSE = 1;

/** Along a line: knots that join or sit in it keep their ends left and right, all others show their standing part to the right. */
const IN_LINE = ['bend', 'mid-line loop', 'stopper'];
const LINE_FRAME = 4;
const LINE_SAMPLE = 0.5;

/** Turn that lays a knot along a line, in quarters. */
function turnAlong(named: NamedForm, start: { x: number; y: number }, box: Box): number {
  const [dx, dy] = [start.x - (box.x + box.width / 2), start.y - (box.y + box.height / 2)];
  if (IN_LINE.includes(named.entry.family)) return Math.abs(dx) > Math.abs(dy) ? 0 : 90;
  return Math.abs(dx) > Math.abs(dy) ? (dx > 0 ? 0 : 180) : dy > 0 ? -90 : 90;
}

/** The knot alone, small, as it stands on the strength line. */
function lineGlyph(named: NamedForm): string {
  const shipped = JSON.parse(readFileSync(fileOf(named.name), 'utf8')) as ShippedForm;
  const picture = pictureOf(
    bodyOfFrame(shipped, shipped.frames[LINE_FRAME]!),
    undefined,
    'whole',
    LINE_SAMPLE,
  );
  const box = knotBoxOf(picture, 1.6);
  const first = picture.traces[0]!;
  const turn = turnAlong(named, { x: first.x[0]!, y: first.y[0]! }, box);
  const [cx, cy] = [round(box.x + box.width / 2), round(box.y + box.height / 2)];
  return `<symbol id="line-${named.entry.id}--${named.form.id}" viewBox="${fitted(box)}" overflow="hidden"><g transform="rotate(${turn} ${cx} ${cy})">${renderToStaticMarkup(<KnotStrokes picture={picture} lay={false} />)}</g></symbol>`;
}

const round = (v: number): string => v.toFixed(2);

/** The box made square about its middle. */
function fitted(box: Box): string {
  const side = Math.max(box.width, box.height);
  return [box.x + (box.width - side) / 2, box.y + (box.height - side) / 2, side, side]
    .map(round)
    .join(' ');
}

/** One file with a small drawing of every entry, as it lies snug, and of every form of the strength line. */
export function writeGlyphs(all: ReturnType<typeof allForms>): void {
  const firsts = all.filter((f) => !f.wrong && f.entry.forms[0].id === f.form.id);
  const onLines = new Set(
    (Object.keys(KNOTS) as KnotId[])
      .map((id) => knot(id).taught)
      .filter((s) => s !== null)
      .map((s) => `${s.entry}/${s.form}`),
  );
  const snug = [0, 0.2, 0.4, SNUG].length - 1;
  const symbols = [
    ...firsts.map((f) => drawing(f, f.entry.id, snug, 0.8, SAMPLE)),
    ...all.filter((f) => onLines.has(f.name)).map(lineGlyph),
  ];
  const apart = new Set(LOOK_ALIKES.flatMap((set) => formsIn(set.question)));
  const alike = all
    .filter((f) => apart.has(f.name as FormName))
    .map((f) => drawing(f, f.name.replace('/', '--'), LOOSE, 0.7, SAMPLE));
  const [drawings, forms] = [symbols, alike].map(
    (list) =>
      `<svg xmlns="http://www.w3.org/2000/svg" width="${SIDE}" height="${SIDE}">${list.join('')}</svg>`,
  );
  writeFileSync(DRAWINGS, drawings!);
  writeFileSync(FORMS, forms!);
  const version = createHash('sha256')
    .update(drawings! + forms!)
    .digest('hex')
    .slice(0, 12);
  writeFileSync(VERSION, `${JSON.stringify({ version })}\n`);
}
