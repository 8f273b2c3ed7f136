import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

/** Names under which npm runs a script by itself, whoever installs. Source: npm's documentation of life cycle scripts. */
const BY_ITSELF = [
  'dependencies',
  ...['install', 'prepare', 'pack', 'publish', 'version', 'uninstall', 'shrinkwrap'].flatMap(
    (name) => [name, `pre${name}`, `post${name}`],
  ),
  'prepublish',
  'prepublishOnly',
  'prepack',
  'postpack',
];

describe('commands', () => {
  it('are run by who wants them, never by an installation', () => {
    const { scripts } = JSON.parse(readFileSync('package.json', 'utf8')) as {
      scripts: Record<string, string>;
    };
    expect(Object.keys(scripts).filter((name) => BY_ITSELF.includes(name))).toEqual([]);
    expect(Object.keys(scripts)).toContain('start');
  });
});
