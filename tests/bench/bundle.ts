import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { build, type Metafile } from 'esbuild';

/** First-load JavaScript of each page: most kB it may weigh, gzip, and the component that it is. */
export const BUDGETS: Readonly<
  Record<string, { readonly mostKb: number; readonly entry: string }>
> = {
  '/': { mostKb: 240, entry: 'src/ui/door/Door.tsx' },
  '/today': { mostKb: 240, entry: 'src/ui/today/TodayRoom.tsx' },
  '/loads': { mostKb: 202, entry: 'src/ui/loads/PlanList.tsx' },
  '/loads/[id]': { mostKb: 238, entry: 'src/ui/planner/Planner.tsx' },
  '/loads/[id]/print': { mostKb: 200, entry: 'src/ui/planner/PrintSheet.tsx' },
  '/loads/[id]/drive': { mostKb: 240, entry: 'src/ui/drive/DrivePage.tsx' },
  '/log': { mostKb: 240, entry: 'src/ui/log/LogRoom.tsx' },
  '/log/[id]': { mostKb: 240, entry: 'src/ui/log/EntryPage.tsx' },
  '/log/counts': { mostKb: 240, entry: 'src/ui/log/CountsPage.tsx' },
  '/crew': { mostKb: 240, entry: 'src/ui/crew/CrewPage.tsx' },
  '/knots': { mostKb: 240, entry: 'src/ui/knots/Finder.tsx' },
  '/knots/[id]': { mostKb: 240, entry: 'src/ui/knots/Stage.tsx' },
  '/knots/tied': { mostKb: 240, entry: 'src/ui/knots/tied/Tracing.tsx' },
  '/knots/which': { mostKb: 240, entry: 'src/ui/knots/which/Which.tsx' },
  '/knots/map': { mostKb: 240, entry: 'src/ui/knots/map/KnotMap.tsx' },
  '/knots/rigs': { mostKb: 240, entry: 'src/ui/rigs/Rigs.tsx' },
  '/drills': { mostKb: 240, entry: 'src/ui/drills/Today.tsx' },
  '/drills/courses': { mostKb: 240, entry: 'src/ui/kept/CoursesPage.tsx' },
  '/drills/courses/[id]': { mostKb: 240, entry: 'src/ui/kept/CoursePage.tsx' },
  '/drills/practice': { mostKb: 240, entry: 'src/ui/drills/Practice.tsx' },
  '/drills/standing': { mostKb: 240, entry: 'src/ui/drills/Standing.tsx' },
  '/drills/tie': { mostKb: 240, entry: 'src/ui/drills/TieRoom.tsx' },
  '/drills/today': { mostKb: 240, entry: 'src/ui/drills/Session.tsx' },
  '/bench': { mostKb: 260, entry: 'src/ui/bench/PullBench.tsx' },
  '/bench/compare': { mostKb: 240, entry: 'src/ui/bench/SideBySide.tsx' },
  '/bench/spans': { mostKb: 240, entry: 'src/ui/bench/SpanRoom.tsx' },
  '/locker': { mostKb: 240, entry: 'src/ui/locker/LockerList.tsx' },
  '/locker/[id]': { mostKb: 240, entry: 'src/ui/locker/GearPage.tsx' },
  '/locker/[id]/inspect': { mostKb: 240, entry: 'src/ui/locker/inspection/InspectionPage.tsx' },
  '/locker/cuts': { mostKb: 240, entry: 'src/ui/locker/cuts/CutListPage.tsx' },
};

/** Bytes by package; our own code by the folder below `src`. */
export type Weights = Readonly<Record<string, number>>;
const KEPT = fileURLToPath(new URL('./bundle.json', import.meta.url));
const ROOT = fileURLToPath(new URL('../..', import.meta.url));

function packageOf(file: string): string {
  const inside = file.split('node_modules/').at(-1)!;
  if (inside !== file)
    return inside
      .split('/')
      .slice(0, inside.startsWith('@') ? 2 : 1)
      .join('/');
  return file.split('/').slice(0, 3).join('/');
}

/** Outputs that an entry brings with it at once: itself and what it imports, but not what it fetches on demand. */
function atOnce(outputs: Metafile['outputs'], entry: string): string[] {
  const first = Object.keys(outputs).find((name) => outputs[name]!.entryPoint === entry)!;
  const seen = new Set([first]);
  for (const name of seen)
    for (const i of outputs[name]?.imports ?? [])
      if (i.kind === 'import-statement' && outputs[i.path]) seen.add(i.path);
  return [...seen];
}

/** What a component weighs by package, minified; the framework is left out. */
export async function weightsOf(entry: string): Promise<Weights> {
  const { metafile } = await build({
    entryPoints: [path.join(ROOT, entry)],
    absWorkingDir: ROOT,
    bundle: true,
    minify: true,
    write: false,
    metafile: true,
    format: 'esm',
    splitting: true,
    outdir: 'out',
    jsx: 'automatic',
    external: ['react', 'react-dom', 'next/*', 'react/*'],
    alias: { '@': path.join(ROOT, 'src') },
    logLevel: 'error',
  });
  const weights: Record<string, number> = {};
  for (const name of atOnce(metafile.outputs, entry)) {
    for (const [file, { bytesInOutput }] of Object.entries(metafile.outputs[name]!.inputs))
      weights[packageOf(file)] = (weights[packageOf(file)] ?? 0) + bytesInOutput;
  }
  return weights;
}

/** The packages that grew since the kept weights, most first. */
export function grown(kept: Weights, now: Weights): string[] {
  const more = Object.entries(now)
    .map(([name, bytes]) => [name, bytes - (kept[name] ?? 0)] as const)
    .filter(([, by]) => by > 0);
  return more
    .sort((a, b) => b[1] - a[1])
    .map(([name, by]) => `${name} ${by > 0 ? '+' : ''}${(by / 1000).toFixed(1)} kB`);
}

const keptWeights = (): Record<string, Weights> =>
  existsSync(KEPT) ? (JSON.parse(readFileSync(KEPT, 'utf8')) as Record<string, Weights>) : {};

/** Says what is wrong with a page's weight, and which package grew; null: it is within its budget. */
export async function overBudget(
  route: string,
  kb: number,
  kept = keptWeights(),
): Promise<string | null> {
  const budget = BUDGETS[route]!;
  if (kb <= budget.mostKb) return null;
  const more = grown(kept[route] ?? {}, await weightsOf(budget.entry));
  return `${route} weighs ${Math.round(kb)} kB, ${budget.mostKb} are allowed. Grown: ${more.slice(0, 4).join(', ') || 'nothing that is ours'}`;
}

if (process.argv[2] === 'keep') {
  const all = await Promise.all(
    Object.entries(BUDGETS).map(
      async ([route, { entry }]) => [route, await weightsOf(entry)] as const,
    ),
  );
  writeFileSync(KEPT, `${JSON.stringify(Object.fromEntries(all), null, 1)}\n`);
}
