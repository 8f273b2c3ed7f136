import type { StageLayout } from './layout';
import type { Scene, SceneLine } from './scene';

/** Where the tag of a line stands beside the deck, and the place it belongs to. */
export interface TagPlace {
  readonly line: SceneLine;
  readonly x: number;
  readonly y: number;
  readonly to: readonly [number, number];
}

/** Tags do not come nearer to each other, nor to the rim of the picture. */
const APART = { tall: 30, wide: 40 } as const;
const ROOM = 22;
/** Beyond the names of anchors, where tags stand above and below the deck. */
const BEYOND = 38;

/** Things in a row, none nearer to the next than `apart`, each as near as may be to where it wants to be, between two ends. */
function spread(wanted: readonly number[], apart: number, least: number, most: number): number[] {
  const order = wanted.map((_, i) => i).sort((a, b) => wanted[a]! - wanted[b]!);
  const room = Math.min(apart, order.length > 1 ? (most - least) / (order.length - 1) : apart);
  const at = [...wanted];
  order.forEach((i, k) => {
    const before = k === 0 ? least : at[order[k - 1]!]! + room;
    at[i] = Math.max(before, wanted[i]!);
  });
  for (let k = order.length - 1; k >= 0; k--) {
    const i = order[k]!;
    const limit = k === order.length - 1 ? most : at[order[k + 1]!]! - room;
    at[i] = Math.min(at[i]!, limit);
  }
  return at;
}

/** How far off the middle of the deck both ends of a line must be, as a part of its width, for it to belong to that side. */
const ASIDE_PART = 0.1;

/** Lines by the side their tags stand on: that on which a line wholly lies; what lies over the middle goes where there are fewer. */
function bySide(lines: readonly SceneLine[], layout: StageLayout): readonly SceneLine[][] {
  const { deck } = layout;
  const across = layout.side === 'rear';
  const [middle, size] = across ? [deck.x + deck.w / 2, deck.w] : [deck.y + deck.h / 2, deck.h];
  const sides: SceneLine[][] = [[], []];
  for (const line of lines) {
    const off = [line.way[0]!, line.way.at(-1)!].map(
      (p) => (layout.plan(p)[across ? 0 : 1] - middle) / size,
    );
    const own = off.every((o) => o < -ASIDE_PART) ? 0 : off.every((o) => o > ASIDE_PART) ? 1 : null;
    sides[own ?? (sides[0]!.length <= sides[1]!.length ? 0 : 1)]!.push(line);
  }
  return sides;
}

/** Tags of lines round the deck's plan, each beside the end it is nearest to. */
export function tagPlaces(scene: Scene, layout: StageLayout): TagPlace[] {
  const { deck } = layout;
  const across = layout.side === 'rear';
  const drawn = scene.lines.filter((l) => l.way.length > 1);
  return bySide(drawn, layout).flatMap((lines, which) => {
    const ends = lines.map((l) => {
      const [a, b] = [layout.plan(l.way[0]!), layout.plan(l.way.at(-1)!)];
      const out = across ? a[0] - b[0] : a[1] - b[1];
      return (which === 0 ? out <= 0 : out > 0) ? a : b;
    });
    const wanted = ends.map((e) => (across ? e[1] : e[0]));
    const at = across
      ? spread(wanted, APART.tall, deck.y, deck.y + deck.h)
      : spread(wanted, APART.wide, deck.x, deck.x + deck.w);
    return lines.map((line, i): TagPlace => {
      const to = ends[i]!;
      if (across) return { line, to, x: which === 0 ? ROOM : layout.width - ROOM, y: at[i]! };
      const y = which === 0 ? deck.y - BEYOND : deck.y + deck.h + BEYOND;
      return { line, to, x: at[i]!, y };
    });
  });
}
