import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { describe, expect, it } from 'vitest';
import type { Plan } from '@/core/securement/plan';
import { METRIC } from '@/core/units';
import { CAUTIONS } from '@/wording/cautions';
import { printedOf } from '@/wording/printed';
import { VERDICT_WORDS } from '@/wording/verdicts';
import { demoPlan } from '../../tests/support/demo';
import { lineBody, planOf, ringBody, unitBody } from '../../tests/support/units';
import { cardPdf } from './card';

/** A PDF as other programs see it: its pages as pictures, and its text. */
function seen(pdf: Buffer): { readonly pages: PNG[]; readonly text: string } {
  const folder = mkdtempSync(path.join(tmpdir(), 'card-'));
  try {
    const file = path.join(folder, 'card.pdf');
    writeFileSync(file, pdf);
    execFileSync('pdftoppm', ['-r', '150', '-png', file, path.join(folder, 'page')]);
    const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
    const pages = readdirSync(folder)
      .filter((f) => f.endsWith('.png'))
      .sort()
      .map((f) => PNG.sync.read(readFileSync(path.join(folder, f))));
    return { pages, text: text.replace(/\s+/g, ' ') };
  } finally {
    rmSync(folder, { recursive: true });
  }
}

const ADDRESS = 'https://loads.example/loads/0190b5a0-0000-7000-8000-000000000000';
const cardOf = (plan: Plan) => ({
  printed: printedOf(plan, new Map(), METRIC),
  crew: 'Haulage',
  version: 7,
  savedBy: 'Ilse Varrow',
  savedAt: '2026-11-29 08:00 UTC',
  madeAt: '2026-11-29 08:05 UTC',
  checks: ['Before driving', 'Within the first 50 miles', 'Then every 150 miles or 3 h'],
  address: ADDRESS,
});

/** As much as a plan may have on one deck: two rows of stacks, a line over each. */
function fullDeck(): Plan {
  const at = Array.from({ length: 8 }, (_, i) => 0.5 + 1.5 * i);
  return planOf(
    at.flatMap((x, i) => [
      unitBody(`low ${i}`, { fromFrontM: x }),
      unitBody(`top ${i}`, { fromFrontM: x, on: { kind: 'unit', unitId: `low ${i}` } }),
    ]),
    at.flatMap((_, i) => [
      lineBody(`over ${i}`, [`L${i}`, `R${i}`], [`top ${i}`]),
      lineBody(`again ${i}`, [`L${i}`, `R${i}`], [`top ${i}`]),
    ]),
    at.flatMap((x, i) => [ringBody(`L${i}`, x + 0.5, 2.5), ringBody(`R${i}`, x + 0.5, -2.5)]),
  );
}

describe('the card', () => {
  it.each(['a4', 'letter'] as const)(
    'on %s is one page with the word, every line and figure, the cautions, and a code that leads to the plan',
    async (paper) => {
      for (const demo of ['carousel-crate', 'fair-flatbed']) {
        const card = cardOf(demoPlan(demo));
        const { pages, text } = seen(await cardPdf(card, paper));
        expect(pages).toHaveLength(1);
        const [page] = pages;
        // Points to pixels at 150 dpi: A4 595.28 × 841.89, Letter 612 × 792.
        const [w, h] = paper === 'a4' ? [595.28, 841.89] : [612, 792];
        expect(Math.abs(page!.width - (w * 150) / 72)).toBeLessThan(2);
        expect(Math.abs(page!.height - (h * 150) / 72)).toBeLessThan(2);
        const plain = (words: string): string => words.replace(/\s+/g, ' ');
        expect(text).toContain(VERDICT_WORDS[card.printed.verdict]);
        for (const line of card.printed.lines)
          for (const word of [line.wll, line.counts].flatMap((x) => plain(x).split(' ')))
            expect(text).toContain(word);
        expect(text).toContain('Version 7');
        expect(text).toContain(plain(CAUTIONS[2]).slice(0, 40));
        expect(text).toContain('Within the first 50 miles');
        const pixels = new Uint8ClampedArray(page!.data);
        expect(jsQR(pixels, page!.width, page!.height)?.data).toBe(ADDRESS);
      }
    },
  );
  it('of a full deck stays on one page with nothing cut off', async () => {
    const { pages, text } = seen(await cardPdf(cardOf(fullDeck()), 'letter'));
    expect(pages).toHaveLength(1);
    expect(text).toContain('again 7');
    expect(text).toContain(ADDRESS.slice(0, 30));
  });
});
