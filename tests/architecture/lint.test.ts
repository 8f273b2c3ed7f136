/** The lint says what it is there to say: planted faults are found, each by its rule. */
import {
  copyFileSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  realpathSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { ESLint } from 'eslint';
import prettier from 'prettier';
import { describe, expect, it } from 'vitest';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** Lints files of a tree that has nothing else in it, by the project's own rules. @returns the rules that object. */
async function objectionsTo(files: Readonly<Record<string, string>>): Promise<string[]> {
  const tree = realpathSync(mkdtempSync(path.join(tmpdir(), 'vast-cleat-lint-')));
  copyFileSync(path.join(ROOT, 'tsconfig.json'), path.join(tree, 'tsconfig.json'));
  for (const [name, text] of Object.entries(files)) {
    mkdirSync(path.dirname(path.join(tree, name)), { recursive: true });
    writeFileSync(path.join(tree, name), text);
  }
  try {
    const results = await new ESLint({
      cwd: tree,
      overrideConfigFile: path.join(ROOT, 'eslint.config.js'),
    }).lintFiles(Object.keys(files));
    expect(results).toHaveLength(Object.keys(files).length);
    return [
      ...new Set(results.flatMap((r) => r.messages.map((m) => m.ruleId ?? m.message))),
    ].sort();
  } finally {
    rmSync(tree, { recursive: true, force: true });
  }
}

describe('lint', () => {
  it('finds a circle of two files', async () => {
    expect(
      await objectionsTo({
        'src/core/units/planted-a.ts':
          "import { b } from './planted-b';\n\nexport const a = (): number => b();\n",
        'src/core/units/planted-b.ts':
          "import { a } from './planted-a';\n\nexport const b = (): number => a();\n",
      }),
    ).toEqual(['import-x/no-cycle']);
  });
  it('finds an arrow back up between folders of the core and between rooms, but lets types be named', async () => {
    expect(
      await objectionsTo({
        'src/core/line/planted.ts':
          "import { assess } from '../securement/assess';\n\nexport const a = assess;\n",
      }),
    ).toEqual(['@typescript-eslint/no-restricted-imports']);
    expect(
      await objectionsTo({
        'src/ui/bench/planted.ts':
          "import { usePlanner } from '../planner/usePlanner';\n\nexport const a = usePlanner;\n",
      }),
    ).toEqual(['@typescript-eslint/no-restricted-imports']);
    expect(
      await objectionsTo({
        'src/core/line/planted.ts':
          "import type { Assessment } from '../securement/assess';\n\nexport const a = (x: Assessment): string => x.verdict;\n",
      }),
    ).toEqual([]);
  });
  it('finds a component that looks round the whole page', async () => {
    expect(
      await objectionsTo({
        'src/ui/kit/Planted.tsx':
          "export const a = (): Element | null => document.querySelector('b');\n",
      }),
    ).toEqual(['no-restricted-properties']);
  });
  it('finds an inline style, but lets a custom property be set', async () => {
    const styled = (style: string): Record<string, string> => ({
      'src/ui/kit/Planted.tsx': `export const A = () => <p style={{ ${style} }}>a</p>;\n`,
    });
    expect(await objectionsTo(styled('paddingTop: 4'))).toEqual(['no-restricted-syntax']);
    expect(await objectionsTo(styled("'--at': '4%', left: 0"))).toEqual(['no-restricted-syntax']);
    expect(await objectionsTo(styled("'--at': '4%'"))).toEqual([]);
  });
  it('finds what Prettier would write otherwise', async () => {
    const options = await prettier.resolveConfig(path.join(ROOT, 'src/core/index.ts'));
    const as = { ...options, filepath: 'planted.ts' };
    expect(options).toMatchObject({ printWidth: 100 });
    expect(await prettier.check('export const a = [1,2]\n', as)).toBe(false);
    expect(await prettier.check('export const a = [1, 2];\n', as)).toBe(true);
    const { scripts } = JSON.parse(readFileSync(path.join(ROOT, 'package.json'), 'utf8')) as {
      scripts: Record<string, string>;
    };
    expect(scripts['lint:format']).toContain('prettier --check');
    expect(scripts['lint']).toContain('lint:format');
  });
  it('finds an interface in core, a server in the interface, and a file that grew too long', async () => {
    expect(
      await objectionsTo({
        'src/core/units/planted.ts':
          "import { useState } from 'react';\n\nexport const a = useState;\n",
      }),
    ).toEqual(['no-restricted-imports']);
    expect(
      await objectionsTo({
        'src/ui/kit/planted.ts': "import { pool } from '@/db/pool';\n\nexport const a = pool;\n",
      }),
    ).toEqual(['@typescript-eslint/no-restricted-imports']);
    expect(
      await objectionsTo({
        'src/core/units/planted.ts': Array.from(
          { length: 301 },
          (_, i) => `export const a${i} = ${i};`,
        ).join('\n'),
      }),
    ).toEqual(['max-lines']);
  });
});
