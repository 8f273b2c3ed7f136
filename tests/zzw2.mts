import { build } from 'esbuild';
import path from 'node:path';
const ROOT = '/work/main';
const { metafile } = await build({
  entryPoints: [path.join(ROOT, process.argv[2]!)],
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
const first = Object.keys(metafile.outputs).find(
  (n) => metafile.outputs[n]!.entryPoint === process.argv[2],
)!;
const seen = new Set([first]);
for (const n of seen)
  for (const i of metafile.outputs[n]?.imports ?? [])
    if (i.kind === 'import-statement' && metafile.outputs[i.path]) seen.add(i.path);
const rows: [string, number][] = [];
for (const n of seen)
  for (const [f, { bytesInOutput }] of Object.entries(metafile.outputs[n]!.inputs))
    rows.push([f, bytesInOutput]);
const re = new RegExp(process.argv[3] ?? '.');
for (const [f, b] of rows
  .filter(([f]) => re.test(f))
  .sort((a, b) => b[1] - a[1])
  .slice(0, Number(process.argv[4] ?? 40)))
  console.log(b, f.replace('node_modules/', ''));
