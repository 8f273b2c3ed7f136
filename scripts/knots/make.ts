import { writeFileSync } from 'node:fs';
import { allForms } from '@/core/knot/catalogue';
import { fileOf, kept, make } from './forms';
import { keptKnown, knownForm } from './known';

/**
 * Makes the geometry of the forms named on the command line and how they look from many sides, where either is not kept: one
 * process's share of a bake. The first argument is the file for the latter.
 */

const [file, ...names] = process.argv.slice(2);
const wanted = new Set(names);
const before = keptKnown();
const known = allForms()
  .filter((f) => wanted.has(f.name))
  .map((named) => {
    const began = performance.now();
    if (!kept(named)) writeFileSync(fileOf(named.name), JSON.stringify(make(named)));
    const row = before.get(named.name) ?? knownForm(named);
    console.log(
      `${named.name}: ${row.prints.length} prints, ${((performance.now() - began) / 1000).toFixed(1)} s`,
    );
    return row;
  });
writeFileSync(file!, JSON.stringify(known));
