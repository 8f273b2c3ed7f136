import type { ClosedDiagram, ClosedPass } from './closure';

/** A crossing by its four edges, counterclockwise from the incoming under edge; +1 right-handed, −1 left-handed. */
export interface PlanarCrossing {
  readonly edges: readonly [underIn: number, right: number, underOut: number, left: number];
  readonly sign: 1 | -1;
  readonly components: readonly [over: number, under: number];
}

/** A link as combinatorics: nothing of the drawing is left but who passes whom. */
export interface PlanarCode {
  readonly crossings: readonly PlanarCrossing[];
  readonly components: number;
  /** Components that meet no crossing at all. */
  readonly freeLoops: number;
  readonly writhe: number;
}

/** Planar diagram code of closed curves. Right-handed: turning the over strand counterclockwise leads to the under strand. */
export function planarCode(diagram: ClosedDiagram): PlanarCode {
  const edgesOf = new Map<ClosedPass, { in: number; out: number }>();
  let edge = 0;
  let freeLoops = 0;
  for (let c = 0; c < diagram.components; c++) {
    const passes = diagram.crossings
      .flatMap((x) => [x.over, x.under])
      .filter((p) => p.component === c)
      .sort((a, b) => a.position - b.position);
    if (passes.length === 0) freeLoops += 1;
    passes.forEach((pass, i) =>
      edgesOf.set(pass, { in: edge + i, out: edge + ((i + 1) % passes.length) }),
    );
    edge += passes.length;
  }
  const crossings = diagram.crossings.map(({ over, under }): PlanarCrossing => {
    const [o, u] = [edgesOf.get(over)!, edgesOf.get(under)!];
    const positive =
      over.direction.x * under.direction.y - over.direction.y * under.direction.x > 0;
    return {
      edges: positive ? [u.in, o.out, u.out, o.in] : [u.in, o.in, u.out, o.out],
      sign: positive ? 1 : -1,
      components: [over.component, under.component],
    };
  });
  return {
    crossings,
    components: diagram.components,
    freeLoops,
    writhe: crossings.reduce((sum, x) => sum + x.sign, 0),
  };
}

/** One component of closed curves, the others taken away. */
export function onlyComponent(diagram: ClosedDiagram, component: number): ClosedDiagram {
  const crossings = diagram.crossings.filter(
    (c) => c.over.component === component && c.under.component === component,
  );
  const renamed = (p: ClosedPass): ClosedPass => ({ ...p, component: 0 });
  return {
    components: 1,
    crossings: crossings.map((c) => ({ over: renamed(c.over), under: renamed(c.under) })),
  };
}

/** Linking number of two components: half the signed crossings between them. */
export function linkingNumber(code: PlanarCode, a: number, b: number): number {
  const between = code.crossings.filter(
    ({ components: [o, u] }) => (o === a && u === b) || (o === b && u === a),
  );
  return between.reduce((sum, x) => sum + x.sign, 0) / 2;
}

/** The code as text in the usual notation, `PD[X[1,5,2,4],…]`, edges from 1; every crossing from its incoming under edge. */
export function planarCodeText(code: PlanarCode): string {
  return `PD[${code.crossings.map(({ edges }) => `X[${edges.map((e) => e + 1).join(',')}]`).join(',')}]`;
}
