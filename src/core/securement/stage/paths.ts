import type { Point } from '../leg';
import type { Placed } from '../load/placed';
import type { StageLayout } from './layout';

/** Which of the two pictures of a deck is meant. */
export type Picture = 'plan' | 'elevation';

const word = ([x, y]: readonly [number, number]): string => `${x.toFixed(1)} ${y.toFixed(1)}`;

/** Points of a picture as a path. */
export const pathOf = (points: readonly (readonly [number, number])[], closed = false): string =>
  `M${points.map(word).join('L')}${closed ? 'Z' : ''}`;

/** Where a point of the deck lies on a picture. */
export const placeOn =
  (layout: StageLayout, picture: Picture) =>
  (at: Point): readonly [number, number] =>
    picture === 'plan' ? layout.plan(at) : layout.elevation(at);

/** The outline of a unit as a picture shows it. */
export function outlinePath(placed: Placed, layout: StageLayout, picture: Picture): string {
  const { outline, baseM, topM, unit } = placed;
  if (picture === 'plan')
    return pathOf(
      outline.map((p) => layout.plan(p)),
      true,
    );
  const at = outline.map((p) => layout.elevation({ ...p, z: baseM }));
  const xs = at.map(([x]) => x);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [foot, top] = [at[0]![1], layout.elevation({ x: 0, y: 0, z: topM })[1]];
  const endOn =
    unit.shape.kind === 'cylinder-lying' &&
    unit.turnRad === 0 &&
    (layout.side === 'rear') === (unit.shape.axis === 'length');
  if (!endOn)
    return pathOf(
      [
        [left, foot],
        [left, top],
        [right, top],
        [right, foot],
      ],
      true,
    );
  const r = (right - left) / 2;
  return `M${word([left, (foot + top) / 2])}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0Z`;
}

/** The middle of a unit as a picture shows it. */
export const middleOn = (placed: Placed, layout: StageLayout, picture: Picture) =>
  placeOn(layout, picture)({ ...placed.middle, z: (placed.baseM + placed.topM) / 2 });

/** How wide and high a unit is on a picture. */
export function sizeOn(
  placed: Placed,
  layout: StageLayout,
  picture: Picture,
): { readonly width: number; readonly height: number } {
  const at = placeOn(layout, picture);
  const points = placed.outline.flatMap((p) =>
    [placed.baseM, placed.topM].map((z) => at({ ...p, z })),
  );
  const span = (of: readonly number[]): number => Math.max(...of) - Math.min(...of);
  return { width: span(points.map(([x]) => x)), height: span(points.map(([, y]) => y)) };
}

/** Units from the one that lies under or behind to the one on top or in front. */
export function inOrder(
  load: readonly Placed[],
  { side }: StageLayout,
  picture: Picture,
): readonly Placed[] {
  if (picture === 'plan') return load.toSorted((a, b) => a.baseM - b.baseM);
  return load.toSorted((a, b) =>
    side === 'rear' ? b.box.rear - a.box.rear : a.box.left - b.box.left,
  );
}

/** How wide a line is drawn: to scale, but never so thin that it cannot be followed. */
export const widthOf = (thicknessM: number, { perM }: StageLayout, least: number): number =>
  Math.max(least, thicknessM * perM);
