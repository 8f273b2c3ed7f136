import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { CAUTIONS } from '@/wording/cautions';
import { CHANGE_CODES, FINDING_CODES } from '@/wording/findings';
import { ISSUE_CODES } from '@/wording/issues';

const SRC = fileURLToPath(new URL('../../src', import.meta.url));
const files = (dir: string): string[] => readdirSync(dir, { withFileTypes: true }).flatMap((e) =>
  e.isDirectory() ? files(path.join(dir, e.name)) : /\.tsx?$/.test(e.name) ? [path.join(dir, e.name)] : []);
const source = (dir: string) => files(path.join(SRC, dir)).filter((f) => !f.includes('.test.')).map((f) => ({ name: path.relative(SRC, f), text: readFileSync(f, 'utf8') }));

/** Modules a file really needs at run time: type-only imports are erased. */
function imports(text: string): string[] {
  return [...text.matchAll(/^import (?!type\b)[^;]*?from '([^']+)'/gms)].map((m) => m[1]!);
}

const ORDER = ['core', 'wording', 'db', 'server'];

describe('layers point one way', () => {
  it('core imports only itself and zod, and never leaves its folder', () => {
    for (const { name, text } of source('core')) for (const from of imports(text)) {
      if (from === 'zod') continue;
      expect(from, name).toMatch(/^\.{1,2}\//);
      expect(path.normalize(path.join(path.dirname(name), from)), name).toMatch(/^core\//);
    }
  });
  it.each(ORDER.map((layer, i) => [layer, ORDER.slice(i + 1)] as const))('%s imports nothing above it', (layer, above) => {
    for (const { name, text } of source(layer)) for (const from of imports(text)) {
      expect([...above, 'ui', 'app', 'workers'].some((l) => from.startsWith(`@/${l}/`)), `${name} imports ${from}`).toBe(false);
    }
  });
  it('what runs in the browser takes nothing from the server at run time', () => {
    for (const layer of ['ui', 'workers']) for (const { name, text } of source(layer)) for (const from of imports(text)) {
      expect(/^@\/(db|server|app)\//.test(from), `${name} imports ${from}`).toBe(false);
    }
  });
  it('SQL is written in src/db only', () => {
    for (const layer of ['core', 'ui', 'app', 'server', 'workers', 'wording']) for (const { name, text } of source(layer)) {
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
      const base = from.startsWith('@/') ? path.join(SRC, from.slice(2)) : from.startsWith('.') ? path.join(path.dirname(file), from) : null;
      seen.add(base === null ? from : (['.ts', '.tsx', '/index.ts'].map((e) => base + e).find((f) => existsSync(f)) ?? base));
    }
  }
  return seen;
}

describe('what a page brings with it', () => {
  const pages = ['loads/PlanList', 'planner/Planner', 'planner/PrintSheet', 'bench/PullBench', 'bench/SpanRoom', 'bench/SideBySide', 'crew/CrewPage', 'locker/LockerList', 'locker/GearPage', 'locker/cuts/CutListPage', 'knots/Stage', 'knots/Finder'];
  it.each(pages)('%s parses nothing: no schema, no Zod', (page) => {
    const brought = broughtBy(path.join(SRC, 'ui', `${page}.tsx`));
    expect(brought.size).toBeGreaterThan(10);
    expect([...brought].filter((f) => f === 'zod' || /\/schema\.ts$/.test(f))).toEqual([]);
  });
  it('the check sees Zod where it is', () => {
    expect(broughtBy(path.join(SRC, 'core/securement/plan.ts')).has('zod')).toBe(true);
  });
});

describe('every code has its words', () => {
  const core = source('core').map((f) => f.text).join('\n');
  const all = [...source('core'), ...source('server'), ...source('app')].map((f) => f.text).join('\n');
  it('findings', () => {
    const found = [...core.matchAll(/code: '([a-z-]+)'(?:,| as const,)?\s*effect/g), ...core.matchAll(/about\(td, '([a-z-]+)'/g)].map((m) => m[1]!);
    const problems = [...core.matchAll(/\| '([a-z-]+)'/g)].map((m) => m[1]!).filter((c) => /^(unrated|unknown-rope|bend-too|no-rope|knot-in|post-not|unmarked|anchor-missing)/.test(c));
    expect(found.length).toBeGreaterThan(10);
    expect([...found, ...problems].filter((c) => !FINDING_CODES.includes(c))).toEqual([]);
  });
  it('changes', () => {
    const text = source('core/securement/advice').map((f) => f.text).join('\n');
    const found = [...text.matchAll(/code: '([a-z-]+)'/g)].map((m) => m[1]!);
    expect(found.length).toBeGreaterThan(5);
    expect(found.filter((c) => !CHANGE_CODES.includes(c))).toEqual([]);
  });
  it('issues', () => {
    const found = [...all.matchAll(/(?:fail\(|refuse\(\d+, )'([a-z-]+)'/g)].map((m) => m[1]!);
    expect(found.length).toBeGreaterThan(15);
    expect(found.filter((c) => !ISSUE_CODES.includes(c))).toEqual([]);
  });
  it('the cautions name people, overhead, recoil, hands, and the label', () =>
    expect(CAUTIONS.join(' ')).toMatch(/people.*overhead.*recoils.*bights.*label/s));
});
