import { formatQuantity, type UnitChoice } from '../../units';
import { unitName } from '../load/describe';
import { layOut, type StageLayout } from './layout';
import { inOrder, middleOn, outlinePath, pathOf, type Picture, placeOn, widthOf } from './paths';
import type { Scene, SceneAnchor, SceneLine } from './scene';
import { tagPlaces } from './tag-places';

/** What a part of the printed deck is drawn in: few inks, so that a black and white printer loses nothing. */
export type PrintInk = 'none' | 'black' | 'grey' | 'pale' | 'white';

/** One stroke or word of the deck as it is printed. */
export type PrintShape =
  | {
      readonly kind: 'path';
      readonly d: string;
      readonly fill: PrintInk;
      readonly stroke: PrintInk;
      readonly width: number;
      readonly dash?: string;
    }
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly size: number;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly ink: PrintInk;
    };

/** The deck as it is printed: its size and everything on it, in drawing order. */
export interface PrintedDeck {
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly PrintShape[];
}

const path = (
  d: string,
  fill: PrintInk,
  stroke: PrintInk,
  width: number,
  dash?: string,
): PrintShape => ({ kind: 'path', d, fill, stroke, width, ...(dash ? { dash } : {}) });
const text = (
  x: number,
  y: number,
  words: string,
  {
    size = 10,
    anchor = 'middle',
    ink = 'black',
  }: Partial<Extract<PrintShape, { kind: 'text' }>> = {},
): PrintShape => ({ kind: 'text', x, y, text: words, size, anchor, ink });

const rectangle = (x: number, y: number, w: number, h: number): string =>
  `M${x} ${y}h${w}v${h}h${-w}Z`;
const circle = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0Z`;

function line(of: SceneLine, layout: StageLayout, picture: Picture): PrintShape[] {
  if (of.way.length < 2) return [];
  const d = pathOf(of.way.map(placeOn(layout, picture)));
  if (!of.counted) return [path(d, 'none', 'black', 1.4, '5 3')];
  const w = widthOf(of.thicknessM, layout, 2.6);
  return [
    path(d, 'none', 'black', w + 1.4),
    path(d, 'none', 'white', w),
    path(d, 'none', 'black', 0.6, '2 2'),
  ];
}

function anchor({ anchor: { id, rating }, at }: SceneAnchor, layout: StageLayout): PrintShape[] {
  const [x, y] = layout.plan(at);
  const left = x < layout.deck.x + layout.deck.w / 2;
  return [
    path(circle(x, y, 4.5), 'white', 'black', 1.6, rating.state === 'rated' ? undefined : '2.5 2'),
    text(x + (left ? -8 : 8), y + 3.5, id, { anchor: left ? 'end' : 'start', size: 9 }),
  ];
}

/** The place of a line to look at first: a ring round it, and what it may carry. */
function weak(
  { weak: place, weakest, number }: SceneLine,
  layout: StageLayout,
  units: UnitChoice,
): PrintShape[] {
  if (!weakest || !place?.at) return [];
  const [x, y] = layout.plan(place.at);
  const words = `line ${number}, weakest: ${place.place}, ${
    place.wllN === null ? 'not known' : formatQuantity(place.wllN, 'force', units, 'capacity')
  }`;
  return [
    path(circle(x, y, 7), 'none', 'black', 2.2),
    text(layout.width / 2, layout.height - 4, words, { size: 9.5 }),
  ];
}

function picture(scene: Scene, layout: StageLayout, which: Picture): PrintShape[] {
  const carrying = new Set(
    scene.load.flatMap(({ unit: { on } }) => (on.kind === 'unit' ? on.unitId : [])),
  );
  const named = scene.load.filter((p) => which === 'elevation' || !carrying.has(p.unit.id));
  return [
    ...inOrder(scene.load, layout, which).map((p) =>
      path(outlinePath(p, layout, which), 'pale', 'black', 1.2),
    ),
    ...scene.lines.flatMap((l) => line(l, layout, which)),
    ...(which === 'plan'
      ? named.map((p) => {
          const [x, y] = middleOn(p, layout, which);
          return text(x, y + 3, unitName(p.unit), { size: 8.5 });
        })
      : []),
  ];
}

/** A deck as the card and the print sheet show it, from above and from behind, in words and strokes alone. */
export function printedDeck(
  scene: Scene,
  units: UnitChoice,
  size: { readonly width: number; readonly height: number },
): PrintedDeck {
  const layout = layOut(scene, 'rear', size);
  const { deck, floorY } = layout;
  const tags = tagPlaces(scene, layout);
  const topM = Math.max(0, ...scene.load.map((p) => p.topM));
  return {
    width: layout.width,
    height: layout.height,
    shapes: [
      text(4, 12, 'forward: up', { anchor: 'start', size: 9 }),
      text(4, layout.splitY + 8, 'from behind', { anchor: 'start', size: 9 }),
      path(rectangle(deck.x, deck.y, deck.w, deck.h), 'white', 'black', 1.4),
      path(rectangle(deck.x, floorY, deck.w, 5), 'grey', 'black', 1),
      ...picture(scene, layout, 'elevation'),
      ...picture(scene, layout, 'plan'),
      ...tags.map(({ x, y, to }) => path(pathOf([[x, y], to]), 'none', 'grey', 0.6, '2 2')),
      ...scene.anchors.flatMap((a) => anchor(a, layout)),
      text(deck.x - 12, floorY - (topM * layout.perM) / 2, formatQuantity(topM, 'length', units), {
        anchor: 'end',
        size: 9,
      }),
      ...tags.flatMap(({ line: l, x, y }) => [
        path(rectangle(x - 9, y - 8, 18, 16), l.counted ? 'black' : 'white', 'black', 1),
        text(x, y + 3.8, String(l.number), { size: 11, ink: l.counted ? 'white' : 'black' }),
      ]),
      ...scene.lines.flatMap((l) => weak(l, layout, units)),
    ],
  };
}
