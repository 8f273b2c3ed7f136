import type { LineShape } from '../route/shape';
import type { Placed } from './placed';

/** Units that a rule set looks at as one article. */
export interface Block {
  readonly units: readonly Placed[];
  /** Those of them that stand on what the article stands on. */
  readonly standing: readonly Placed[];
  /** The unit it stands on; null: the deck. */
  readonly underId: string | null;
}

const childrenOf = (load: readonly Placed[], id: string): Placed[] =>
  load.filter(({ unit: { on } }) => on.kind === 'unit' && on.unitId === id);

/** A unit with everything that stands on it. */
function stackOf(foot: Placed, load: readonly Placed[]): Placed[] {
  return [foot, ...childrenOf(load, foot.unit.id).flatMap((p) => stackOf(p, load))];
}

/** Sets of things, joined wherever a link says so. */
export function joined<T>(items: readonly T[], links: readonly (readonly T[])[]): T[][] {
  const root = new Map(items.map((i) => [i, i]));
  const find = (i: T): T => {
    const up = root.get(i)!;
    return up === i ? i : find(up);
  };
  for (const [first, ...rest] of links)
    if (first !== undefined && root.has(first))
      for (const other of rest) if (root.has(other)) root.set(find(other), find(first));
  const groups = new Map<T, T[]>();
  for (const i of items) groups.set(find(i), [...(groups.get(find(i)) ?? []), i]);
  return [...groups.values()];
}

/** Units each line pulls at. */
export const touchedBy = ({ pulls }: LineShape): string[] => [
  ...new Set(pulls.map((p) => p.unitId)),
];

/**
 * The articles of a load. On the deck: stacks, and those that one line holds together as one article, because no rule says
 * how a line is shared between them. On a unit: whatever stands there, with what stands on it, once more by itself.
 */
export function blocksOf(load: readonly Placed[], shapes: readonly LineShape[]): Block[] {
  const feet = load.filter((p) => p.unit.on.kind === 'deck');
  const footOf = new Map(
    feet.flatMap((f) => stackOf(f, load).map((p) => [p.unit.id, f.unit.id] as const)),
  );
  const links = shapes.map((s) => touchedBy(s).flatMap((id) => footOf.get(id) ?? []));
  const onDeck = joined(
    feet.map((f) => f.unit.id),
    links,
  ).map((ids): Block => {
    const standing = feet.filter((f) => ids.includes(f.unit.id));
    return { standing, underId: null, units: standing.flatMap((f) => stackOf(f, load)) };
  });
  const onUnits = load.flatMap((p): Block[] =>
    p.unit.on.kind === 'unit'
      ? [{ standing: [p], underId: p.unit.on.unitId, units: stackOf(p, load) }]
      : [],
  );
  return [...onDeck, ...onUnits];
}
