import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { describe, expect, it } from 'vitest';
import { LABEL_SHEETS } from './tag-sheets';
import { tagSheet, type TagText } from './tag-sheet';

/** Pages of a PDF as pictures, made by another program. */
function pagesOf(pdf: Buffer, dpi: number): PNG[] {
  const folder = mkdtempSync(path.join(tmpdir(), 'tags-'));
  try {
    writeFileSync(path.join(folder, 'tags.pdf'), pdf);
    execFileSync('pdftoppm', [
      '-r',
      String(dpi),
      '-png',
      path.join(folder, 'tags.pdf'),
      path.join(folder, 'page'),
    ]);
    return readdirSync(folder)
      .filter((f) => f.endsWith('.png'))
      .sort()
      .map((f) => PNG.sync.read(readFileSync(path.join(folder, f))));
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** What a decoder reads in a rectangle of a picture, in points from the top left. */
function readAt(
  page: PNG,
  dpi: number,
  box: { readonly x: number; readonly y: number; readonly w: number; readonly h: number },
): string | null {
  const px = (pt: number): number => Math.round((pt * dpi) / 72);
  const cut = new PNG({ width: px(box.w), height: px(box.h) });
  PNG.bitblt(page, cut, px(box.x), px(box.y), cut.width, cut.height, 0, 0);
  return jsQR(new Uint8ClampedArray(cut.data), cut.width, cut.height)?.data ?? null;
}

const tags = (count: number): TagText[] =>
  Array.from({ length: count }, (_, i) => ({
    code: i === 1 ? 'LONGEST-CODE.THERE-IS-24' : `PE-12-${i}`,
    lines: ['12 mm polyester', 'Łódź, Ærø 30 m'],
    crew: 'Haulage',
  }));
const DPI = 150;

describe('a sheet of tags', () => {
  it.each(['a4', 'letter'] as const)(
    '%s: every code is read back by a decoder at its place, on paper of its size',
    async (id) => {
      const sheet = LABEL_SHEETS[id];
      const each = sheet.columns * sheet.rows;
      const from = 2;
      const list = tags(each + 3);
      const pages = pagesOf(await tagSheet(list, id, from), DPI);
      expect(pages).toHaveLength(2);
      const [width, height] = [pages[0]!.width, pages[0]!.height].map((p) => (p * 72) / DPI);
      expect(Math.abs(width! - (id === 'a4' ? 595.28 : 612))).toBeLessThan(1);
      expect(Math.abs(height! - (id === 'a4' ? 841.89 : 792))).toBeLessThan(1);
      const read = list.map((_, i) => {
        const at = (i + from) % each;
        return readAt(pages[Math.floor((i + from) / each)]!, DPI, {
          x: sheet.marginXPt + (at % sheet.columns) * (sheet.widthPt + sheet.gapPt),
          y: sheet.marginYPt + Math.floor(at / sheet.columns) * sheet.heightPt,
          w: sheet.widthPt,
          h: sheet.heightPt,
        });
      });
      expect(read).toEqual(list.map((t) => t.code));
      // Labels that are used up stay blank.
      expect(
        readAt(pages[0]!, DPI, {
          x: sheet.marginXPt,
          y: sheet.marginYPt,
          w: sheet.widthPt,
          h: sheet.heightPt,
        }),
      ).toBeNull();
    },
    60_000,
  );
  it('every grid fits its paper', () => {
    for (const s of Object.values(LABEL_SHEETS)) {
      const [width, height] = s.size === 'A4' ? [595.28, 841.89] : [612, 792];
      expect(
        s.marginXPt * 2 + s.columns * s.widthPt + (s.columns - 1) * s.gapPt,
      ).toBeLessThanOrEqual(width + 0.5);
      expect(s.marginYPt * 2 + s.rows * s.heightPt).toBeLessThanOrEqual(height + 0.5);
    }
  });
});
