import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect } from 'vitest';
import { formatNumber, formatQuantity, METRIC } from '@/core/units';
import { VERDICT_WORDS } from '@/wording/verdicts';
import type { Person } from './browser';

/** Text of a PDF that this person gets at an address, by another program. */
async function pdfText(p: Person, address: string): Promise<string> {
  const base64 = await p.page.evaluate(async (url) => {
    const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
    return btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(''));
  }, address);
  const folder = mkdtempSync(path.join(tmpdir(), 'card-'));
  try {
    const file = path.join(folder, 'card.pdf');
    writeFileSync(file, Buffer.from(base64, 'base64'));
    return execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' }).replace(
      /\s+/g,
      ' ',
    );
  } finally {
    rmSync(folder, { recursive: true });
  }
}

interface Assessed {
  readonly verdict: keyof typeof VERDICT_WORDS;
  readonly lines: readonly { name: string; wllN: number | null; pretensionN: number | null }[];
  readonly rows: readonly { provided: number | null; required: number | null }[];
  readonly statics: readonly { heldG: number | null; requiredG: number | null }[];
}

const inG = (n: number | null, rounding: 'capacity' | 'demand'): string =>
  n === null ? 'none' : `${formatNumber(n, rounding)} g`;

/**
 * Gets the card of a plan and holds it against what the programming interface says of the same plan: the verdict, each
 * line's limit and pull, and every acceleration on it.
 * @returns the card's text, and how many accelerations were on it
 */
export async function cardAgainstApi(
  p: Person,
  planId: string,
  paper: 'a4' | 'letter' = 'a4',
): Promise<{ readonly text: string; readonly accelerations: number }> {
  const { json } = await p.api('GET', `/plans/${planId}`);
  const assessed = (await p.api('POST', '/assess', json['document'])).json as unknown as Assessed;
  const text = await pdfText(p, `/api/v1/plans/${planId}/card.pdf?paper=${paper}`);
  const says = (words: string): void =>
    words.split(/\s+/).forEach((word) => expect(text).toContain(word));
  says(VERDICT_WORDS[assessed.verdict]);
  says(`Version ${String(json['version'])}`);
  for (const line of assessed.lines) {
    says(line.name);
    for (const n of [line.wllN, line.pretensionN])
      says(n === null ? 'not known' : formatQuantity(n, 'force', METRIC, 'capacity'));
  }
  const computed = [
    ...assessed.rows.map((r) => [r.provided, r.required] as const),
    ...assessed.statics.map((r) => [r.heldG, r.requiredG] as const),
  ].map(([held, needed]) => `${inG(held, 'capacity')} of ${inG(needed, 'demand')}`);
  const printed = text.match(/[\d.]+ g of [\d.]+ g/g) ?? [];
  for (const figures of printed) expect(computed).toContain(figures);
  expect(text).toContain(`/loads/${planId}`);
  return { text, accelerations: printed.length };
}
