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

/** Height of a line of text as a part of its size. */
const LINE_PART = 1.2;
/** How high so many lines of text are at a size. */
export const heightOfText = (lines: number, size: number): number => LINE_PART * size * lines;

/**
 * A name in as many lines as it takes to stay within what it names: broken between words, and in one line where it would not fit
 * in several either.
 */
export function brokenToFit(
  text: string,
  size: number,
  room: { readonly width: number; readonly height: number },
): readonly string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const longer = [...lines.slice(-1), word].join(' ');
    if (lines.length > 0 && widthOfText(longer, size) <= room.width)
      lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return heightOfText(lines.length, size) <= room.height ? lines : [text];
}

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
