import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { CAUTIONS } from '@/wording/cautions';
import { CHANGE_CODES, FINDING_CODES, type FindingCode, ROW_CODES } from '@/core/securement/codes';
import { ISSUE_CODES } from '@/wording/issues';

const SRC = fileURLToPath(new URL('../../src', import.meta.url));
const files = (dir: string): string[] =>
  readdirSync(dir, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory()
      ? files(path.join(dir, e.name))
      : /\.tsx?$/.test(e.name)
        ? [path.join(dir, e.name)]
        : [],
  );
const source = (dir: string) =>
  files(path.join(SRC, dir))
    .filter((f) => !f.includes('.test.'))
    .map((f) => ({ name: path.relative(SRC, f), text: readFileSync(f, 'utf8') }));

/** Modules a file really needs at run time: type-only imports are erased. */
function imports(text: string): string[] {
  return [...text.matchAll(/^import (?!type\b)[^;]*?from '([^']+)'/gms)].map((m) => m[1]!);
}

const ORDER = ['core', 'wording', 'db', 'server'];

/** What core may use besides itself: schemas, calendar days, which name was meant, the model of memory, chance. */
const PACKAGES = /^(zod|date-fns\/.*|fastest-levenshtein|ts-fsrs|pure-rand\/.*)$/;

describe('layers point one way', () => {
  it('core imports only itself and five packages, and never leaves its folder', () => {
    for (const { name, text } of source('core'))
      for (const from of imports(text)) {
        if (PACKAGES.test(from)) continue;
        expect(from, name).toMatch(/^\.{1,2}\//);
        expect(path.normalize(path.join(path.dirname(name), from)), name).toMatch(/^core\//);
      }
  });
  it.each(ORDER.map((layer, i) => [layer, ORDER.slice(i + 1)] as const))(
    '%s imports nothing above it',
    (layer, above) => {
      for (const { name, text } of source(layer))
        for (const from of imports(text)) {
          expect(
            [...above, 'ui', 'app', 'workers'].some((l) => from.startsWith(`@/${l}/`)),
            `${name} imports ${from}`,
          ).toBe(false);
        }
    },
  );
  it('what runs in the browser takes nothing from the server at run time', () => {
    for (const layer of ['ui', 'workers'])
      for (const { name, text } of source(layer))
        for (const from of imports(text)) {
          expect(/^@\/(db|server|app)\//.test(from), `${name} imports ${from}`).toBe(false);
        }
  });
  it('SQL is written in src/db only', () => {
    for (const layer of ['core', 'ui', 'app', 'server', 'workers', 'wording'])
      for (const { name, text } of source(layer)) {
        expect(/\b(SELECT|INSERT INTO|UPDATE|DELETE FROM)\s+[a-z*]/.test(text), name).toBe(false);
      }
  });
});

/** Everything a module brings with it at run time, by file; what is imported on demand does not count. */
function broughtBy(entry: string): ReadonlySet<string> {
  const seen = new Set<string>([entry]);
  for (const file of seen) {
    if (!path.isAbsolute(file)) continue;
    for (const from of imports(readFileSync(file, 'utf8'))) {
      const base = from.startsWith('@/')
        ? path.join(SRC, from.slice(2))
        : from.startsWith('.')
          ? path.join(path.dirname(file), from)
          : null;
      seen.add(
        base === null
          ? from
          : (['.ts', '.tsx', '/index.ts'].map((e) => base + e).find((f) => existsSync(f)) ?? base),
      );
    }
  }
  return seen;
}

describe('what a page brings with it', () => {
  const pages = [
    'loads/PlanList',
    'planner/Planner',
    'planner/PrintSheet',
    'bench/PullBench',
    'bench/SpanRoom',
    'bench/SideBySide',
    'crew/CrewPage',
    'locker/LockerList',
    'locker/GearPage',
    'locker/cuts/CutListPage',
    'knots/Stage',
    'knots/Finder',
  ];
  it.each(pages)('%s parses nothing: no schema, no Zod', (page) => {
    const brought = broughtBy(path.join(SRC, 'ui', `${page}.tsx`));
    expect(brought.size).toBeGreaterThan(10);
    expect([...brought].filter((f) => f === 'zod' || /\/schema\.ts$/.test(f))).toEqual([]);
  });
  it('what is fetched on demand waits behind a boundary of its own: nothing else of the page goes while it comes', () => {
    const fetched = source('ui').flatMap(({ name, text }) =>
      [...text.matchAll(/(?<![\w.])dynamic\(((?:.|\n)*?)\);$/gm)].map(
        (m) => [name, m[1]!] as const,
      ),
    );
    expect(fetched.length).toBeGreaterThan(10);
    expect(
      fetched
        .filter(([, rest]) => !/loading: \(\) => null|ssr: false/.test(rest))
        .map(([name]) => name),
    ).toEqual([]);
  });
  it('the check sees Zod where it is', () => {
    expect(broughtBy(path.join(SRC, 'core/securement/plan.ts')).has('zod')).toBe(true);
  });
});

describe('every code has its words', () => {
  const all = [...source('core'), ...source('server'), ...source('app')]
    .map((f) => f.text)
    .join('\n');
  it('each code of findings, rows and changes is said somewhere in core: none is left over', () => {
    const said = source('core')
      .filter((f) => !f.name.endsWith('securement/codes.ts'))
      .map((f) => f.text)
      .join('\n');
    expect(
      [...FINDING_CODES, ...ROW_CODES, ...CHANGE_CODES].filter(
        (code) => !said.includes(`'${code}'`),
      ),
    ).toEqual([]);
  });
  it('a code without words does not compile', () => {
    const words: Record<FindingCode, string> = Object.fromEntries(
      FINDING_CODES.map((c) => [c, c]),
    ) as Record<FindingCode, string>;
    const { 'no-lines': _, ...rest } = words;
    // @ts-expect-error one is missing
    const lacking: Record<FindingCode, string> = rest;
    expect(Object.keys(lacking)).toHaveLength(FINDING_CODES.length - 1);
  });
  it('issues', () => {
    const found = [...all.matchAll(/(?:fail\(|refuse\(\d+, )'([a-z-]+)'/g)].map((m) => m[1]!);
    expect(found.length).toBeGreaterThan(15);
    expect(found.filter((c) => !ISSUE_CODES.includes(c))).toEqual([]);
  });
  it('the cautions name people, overhead, recoil, hands, and the label', () =>
    expect(CAUTIONS.join(' ')).toMatch(/people.*overhead.*recoils.*bights.*label/s));
});
