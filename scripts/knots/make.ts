import { writeFileSync } from 'node:fs';
import { allForms } from '@/core/knot/catalogue';
import type { KnownForm } from '@/core/knot/trace/known';
import { fileOf, kept, make } from './forms';
import { keptKnown, knownForm } from './known';
import { type Part, partOf } from './report';

/** What is made of one form beside its geometry. */
export interface Made {
  readonly known: KnownForm;
  readonly part: Part;
}

/**
 * Makes the geometry of the forms named on the command line and how they look from many sides, where either is not kept, and
 * proves them: one process's share of a bake. The first argument is the file for the latter two.
 */

const [file, ...names] = process.argv.slice(2);
const wanted = new Set(names);
const before = keptKnown();
const made = allForms()
  .filter((f) => wanted.has(f.name))
  .map((named): Made => {
    const began = performance.now();
    const isNew = !kept(named) || !before.has(named.name);
    if (!kept(named)) writeFileSync(fileOf(named.name), JSON.stringify(make(named)));
    const known = before.get(named.name) ?? knownForm(named);
    if (isNew)
      console.log(
        `${named.name}: ${known.prints.length} prints, ${((performance.now() - began) / 1000).toFixed(1)} s`,
      );
    return { known, part: partOf(named) };
  });
writeFileSync(file!, JSON.stringify(made));
