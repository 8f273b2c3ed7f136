import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { allForms } from '@/core/knot/catalogue';
import { fileOf, kept, make } from './forms';
import { writeGlyphs } from './glyphs';
import { reportOf } from './report';

/** Makes the geometry the application ships, form by form, and the report of what was proved. Unchanged forms are kept. */

const all = allForms();
const wanted = new Set(all.map((f) => path.basename(fileOf(f.name))));
const folder = path.dirname(fileOf('x'));
mkdirSync(folder, { recursive: true });
for (const file of readdirSync(folder)) if (!wanted.has(file)) rmSync(path.join(folder, file));

for (const named of all) {
  if (kept(named)) continue;
  const began = performance.now();
  const shipped = make(named);
  writeFileSync(fileOf(named.name), JSON.stringify(shipped));
  console.log(
    `${named.name}: ${shipped.strands.map((s) => s.u.length).join(' + ')} nodes, ${((performance.now() - began) / 1000).toFixed(1)} s`,
  );
}
writeGlyphs(all);
const report = reportOf(all);
writeFileSync(new URL('../../docs/knots.md', import.meta.url), report.text);
console.log(
  `${all.length} forms; ${report.faults.length === 0 ? 'everything holds' : `does not hold:\n${report.faults.join('\n')}`}`,
);
process.exitCode = report.faults.length > 0 ? 1 : 0;
