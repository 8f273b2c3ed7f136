import { writeFileSync } from 'node:fs';
import { allForms } from '@/core/knot/catalogue';
import { fileOf, make } from './forms';

/** Makes the geometry of the forms named on the command line: one process's share of a bake. */

const wanted = new Set(process.argv.slice(2));
for (const named of allForms().filter((f) => wanted.has(f.name))) {
  const began = performance.now();
  const shipped = make(named);
  writeFileSync(fileOf(named.name), JSON.stringify(shipped));
  console.log(
    `${named.name}: ${shipped.strands.map((s) => s.u.length).join(' + ')} nodes, ${((performance.now() - began) / 1000).toFixed(1)} s`,
  );
}
