import { existsSync, readFileSync, writeFileSync } from 'node:fs';

/** Starts an entry of the catalogue: a file that compiles, with an overhand to be drawn over. npm run knots:new -- lantern-hitch "Lantern hitch" */

const [id = '', name = id] = process.argv.slice(2);
const CORE = new URL('../../src/core/knot/', import.meta.url);
const file = new URL(`catalogue/${id}.ts`, CORE);
const variable = id.replace(/-([a-z0-9])/g, (_, letter: string) => letter.toUpperCase());

function refuse(why: string): never {
  console.error(why);
  process.exit(1);
}
if (!/^[a-z][a-z0-9]*(-[a-z0-9]+)*$/.test(id))
  refuse(
    'Give an id of small letters and hyphens, then the name: npm run knots:new -- lantern-hitch "Lantern hitch"',
  );
if (existsSync(file)) refuse(`There is an entry ${id} already.`);

/** Puts a line before a marker in a file of the core. */
function insert(path: string, marker: string, line: string): void {
  const url = new URL(path, CORE);
  const text = readFileSync(url, 'utf8');
  if (!text.includes(marker))
    refuse(`${path} has no “${marker.trim()}” any more: add the entry there by hand.`);
  writeFileSync(url, text.replace(marker, `${line}${marker}`));
}

const ENTRY = `import type { Entry } from './entry';

/** ${name}. Paths in rope diameters; tying from the trade's common practice. */
export const ${variable} = {
  id: '${id}',
  name: '${name.replaceAll("'", '’')}',
  aliases: [],
  family: 'stopper',
  purpose: 'What it is for, in one sentence.',
  notFor: 'What it must not be used for.',
  strength: null,
  jams: 'When it jams.',
  unties: 'How it is untied.',
  holds: { slack: 'with care', wet: 'with care', stiff: 'with care', slick: 'with care' },
  needs: 'either',
  easy: { tie: 2, untie: 2 },
  gloves: false,
  slipped: 'How it is slipped, or that it is not.',
  backup: 'What backs it up.',
  tailD: 12,
  purposes: [],
  crews: [],
  disputes: [],
  checks: ['What the eye must see before the pull.'],
  forms: [
    {
      id: 'plain',
      name: 'plain',
      note: 'Draw the path: x,y points in diameters, y up; between them O, U or . for every crossing met, o and u at a bar.',
      spec: { ropes: [{ path: '-11,0 -5,0 OU 4,0 6,2 O 6,4 3,6.5 -1,6 -3,3 U -2.5,-2 0,-3 O 2,1 5,3 U 11,4' }] },
      claims: [{ closure: 'ends', alone: ['3₁'] }],
      steps: [
        { shown: { upTo: [8.5] }, say: 'First thing to do.', look: 'What to look at.' },
        { shown: 'drawn up', say: 'Pull both parts.', look: 'What it looks like when it is right.' },
      ],
    },
  ],
  wrong: [],
} as const satisfies Entry;
`;

writeFileSync(file, ENTRY);
insert('entry-ids.ts', '] as const;', `  '${id}',\n`);
insert(
  'catalogue/index.ts',
  'import type { Entry, TiedForm',
  `import { ${variable} } from './${id}';\n`,
);
insert('catalogue/index.ts', '];\n\n/** The entry with an id', `  ${variable},\n`);
console.log(
  `src/core/knot/catalogue/${id}.ts is started. Draw it, then: npm run knots:look -- ${id}, and npm run knots:bake`,
);
