/** Where a name would stand in a drawing: its middle and its size, in the drawing's own units. */
export interface NamePlace {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Width of a text as a part of its size, for letters of usual width. Common practice, no source. */
const LETTER_PART = 0.56;
/** About how wide a text is at a size. */
export const widthOfText = (text: string, size: number): number => LETTER_PART * size * text.length;

/** Which names have room, the first of two that would lie on each other: a crowded drawing names some, readably. */
export function withRoom(places: readonly NamePlace[]): readonly boolean[] {
  const taken: NamePlace[] = [];
  return places.map((p) => {
    const free = taken.every(
      (t) =>
        Math.abs(p.x - t.x) >= (p.width + t.width) / 2 ||
        Math.abs(p.y - t.y) >= (p.height + t.height) / 2,
    );
    if (free) taken.push(p);
    return free;
  });
}
