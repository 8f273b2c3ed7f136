import { rmSync } from 'node:fs';
import path from 'node:path';
import { injectManifest } from '@serwist/build';
import { build } from 'esbuild';
import { ROOT } from './system.mjs';

/** Makes the worker that keeps the program for times without a network: with the names of everything that was built. */
const bundled = path.join(ROOT, '.next/offline-worker.js');
await build({
  entryPoints: [path.join(ROOT, 'src/workers/offline/worker.ts')],
  outfile: bundled,
  bundle: true,
  minify: true,
  target: 'es2022',
  format: 'iife',
  define: { 'process.env.NODE_ENV': '"production"' },
  logLevel: 'warning',
});
await injectManifest({
  swSrc: bundled,
  swDest: path.join(ROOT, 'public/offline-worker.js'),
  globDirectory: path.join(ROOT, '.next/static'),
  globPatterns: ['**/*.{js,css,woff2,svg}'],
  modifyURLPrefix: { '': '/_next/static/' },
  // Their names tell them apart already.
  dontCacheBustURLsMatching: /./,
  maximumFileSizeToCacheInBytes: 4_000_000,
  additionalPrecacheEntries: [{ url: '/no-network.html', revision: '1' }],
});
rmSync(bundled);
