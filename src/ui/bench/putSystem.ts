import type { BenchSystem } from '@/core/bench/rigging';
import type { LineElement } from '@/core/line/schema';
import type { Line } from '@/core/securement/schema';
import { freshId } from '@/core/ids';
import { elementOf } from '@/core/bench/compose';

const PULLS: readonly LineElement['kind'][] = ['truckers', 'tackle', 'ratchet', 'binder'];

/**
 * A line with a system in the place of what pulled it before, or before its last anchor. A hitch brings its lock; a
 * tackle needs none, so a lock that belonged to the hitch before goes with it.
 */
export function putSystem(
  line: Line,
  system: BenchSystem,
  rigging: { readonly id: string; readonly title: string } | null,
): Line {
  const at = line.elements.findIndex((e) => PULLS.includes(e.kind));
  const before = line.elements[at];
  const hadHitch = before?.kind === 'truckers';
  const rest = line.elements.filter((e, i) => i !== at && !(hadHitch && e.kind === 'lock'));
  const id = before?.id ?? freshId(system.kind, line.elements);
  const element = elementOf(system, id, rigging);
  const lock: LineElement[] =
    system.kind === 'truckers'
      ? [{ id: freshId('lock', rest), kind: 'lock', knot: system.lock }]
      : [];
  const end = rest.findLastIndex((e) => e.kind === 'anchor');
  return {
    ...line,
    elements: rest.toSpliced(
      at >= 0 ? Math.min(at, rest.length) : end < 0 ? rest.length : end,
      0,
      element,
      ...lock,
    ),
  };
}
