import { newElement } from '../../line/compose';
import { alternatives } from '../../line/alternatives';
import { kindOf, knotsIn } from '../../line/elements';
import { OUT_OF_PLACE, weightOf } from '../../line/doubts';
import type { ElementKindId, LineElement } from '../../line/schema';
import type { MayTie } from '../advice/may-tie';
import { lineContext } from '../assess';
import { MIDDLE, onDeckEnd } from '../compose';
import type { Plan } from '../plan';
import type { LineMake } from '../vocabulary';
import type { Member, StockClass } from './stock';

/** Lines that can be made of a locker: their elements between two anchors, and the classes they take of. */
export interface GearLine {
  readonly make: LineMake;
  readonly elements: (ends: readonly [string, string]) => LineElement[];
  readonly uses: readonly { readonly class: number; readonly ofRun: boolean }[];
}

/** An element as a thing of the locker; null: it does not fit there. */
export function asThing(element: LineElement, { id, fact }: Member): LineElement | null {
  const fit = kindOf(element).gear;
  const taken = fit?.taken(element, fact, fact.state.remainingM) ?? null;
  return taken && ({ ...taken, gearId: id } as LineElement);
}

/** What runs along a line of a make, and what draws it tight where that is a thing of its own. */
const THINGS: Record<LineMake, readonly [run: ElementKindId, tightener: ElementKindId | null]> = {
  rope: ['rope', null],
  webbing: ['webbing', 'ratchet'],
  chain: ['chain', 'binder'],
};

const takes = (kind: ElementKindId, of: StockClass): boolean =>
  asThing(newElement(kind, []), of.longest) !== null;

function lineOf(
  make: LineMake,
  stock: readonly StockClass[],
  run: number,
  tightener: number | null,
): GearLine {
  const [runKind, tightKind] = THINGS[make];
  const filled = (e: LineElement): LineElement => {
    const at = e.kind === runKind ? run : e.kind === tightKind ? tightener : null;
    return (at === null ? null : asThing(e, stock[at]!.longest)) ?? e;
  };
  return {
    make,
    elements: ([a, b]) => {
      const list: LineElement[] = [onDeckEnd('a', a)];
      for (const kind of MIDDLE[make]) list.push(newElement(kind, list));
      return [...list, onDeckEnd('b', b)].map(filled);
    },
    uses: [
      { class: run, ofRun: true },
      ...(tightener === null ? [] : [{ class: tightener, ofRun: false }]),
    ],
  };
}

/** Every line the locker has the things for: a rope with its hitch, webbing with a ratchet, chain with a binder. */
export function gearLines(stock: readonly StockClass[]): GearLine[] {
  const of = (kind: ElementKindId | null): number[] =>
    kind === null ? [] : stock.flatMap((c, i) => (takes(kind, c) ? [i] : []));
  return (Object.keys(THINGS) as LineMake[]).flatMap((make) => {
    const [run, tightener] = THINGS[make];
    return of(run).flatMap((r) =>
      (tightener === null ? [null] : of(tightener)).map((t) => lineOf(make, stock, r, t)),
    );
  });
}

/** The knot of an element as it may be asked for: as it is, and the strongest that suits the place. None: nobody may tie any. */
function waysOf(
  plan: Plan,
  elements: readonly LineElement[],
  index: number,
  mayTie: MayTie,
): LineElement[] {
  const element = elements[index]!;
  if (knotsIn(element).length === 0) return [element];
  const probe = { temporary: false } as Parameters<typeof lineContext>[1];
  const list = alternatives(elements, index, lineContext(plan, probe, new Map())).filter(
    (a) =>
      // A splice is made at home, not at the roadside.
      a.key !== 'eye-splice' &&
      weightOf(a.doubts) < OUT_OF_PLACE &&
      knotsIn(a.element).every(mayTie),
  );
  const [best] = list;
  const now = list.find((a) => a.current && weightOf(a.doubts) <= weightOf(best!.doubts));
  return [...new Set([now, best].flatMap((a) => (a ? [a.element] : [])))];
}

/** A line tied in every way worth trying with knots that may be asked for; hitches with one loop, and with two. */
export function tiedWays(
  plan: Plan,
  elements: readonly LineElement[],
  mayTie: MayTie,
): LineElement[][] {
  let ways: LineElement[][] = [[...elements]];
  elements.forEach((_, i) => {
    ways = ways.flatMap((way) => waysOf(plan, way, i, mayTie).map((e) => way.with(i, e)));
  });
  return ways.flatMap((way) => {
    const twice = way.map((e) => kindOf(e).hand?.secondLoop?.(e) ?? e);
    return twice.some((e, i) => e !== way[i]) ? [way, twice] : [way];
  });
}
