import type { Random } from './random';
import { round, force, cargoOf, num, deckOf, edge, OVER_COUNTS } from './make-cargo';

/** A plan document as somebody might write it: believable, now and then malformed, in mixed units, on a rule's boundary. */
export type RawPlan = Record<string, unknown> & {
  cargo: Record<string, unknown>;
  deck: Record<string, unknown> & { anchors: Record<string, unknown>[] };
  lines: RawLine[];
  ruleSet: string;
};

export type RawElement = Record<string, unknown> & { id: string; kind: string };

export type RawLine = Record<string, unknown> & {
  id: string;
  kind: string;
  elements: RawElement[];
};

function ropeOf(r: Random): RawElement {
  const labelled = r.chance(0.85);
  return {
    id: 'run',
    kind: 'rope',
    rope: {
      material: 'polyester',
      diameterM: 0.012,
      mbsN: labelled ? r.pick([21_000, 24_000, 30_000]) : null,
      condition: r.pick([
        'new',
        'new',
        'good',
        'good',
        'worn',
        'doubtful',
        ...(r.chance(0.1) ? ['damaged'] : []),
      ]),
      weather: r.chance(0.8) ? 'dry' : 'wet',
      markedWllN: r.chance(0.1) ? 3000 : null,
    },
  };
}

/** What the lines of a plan are made of: one sort a plan, as in a yard. */
type Make = 'webbing' | 'chain' | 'spliced' | 'two-ropes' | 'on-a-shackle' | 'rope';

export const makeOf = (r: Random, ruleSet: string): Make =>
  ruleSet === 'us-cmv'
    ? r.pick(['webbing', 'webbing', 'webbing', 'webbing', 'chain', 'chain', 'spliced', 'rope'])
    : r.pick([
        'webbing',
        'webbing',
        'webbing',
        'chain',
        'rope',
        'rope',
        'spliced',
        'two-ropes',
        'on-a-shackle',
      ]);

/** What runs between the ends, and what pulls it. */
export function middleOf(r: Random, wants: Make, ruleSet: string): RawElement[] {
  const edges = [edge(r, 'e1'), edge(r, 'e2')].slice(0, r.int(0, 2));
  const standardTensionN = r.chance(ruleSet === 'us-cmv' ? 0.5 : 0.03)
    ? null
    : force(r, r.pick([1500, 2500, 3500, 5000]));
  const ratchet: RawElement = {
    id: 'pull',
    kind: 'ratchet',
    rating: r.chance(0.97) ? { state: 'rated', wllN: 20_000 } : { state: 'unrated' },
    standardTensionN,
    handForceN: r.chance(0.93) ? 500 : r.pick([300, 900]),
  };
  switch (wants) {
    case 'webbing':
      return [
        {
          id: 'run',
          kind: 'webbing',
          widthM: 0.0508,
          markedWllN: r.chance(0.9) ? force(r, r.pick([10_000, 20_000, 25_000])) : null,
        },
        ...edges,
        ratchet,
      ];
    case 'chain':
      return [
        {
          id: 'run',
          kind: 'chain',
          grade: '70',
          sizeM: 0.009525,
          markedWllN: r.chance(0.5) ? 29_000 : null,
        },
        ...edges,
        { id: 'pull', kind: 'binder', rating: { state: 'rated', wllN: 29_000 } },
      ];
    case 'spliced':
      return [{ id: 'k1', kind: 'knot', knot: 'eye-splice' }, ropeOf(r), ...edges, ratchet];
    case 'two-ropes':
      return [
        { id: 'k1', kind: 'knot', knot: 'bowline' },
        { ...ropeOf(r), id: 'run1' },
        { id: 'bend', kind: 'bend', knot: 'double-fishermans' },
        ropeOf(r),
        ...edges,
        {
          id: 'th',
          kind: 'truckers',
          loop: 'alpine-butterfly',
          handForceN: r.pick([200, 250, 400]),
        },
        { id: 'lock', kind: 'lock', knot: 'two-half-hitches' },
      ];
    case 'on-a-shackle':
      return [
        { id: 'k1', kind: 'knot', knot: 'eye-splice' },
        { ...ropeOf(r), id: 'run1' },
        { id: 'k2', kind: 'knot', knot: 'bowline' },
        {
          id: 'shackle',
          kind: 'fitting',
          name: 'shackle',
          rating: r.chance(0.95) ? { state: 'rated', wllN: 20_000 } : { state: 'unrated' },
        },
        { id: 'k3', kind: 'knot', knot: r.pick(['bowline', 'eye-splice']) },
        ropeOf(r),
        ...edges,
        { id: 'k4', kind: 'knot', knot: 'eye-splice' },
        ratchet,
      ];
    default:
      return [
        {
          id: 'k1',
          kind: 'knot',
          knot: r.pick(['bowline', 'round-turn-two-half-hitches', 'figure-eight-on-bight']),
        },
        ropeOf(r),
        ...edges,
        {
          id: 'th',
          kind: 'truckers',
          loop: r.pick(['alpine-butterfly', 'slip-loop']),
          handForceN: r.pick([150, 250, 400]),
          form: r.chance(0.85) ? 'single' : 'second-loop',
        },
        { id: 'lock', kind: 'lock', knot: 'two-half-hitches' },
      ];
  }
}

export const onDeck = (id: string, anchorId: string): RawElement => ({
  id,
  kind: 'anchor',
  at: { on: 'deck', anchorId },
});

export const lug = (r: Random): RawElement => ({
  id: 'b',
  kind: 'anchor',
  at: {
    on: 'own',
    name: 'lug',
    rating: r.chance(0.97) ? { state: 'rated', wllN: 20_000 } : { state: 'unrated' },
    barDiameterM: 0.016,
  },
});

interface Box {
  readonly front: number;
  readonly rear: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
}

function overLine(
  r: Random,
  id: string,
  make: Make,
  ruleSet: string,
  box: Box,
  anchors: RawPlan['deck']['anchors'],
): RawLine {
  const beside = anchors.filter(
    (a) =>
      -Number(a['fromFrontM']) <= box.front &&
      -Number(a['fromFrontM']) >= box.rear &&
      String(a['id']).startsWith('L'),
  );
  const left = beside.length > 0 && r.chance(0.93) ? r.pick(beside) : r.pick(anchors);
  const opposite = `R${String(left['id']).slice(1)}`;
  const right = r.chance(0.9) ? opposite : String(r.pick(anchors)['id']);
  return {
    id,
    name: id,
    kind: 'over',
    settling: r.pick([0, 0, 0.2]),
    elements: [onDeck('a', String(left['id'])), ...middleOf(r, make, ruleSet), onDeck('b', right)],
  };
}

function heldLine(
  r: Random,
  id: string,
  make: Make,
  ruleSet: string,
  box: Box,
  anchors: RawPlan['deck']['anchors'],
  corner: number,
): RawLine {
  const [x, y] = [corner < 2 ? box.front : box.rear, corner % 2 === 0 ? box.left : box.right];
  const kind = r.chance(0.75) ? 'direct' : 'loop';
  const attach = {
    fromFrontM: round(-x),
    fromCentreM: round(kind === 'loop' ? r.pick([0, y]) : y),
    heightM: round(box.top * r.between(0.1, 1)),
  };
  // Toward the other end of the load, where a strap holds; now and then anywhere.
  const away = anchors.filter(
    (a) =>
      (corner < 2
        ? -Number(a['fromFrontM']) < box.front - 0.3
        : -Number(a['fromFrontM']) > box.rear + 0.3) &&
      Number(a['fromCentreM']) > 0 === (r.chance(0.8) ? y > 0 : y < 0),
  );
  const first = away.length > 0 && r.chance(0.9) ? r.pick(away) : r.pick(anchors);
  const elements = [onDeck('a', String(first['id'])), ...middleOf(r, make, ruleSet)];
  if (kind === 'direct')
    return { id, name: id, kind, settling: 0, attach, elements: [...elements, lug(r)] };
  const other = r.chance(0.6)
    ? `${String(first['id']).startsWith('L') ? 'R' : 'L'}${String(first['id']).slice(1)}`
    : String(r.pick(anchors)['id']);
  return { id, name: id, kind, settling: 0, attach, elements: [...elements, onDeck('b', other)] };
}

/** Breaks something about one line: what people leave out, take out or put in the wrong place. */
function malform(r: Random, plan: RawPlan): void {
  if (plan.lines.length === 0) return;
  const line = r.pick(plan.lines);
  switch (r.int(0, 7)) {
    case 0:
      line.elements = line.elements.filter((_, i) => i !== r.int(0, line.elements.length - 1));
      return;
    case 1:
      line.elements = line.elements.map((e) => (e.kind === 'anchor' ? onDeck(e.id, 'gone') : e));
      return;
    case 2:
      line['attach'] = { fromFrontM: 0.5, fromCentreM: 0, heightM: 4 };
      return;
    case 3:
      line['attach'] = null;
      return;
    case 4:
      line.elements = line.elements.toReversed();
      return;
    case 5:
      line['angle'] = {
        by: 'entered',
        alphaRad: round(r.between(0.4, 1.5)),
        betaRad: r.chance(0.5) ? 0 : 0.6,
        restrains: r.pick(['forward', 'rearward', 'left', 'right']),
        leans: r.chance(0.5) ? null : r.pick(['left', 'rearward']),
      };
      return;
    case 6:
      line.elements = line.elements.map((e) =>
        e.kind === 'anchor' && e.id === 'b' ? { ...line.elements[0]!, id: 'b' } : e,
      );
      return;
    default:
      line['enteredPretensionN'] = r.pick([0, 500, 4000]);
  }
}

/** The sets that random plans are judged by unless others are asked for: kept answers were made with them. */
const FIRST_SETS: readonly string[] = ['us-cmv', 'us-light', 'eu-road'];

/** One random plan document under one of some rule sets. */
export function makePlan(r: Random, ruleSets = FIRST_SETS): RawPlan {
  const ruleSet = r.pick(ruleSets);
  const size = { lengthM: round(r.between(3, 8)), widthM: round(r.between(1.6, 2.5)) };
  const [deck, cargo] = [deckOf(r, size), cargoOf(r, ruleSet, size)];
  const [front, middle, width] = [
    -num(cargo['fromFrontM']),
    num(cargo['fromCentreM']),
    num(cargo['widthM']),
  ];
  const box: Box = {
    front,
    rear: front - num(cargo['lengthM']),
    left: middle + width / 2,
    right: middle - width / 2,
    top: num(cargo['heightM']),
  };
  const make = makeOf(r, ruleSet);
  const overs = r.pick(OVER_COUNTS[ruleSet] ?? [0, 1, 2, 2, 3, 3, 4, 5, 6]);
  const helds = r.chance(0.5) ? r.pick([1, 2, 4, 4, 4, 4]) : 0;
  const lines = [
    ...Array.from({ length: overs }, (_, i) =>
      overLine(r, `o${i}`, make, ruleSet, box, deck.anchors),
    ),
    ...Array.from({ length: helds }, (_, i) =>
      heldLine(r, `d${i}`, make, ruleSet, box, deck.anchors, helds === 4 ? i : r.int(0, 3)),
    ),
  ];
  const plan: RawPlan = {
    format: 'vast-cleat/plan',
    version: 1,
    title: 'random',
    ruleSet,
    cargo,
    deck,
    lines,
  };
  if (r.chance(0.12)) malform(r, plan);
  return plan;
}
