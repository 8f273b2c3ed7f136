import type { ClosedCrossing, ClosedDiagram, ClosedPass } from './closure';

/** A pass with the crossing it belongs to. */
interface At {
  readonly crossing: ClosedCrossing;
  readonly pass: ClosedPass;
}

/** The passes of every component in the order they are met. */
function along(components: number, crossings: Iterable<ClosedCrossing>): At[][] {
  const curves: At[][] = Array.from({ length: components }, () => []);
  for (const crossing of crossings)
    for (const pass of [crossing.over, crossing.under])
      curves[pass.component]!.push({ crossing, pass });
  for (const curve of curves) curve.sort((a, b) => a.pass.position - b.pass.position);
  return curves;
}

const isOver = ({ crossing, pass }: At): boolean => crossing.over === pass;

/** Crossings that can be undone where two passes follow each other: a curl, or one strand laid over another and back. */
function undone(curves: readonly At[][]): ClosedCrossing[] {
  /** Which crossing comes next under the same strand, by crossing: for finding it again where the strand lies over. */
  const pairs = new Map<ClosedCrossing, Set<ClosedCrossing>>();
  const follow = curves.flatMap((curve) =>
    curve.map((at, i) => [at, curve[(i + 1) % curve.length]!] as const),
  );
  for (const [a, b] of follow) {
    if (a.crossing === b.crossing) return [a.crossing];
    if (isOver(a) || isOver(b)) continue;
    pairs.set(a.crossing, (pairs.get(a.crossing) ?? new Set()).add(b.crossing));
    pairs.set(b.crossing, (pairs.get(b.crossing) ?? new Set()).add(a.crossing));
  }
  for (const [a, b] of follow)
    if (isOver(a) && isOver(b) && pairs.get(a.crossing)?.has(b.crossing))
      return [a.crossing, b.crossing];
  return [];
}

/**
 * The same closed curves with fewer crossings: curls are turned out and strands that only lie over each other are drawn apart
 * (Reidemeister's first and second move, as long as there is one to make). Invariants do not change; finding them is
 * exponential in what is left.
 */
export function simpler(diagram: ClosedDiagram): ClosedDiagram {
  const left = new Set(diagram.crossings);
  for (;;) {
    const gone = undone(along(diagram.components, left));
    if (gone.length === 0) return { components: diagram.components, crossings: [...left] };
    for (const c of gone) left.delete(c);
  }
}
