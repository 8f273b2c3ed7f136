import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { availableParallelism, tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { allForms, type NamedForm } from '@/core/knot/catalogue';
import { fileOf } from './forms';
import { writeKnown } from './known';
import { writeGlyphs } from './glyphs';
import { writeTold } from './told';
import type { Made } from './make';
import { reportOf } from './report';

/** Makes the geometry the application ships, form by form, and the report of what was proved. Unchanged forms are kept. */

const tsx = createRequire(import.meta.url).resolve('tsx/cli');
const maker = fileURLToPath(new URL('make.ts', import.meta.url));

/** Forms dealt out to as many processes as there are processors, the longest first, so that all have about as much to do. */
function shares(forms: readonly NamedForm[]): NamedForm[][] {
  const written = (f: NamedForm): number =>
    f.form.spec.ropes.reduce((sum, r) => sum + r.path.length, 0);
  const dealt = Array.from({ length: availableParallelism() }, (): NamedForm[] => []);
  forms
    .toSorted((a, b) => written(b) - written(a))
    .forEach((f, i) => dealt[i % dealt.length]!.push(f));
  return dealt.filter((share) => share.length > 0);
}

const all = allForms();
const wanted = new Set(all.map((f) => path.basename(fileOf(f.name))));
const folder = path.dirname(fileOf('x'));
mkdirSync(folder, { recursive: true });
for (const file of readdirSync(folder)) if (!wanted.has(file)) rmSync(path.join(folder, file));

const passing = mkdtempSync(path.join(tmpdir(), 'knots-'));
const shared = path.join(passing, 'made-');
const dealt = shares(all);
const ended = await Promise.all(
  dealt.map((share, i) =>
    once(
      spawn(process.execPath, [tsx, maker, `${shared}${i}.json`, ...share.map((f) => f.name)], {
        stdio: 'inherit',
      }),
      'exit',
    ),
  ),
);
if (ended.some(([code]) => code !== 0)) process.exit(1);
const made = dealt.flatMap(
  (_, i) => JSON.parse(readFileSync(`${shared}${i}.json`, 'utf8')) as Made[],
);
rmSync(passing, { recursive: true, force: true });
writeKnown(new Map(made.map(({ known }) => [known.name, known])));
writeGlyphs(all);
writeTold();
const parts = new Map(made.map(({ known, part }) => [known.name, part]));
const inOrder = all.map((f) => parts.get(f.name)!);
writeFileSync(new URL('../../docs/knots.md', import.meta.url), reportOf(all, inOrder));
const faults = inOrder.flatMap((p) => p.faults);
console.log(
  `${all.length} forms; ${faults.length === 0 ? 'everything holds' : `does not hold:\n${faults.join('\n')}`}`,
);
process.exitCode = faults.length > 0 ? 1 : 0;
