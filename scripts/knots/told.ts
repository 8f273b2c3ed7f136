import { writeFileSync } from 'node:fs';
import type { NamedForm } from '@/core/knot/catalogue';
import { bodyOfFrame } from '@/core/knot/shape/frames';
import { LOOKED_THROUGH, mistakesOf } from '@/core/training/soundness/soundness';
import { tellingCrossings, whatIsWrong } from '@/core/training/soundness/told';
import { kept } from './forms';

const FILE = new URL('../../src/core/training/soundness/told.json', import.meta.url);

function looseBody(named: NamedForm) {
  const shipped = kept(named);
  if (!shipped) throw new Error(`${named.name} has no geometry yet`);
  return bodyOfFrame(shipped, shipped.frames[0]!);
}

/** Works out what tells each form from what it is not, once for all questions, and keeps it. */
export function writeTold(): void {
  const rows = <T>(entries: (readonly [string, T])[]): string =>
    entries.map(([k, v]) => `  ${JSON.stringify(k)}: ${JSON.stringify(v)}`).join(',\n');
  const crossings = LOOKED_THROUGH.map((f) => [f.name, tellingCrossings(f, looseBody(f))] as const);
  const mistakes = LOOKED_THROUGH.flatMap((meant) =>
    mistakesOf(meant).map((f) => [f.name, whatIsWrong(meant, f, looseBody(f))] as const),
  );
  writeFileSync(
    FILE,
    `{\n"crossings": {\n${rows(crossings)}\n},\n"mistakes": {\n${rows(mistakes)}\n}\n}\n`,
  );
}
