import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';

/** Writes what the program is built of, with licences and sizes, to docs/dependencies.md. */
const lockSchema = z.object({
  packages: z.record(
    z.string(),
    z.object({
      version: z.string().optional(),
      license: z.string().optional(),
      dev: z.boolean().optional(),
      optional: z.boolean().optional(),
      dependencies: z.record(z.string(), z.string()).optional(),
      devDependencies: z.record(z.string(), z.string()).optional(),
    }),
  ),
});
const { packages } = lockSchema.parse(JSON.parse(readFileSync('package-lock.json', 'utf8')));
const own = packages['']!;

const KB = 1024;
/** Bytes of a package as it is installed, without those inside it; null: not installed on this kind of machine. */
function sizeOf(folder: string): number | null {
  let sum = 0;
  try {
    for (const entry of readdirSync(folder, { withFileTypes: true })) {
      const at = path.join(folder, entry.name);
      if (entry.isFile()) sum += statSync(at).size;
      else if (entry.isDirectory() && entry.name !== 'node_modules') sum += sizeOf(at) ?? 0;
    }
  } catch {
    return null;
  }
  return sum;
}
const sized = (bytes: number | null): string =>
  bytes === null ? 'not here' : `${Math.max(1, Math.round(bytes / KB)).toLocaleString('en')} kB`;

const row = (name: string): string => {
  const { version = '', license = 'not said' } = packages[`node_modules/${name}`] ?? {};
  return `| ${name} | ${version} | ${license} | ${sized(sizeOf(`node_modules/${name}`))} |`;
};
const table = (names: readonly string[]): string =>
  [
    '| Package | Version | Licence | Installed |',
    '| --- | --- | --- | ---: |',
    ...names.map(row),
  ].join('\n');

const all = Object.entries(packages).filter(([at, p]) => at !== '' && !p.dev);
const byLicence = new Map<string, number>();
for (const [, { license = 'not said' }] of all)
  byLicence.set(license, (byLicence.get(license) ?? 0) + 1);
const counts = [...byLicence]
  .toSorted((a, b) => b[1] - a[1])
  .map(([licence, n]) => `${licence} ${n}`)
  .join(', ');
const total = all.reduce((sum, [at]) => sum + (sizeOf(at) ?? 0), 0);

writeFileSync(
  'docs/dependencies.md',
  `# What the program is built of

Written by \`npm run licences\` from the lock file. ${all.length} packages come with the program, those of others counted:
${sized(total)} installed on this kind of machine. By licence: ${counts}.

## With the program

${table(Object.keys(own.dependencies ?? {}))}

## For building and testing alone

${table(Object.keys(own.devDependencies ?? {}))}
`,
);
