/**
 * Jones polynomials of every form, in every way it is closed, against Regina (Debian's regina-normal), an independent
 * program for knots and 3-manifolds. Skipped where it is not installed.
 */
import { spawnSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { allForms } from '@/core/knot/catalogue';
import { readForm } from '@/core/knot/form/form';
import { closed } from '@/core/knot/topology/closure';
import { jonesInA } from '@/core/knot/topology/jones';
import { laurentText } from '@/core/knot/topology/laurent';
import { type PlanarCode, planarCode, planarCodeText } from '@/core/knot/topology/planar-code';
import { viewsOf } from '@/core/knot/topology/views';

const PYTHON = '/usr/bin/python3';
const present = spawnSync(PYTHON, ['-c', 'import regina']).status === 0;

const SCRIPT = `
import sys, json, regina
for line in sys.stdin:
    print(str(regina.Link.fromPD(line.strip()).jones()), flush=True)
`;

/** Terms of Regina's polynomial in x, x² = t, as powers of A (t = A⁻⁴) with their coefficients. */
function ofRegina(text: string): [number, number][] {
  return [...text.replaceAll(' ', '').matchAll(/([+-]?)(\d*)(x(?:\^(-?\d+))?)?/g)]
    .filter((m) => m[0] !== '')
    .map((m) => [m[3] ? -2 * Number(m[4] ?? 1) : 0, (m[1] === '-' ? -1 : 1) * Number(m[2] || 1)]);
}

/** Ours, from its text. */
function ours(code: PlanarCode): [number, number][] {
  const text = laurentText(jonesInA(code), 'A').replaceAll(' ', '').replaceAll('−', '-');
  return [...text.matchAll(/([+-]?)(\d*)(A(?:\^(-?\d+))?)?/g)]
    .filter((m) => m[0] !== '')
    .map((m) => [m[3] ? Number(m[4] ?? 1) : 0, (m[1] === '-' ? -1 : 1) * Number(m[2] || 1)]);
}

/** Terms in order. A link's polynomial is known up to a power only: a component that lies over everywhere has no direction in the code. */
function terms(list: [number, number][], link: boolean): string {
  const sorted = list.toSorted((a, b) => a[0] - b[0]);
  const from = link ? sorted[0]![0] : 0;
  return sorted.map(([p, c]) => `${c}A^${p - from}`).join(' ');
}

const cases = allForms().flatMap(({ name, form }) => {
  const read = readForm(name, form.spec);
  return read.ok
    ? viewsOf(read.value)
        .map((v) => ({
          name: `${name}, ${v.name}`,
          code: planarCode(closed(v.diagram, v.closure)),
        }))
        .filter((c) => c.code.crossings.length > 0 && c.code.freeLoops === 0)
    : [];
});

describe.skipIf(!present)('Jones polynomials against Regina', () => {
  it('there is something to compare', () => expect(cases.length).toBeGreaterThan(100));
  it('every form in every closure', () => {
    const input = cases
      .map((c) => planarCodeText(c.code).replace('PD', '').replaceAll('X', ''))
      .join('\n');
    const run = spawnSync(PYTHON, ['-c', SCRIPT], { input: `${input}\n`, encoding: 'utf8' });
    const lines = run.stdout.trim().split('\n');
    expect(lines.length).toBe(cases.length);
    const differing = cases.flatMap((c, i) => {
      const link = c.code.components > 1;
      const [a, b] = [terms(ours(c.code), link), terms(ofRegina(lines[i]!), link)];
      return a === b ? [] : [`${c.name}: ours ${a}; Regina ${b}`];
    });
    expect(differing).toEqual([]);
  });
});
