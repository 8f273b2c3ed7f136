import { unitName } from '../load/describe';
import type { Plan } from '../plan';
import { articleOf } from '../load/articles';
import { joined } from '../load/blocks';
import { type SideContact, sideContacts } from '../load/contacts';
import { feetOf, footLine, fromMiddle, type Placed, underOf } from '../load/placed';
import { type LineFacts, tieDownOf } from '../rule-input';
import type { Article, TieDown } from '../rules/rule-set';
import type { Point } from '../leg';
import { DIRECTIONS } from '../vocabulary';

/** One unit as statics sees it. */
export interface StaticsBody {
  readonly id: string;
  readonly name: string;
  readonly placed: Placed;
  /** Its mass, its weight's place, its friction and its boards; heights from its own foot. */
  readonly article: Article;
  readonly feet: readonly Point[];
  /** The body it stands on; null: the deck. */
  readonly onId: string | null;
}

/** Chocks on both sides of a lying cylinder: where they touch it, and which way they push. */
export interface Chock {
  readonly bodyId: string;
  readonly corners: readonly Point[];
  readonly normal: Point;
  readonly capacityN: number | null;
}

/** Units that statics can only judge together: they touch, or one line or board is at several of them. */
export interface StaticsPart {
  readonly bodies: readonly StaticsBody[];
  readonly contacts: readonly SideContact[];
  readonly chocks: readonly Chock[];
  readonly tieDowns: readonly TieDown[];
}

/** A whole load as statics sees it. */
export interface StaticsLoad {
  readonly parts: readonly StaticsPart[];
  /** Whether there are several units, so that it is worth saying which. */
  readonly several: boolean;
  readonly tieDowns: readonly TieDown[];
  readonly deck: Pick<Plan['deck'], 'lengthM' | 'widthM' | 'boards'>;
}

type OnDeck = { readonly deck: Pick<Plan['deck'], 'lengthM' | 'widthM' | 'boards'> };

function bodyOf(plan: OnDeck, placed: Placed, load: readonly Placed[]): StaticsBody {
  const under = underOf(placed, load);
  const block = { units: [placed], standing: [placed], underId: under?.unit.id ?? null };
  return {
    id: placed.unit.id,
    name: unitName(placed.unit),
    placed,
    article: articleOf(plan, block, [block]),
    feet: feetOf(placed, under, plan.deck),
    onId: under?.unit.id ?? null,
  };
}

/**
 * Chocks of a lying cylinder. A chock touches it at its own height and pushes toward its axis: without friction, which
 * understates it. They are fixed to the deck, so that what stands on another unit has none.
 */
function chocksOf(placed: Placed): Chock[] {
  const { shape, heightM, id } = placed.unit;
  if (shape.kind !== 'cylinder-lying' || shape.chocks === null || placed.unit.on.kind !== 'deck')
    return [];
  const { chocks, axis } = shape;
  const r = heightM / 2;
  const out = Math.sqrt(Math.max(0, r * r - (r - chocks.heightM) ** 2));
  const middle = placed.middle;
  return [1, -1].map((side): Chock => {
    const off = fromMiddle(
      placed,
      axis === 'width' ? { x: side * out, y: 0 } : { x: 0, y: side * out },
    );
    const [dx, dy] = [off.x - middle.x, off.y - middle.y];
    return {
      bodyId: id,
      capacityN: chocks.capacityN,
      normal: { x: -dx / r, y: -dy / r, z: (r - chocks.heightM) / r },
      corners: footLine(placed).map((p) => ({ x: p.x + dx, y: p.y + dy, z: chocks.heightM })),
    };
  });
}

/** Bodies that pull, press or push each other. */
function partsOf(
  bodies: readonly StaticsBody[],
  contacts: readonly SideContact[],
  tieDowns: readonly TieDown[],
): string[][] {
  const boards = DIRECTIONS.map((d) =>
    bodies.filter((b) => b.placed.unit.against.includes(d)).map((b) => b.id),
  );
  return joined(
    bodies.map((b) => b.id),
    [
      ...bodies.flatMap((b) => (b.onId === null ? [] : [[b.id, b.onId]])),
      ...contacts.map((c) => [c.from, c.to]),
      ...tieDowns.map((td) => [...new Set(td.pulls.map((p) => p.unitId))]),
      ...boards,
    ],
  );
}

/** Every unit of a load in one part, without lines. */
export const wholeLoadOf = (load: readonly Placed[], deck: OnDeck['deck']): StaticsPart => ({
  bodies: load.map((p) => bodyOf({ deck }, p, load)),
  contacts: sideContacts(load),
  chocks: load.flatMap(chocksOf),
  tieDowns: [],
});

/** The load of a plan, in parts that have nothing to do with each other. */
export function staticsLoadOf(
  plan: Plan,
  load: readonly Placed[],
  lines: readonly LineFacts[],
): StaticsLoad {
  const bodies = load.map((p) => bodyOf(plan, p, load));
  const contacts = load.length > 1 ? sideContacts(load) : [];
  const tieDowns = lines.map((l) => tieDownOf(l));
  const chocks = load.flatMap(chocksOf);
  const only = bodies.length === 1;
  const ids = only ? [bodies.map((b) => b.id)] : partsOf(bodies, contacts, tieDowns);
  return {
    several: !only,
    tieDowns,
    deck: plan.deck,
    parts: ids.map((part): StaticsPart => {
      const has = (id: string): boolean => part.includes(id);
      return {
        bodies: bodies.filter((b) => has(b.id)),
        contacts: contacts.filter((c) => has(c.from)),
        chocks: chocks.filter((c) => has(c.bodyId)),
        tieDowns: only
          ? tieDowns
          : tieDowns.filter((td, i) =>
              td.pulls.length > 0
                ? td.pulls.some((p) => has(p.unitId))
                : lines[i]!.line.units.some(has),
            ),
      };
    }),
  };
}
