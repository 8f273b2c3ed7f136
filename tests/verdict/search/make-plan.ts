import type { Random } from './random';

/** A plan document as somebody might write it: believable, now and then malformed, in mixed units, on a rule's boundary. */
export type RawPlan = Record<string, unknown> & {
  cargo: Record<string, unknown>; deck: Record<string, unknown> & { anchors: Record<string, unknown>[] }; lines: RawLine[]; ruleSet: string;
};
export type RawElement = Record<string, unknown> & { id: string; kind: string };
export type RawLine = Record<string, unknown> & { id: string; kind: string; elements: RawElement[] };

const LBF = 4.4482216152605;
const round = (v: number, digits = 3): number => Number(v.toFixed(digits));

/** The same quantity as a number, or as text in some unit. */
function length(r: Random, m: number): number | string {
  const at = round(m);
  return r.chance(0.85) ? at : r.pick([`${round(m * 1000, 0)} mm`, `${round(m * 100, 1)} cm`, `${round(m / 0.3048, 3)} ft`]);
}
const force = (r: Random, n: number): number | string => (r.chance(0.85) ? round(n, 0) : r.pick([`${round(n / 1000, 3)} kN`, `${round(n / LBF, 0)} lbf`, `${round(n / 10, 0)} daN`]));

function cargoOf(r: Random, ruleSet: string, deck: { lengthM: number; widthM: number }): Record<string, unknown> {
  // Boundaries of 49 CFR 393.110 come up more often than by chance.
  const lengthM = r.chance(0.12) ? r.pick([1.524, 3.048, 1.52, 3.05]) : Math.min(r.ratio(0.4, 5), deck.lengthM * 0.95);
  const massKg = r.chance(0.05) && ruleSet === 'us-cmv' ? r.pick([498.95, 498.96, 1100 * 0.45359237]) : r.ratio(40, 2500);
  const widthM = Math.min(r.ratio(0.35, 2.2), deck.widthM * (r.chance(0.05) ? 1.15 : 0.95));
  const heightM = r.ratio(0.25, 2.2);
  const fromFrontM = r.chance(0.95) ? r.between(0, Math.max(0.01, deck.lengthM - lengthM)) : r.between(0, deck.lengthM);
  const mu = round(r.between(0.15, 0.8), 2);
  return {
    name: 'load', massKg: r.chance(0.03) ? null : r.chance(0.9) ? round(massKg, 2) : `${round(massKg / 0.45359237, 1)} lb`,
    lengthM: length(r, lengthM), widthM: length(r, widthM), heightM: length(r, heightM), fromFrontM: round(fromFrontM),
    cgHeightM: r.chance(0.06) ? null : round(heightM * r.between(0.35, 0.6)), fromCentreM: r.chance(0.8) ? 0 : round(r.between(-0.5, 0.5)),
    ...(r.chance(0.2) ? { cgForwardM: round(lengthM * r.between(-0.2, 0.2)), cgLeftM: round(widthM * r.between(-0.2, 0.2)) } : {}),
    friction: r.chance(0.05) ? { known: 'no' } : r.chance(0.3) ? { known: 'pair', pair: r.pick(['sawn-wood-plywood', 'steel-plywood', 'anti-slip-mat', 'planed-wood-plywood']) } : { known: 'entered', mu },
    surface: r.chance(0.95) ? 'clean' : r.pick(['unswept', 'icy']), rows: r.chance(0.94) ? 1 : 2,
    ...(r.chance(0.04) ? { maxLineForceN: round(r.ratio(200, 6000), 0) } : {}), fullyContained: r.chance(0.1),
  };
}

const num = (v: unknown): number => (typeof v === 'number' ? v : /ft/.test(String(v)) ? parseFloat(String(v)) * 0.3048 : /mm/.test(String(v)) ? parseFloat(String(v)) / 1000 : parseFloat(String(v)) / 100);

function deckOf(r: Random, size: { lengthM: number; widthM: number }): RawPlan['deck'] {
  const step = r.between(0.5, 1.1);
  const anchors: Record<string, unknown>[] = [];
  const rating = (): Record<string, unknown> => (r.chance(0.03) ? { state: 'unrated' } : { state: 'rated', wllN: force(r, r.pick([5000, 8000, 12_000, 20_000, 20_000])) });
  for (let i = 0, x = 0.15; x < size.lengthM; i++, x += step) {
    for (const side of ['L', 'R']) {
      const y = (size.widthM / 2 - 0.05) * (side === 'L' ? 1 : -1);
      anchors.push({ id: `${side}${i}`, name: `ring ${side}${i}`, fromFrontM: round(x), fromCentreM: round(y), rating: rating(), barDiameterM: r.chance(0.97) ? 0.016 : null });
    }
  }
  const board = (): Record<string, unknown> => (r.chance(0.2)
    ? { touching: true, capacityN: r.chance(0.15) ? null : r.pick([0, 3000, 10_000, 30_000]), heightM: r.chance(0.4) ? null : round(r.between(0.1, 1.5)) }
    : { touching: false, capacityN: null });
  return { name: 'deck', ...size, anchors, blocking: { forward: board(), rearward: r.chance(0.3) ? board() : {}, left: {}, right: {} } };
}

const edge = (r: Random, id: string): RawElement => (r.chance(0.96)
  ? { id, kind: 'edge', name: 'edge', shape: 'protected', bendDiameterM: 0.1 }
  : r.chance(0.5) ? { id, kind: 'edge', name: 'edge', shape: 'rounded', bendDiameterM: r.pick([null, 0.01, 0.06]) } : { id, kind: 'edge', name: 'edge', shape: 'sharp', bendDiameterM: null });

function ropeOf(r: Random): RawElement {
  const labelled = r.chance(0.85);
  return {
    id: 'run', kind: 'rope', rope: {
      material: 'polyester', diameterM: 0.012, mbsN: labelled ? r.pick([21_000, 24_000, 30_000]) : null, condition: r.pick(['new', 'new', 'good', 'good', 'worn', 'doubtful', ...(r.chance(0.1) ? ['damaged'] : [])]),
      weather: r.chance(0.8) ? 'dry' : 'wet', markedWllN: r.chance(0.1) ? 3000 : null,
    },
  };
}

/** What the lines of a plan are made of: one sort a plan, as in a yard. */
type Make = 'webbing' | 'chain' | 'spliced' | 'two-ropes' | 'on-a-shackle' | 'rope';
const makeOf = (r: Random, ruleSet: string): Make => (ruleSet === 'us-cmv'
  ? r.pick(['webbing', 'webbing', 'webbing', 'webbing', 'chain', 'chain', 'spliced', 'rope'])
  : r.pick(['webbing', 'webbing', 'webbing', 'chain', 'rope', 'rope', 'spliced', 'two-ropes', 'on-a-shackle']));

/** What runs between the ends, and what pulls it. */
function middleOf(r: Random, wants: Make, ruleSet: string): RawElement[] {
  const edges = [edge(r, 'e1'), edge(r, 'e2')].slice(0, r.int(0, 2));
  const standardTensionN = r.chance(ruleSet === 'us-cmv' ? 0.5 : 0.03) ? null : force(r, r.pick([1500, 2500, 3500, 5000]));
  const ratchet: RawElement = { id: 'pull', kind: 'ratchet', rating: r.chance(0.97) ? { state: 'rated', wllN: 20_000 } : { state: 'unrated' }, standardTensionN, handForceN: r.chance(0.93) ? 500 : r.pick([300, 900]) };
  switch (wants) {
    case 'webbing': return [{ id: 'run', kind: 'webbing', widthM: 0.0508, markedWllN: r.chance(0.9) ? force(r, r.pick([10_000, 20_000, 25_000])) : null }, ...edges, ratchet];
    case 'chain': return [{ id: 'run', kind: 'chain', grade: '70', sizeM: 0.009525, markedWllN: r.chance(0.5) ? 29_000 : null }, ...edges, { id: 'pull', kind: 'binder', rating: { state: 'rated', wllN: 29_000 } }];
    case 'spliced': return [{ id: 'k1', kind: 'knot', knot: 'eye-splice' }, ropeOf(r), ...edges, ratchet];
    case 'two-ropes': return [{ id: 'k1', kind: 'knot', knot: 'bowline' }, { ...ropeOf(r), id: 'run1' }, { id: 'bend', kind: 'bend', knot: 'double-fishermans' }, ropeOf(r), ...edges, { id: 'th', kind: 'truckers', loop: 'alpine-butterfly', handForceN: r.pick([200, 250, 400]) }, { id: 'lock', kind: 'lock', knot: 'two-half-hitches' }];
    case 'on-a-shackle': return [{ id: 'k1', kind: 'knot', knot: 'eye-splice' }, { ...ropeOf(r), id: 'run1' }, { id: 'k2', kind: 'knot', knot: 'bowline' }, { id: 'shackle', kind: 'fitting', name: 'shackle', rating: r.chance(0.95) ? { state: 'rated', wllN: 20_000 } : { state: 'unrated' } },
      { id: 'k3', kind: 'knot', knot: r.pick(['bowline', 'eye-splice']) }, ropeOf(r), ...edges, { id: 'k4', kind: 'knot', knot: 'eye-splice' }, ratchet];
    default: return [{ id: 'k1', kind: 'knot', knot: r.pick(['bowline', 'round-turn-two-half-hitches', 'figure-eight-on-bight']) }, ropeOf(r), ...edges,
      { id: 'th', kind: 'truckers', loop: r.pick(['alpine-butterfly', 'slip-loop']), handForceN: r.pick([150, 250, 400]), form: r.chance(0.85) ? 'single' : 'second-loop' }, { id: 'lock', kind: 'lock', knot: 'two-half-hitches' }];
  }
}

const onDeck = (id: string, anchorId: string): RawElement => ({ id, kind: 'anchor', at: { on: 'deck', anchorId } });
const lug = (r: Random): RawElement => ({ id: 'b', kind: 'anchor', at: { on: 'own', name: 'lug', rating: r.chance(0.97) ? { state: 'rated', wllN: 20_000 } : { state: 'unrated' }, barDiameterM: 0.016 } });

interface Box { readonly front: number; readonly rear: number; readonly left: number; readonly right: number; readonly top: number }

function overLine(r: Random, id: string, make: Make, ruleSet: string, box: Box, anchors: RawPlan['deck']['anchors']): RawLine {
  const beside = anchors.filter((a) => -Number(a['fromFrontM']) <= box.front && -Number(a['fromFrontM']) >= box.rear && String(a['id']).startsWith('L'));
  const left = beside.length > 0 && r.chance(0.93) ? r.pick(beside) : r.pick(anchors);
  const opposite = `R${String(left['id']).slice(1)}`;
  const right = r.chance(0.9) ? opposite : String(r.pick(anchors)['id']);
  return { id, name: id, kind: 'over', settling: r.pick([0, 0, 0.2]), elements: [onDeck('a', String(left['id'])), ...middleOf(r, make, ruleSet), onDeck('b', right)] };
}

function heldLine(r: Random, id: string, make: Make, ruleSet: string, box: Box, anchors: RawPlan['deck']['anchors'], corner: number): RawLine {
  const [x, y] = [corner < 2 ? box.front : box.rear, corner % 2 === 0 ? box.left : box.right];
  const kind = r.chance(0.75) ? 'direct' : 'loop';
  const attach = { fromFrontM: round(-x), fromCentreM: round(kind === 'loop' ? r.pick([0, y]) : y), heightM: round(box.top * r.between(0.1, 1)) };
  // Toward the other end of the load, where a strap holds; now and then anywhere.
  const away = anchors.filter((a) => (corner < 2 ? -Number(a['fromFrontM']) < box.front - 0.3 : -Number(a['fromFrontM']) > box.rear + 0.3) && (Number(a['fromCentreM']) > 0) === (r.chance(0.8) ? y > 0 : y < 0));
  const first = away.length > 0 && r.chance(0.9) ? r.pick(away) : r.pick(anchors);
  const elements = [onDeck('a', String(first['id'])), ...middleOf(r, make, ruleSet)];
  if (kind === 'direct') return { id, name: id, kind, settling: 0, attach, elements: [...elements, lug(r)] };
  const other = r.chance(0.6) ? `${String(first['id']).startsWith('L') ? 'R' : 'L'}${String(first['id']).slice(1)}` : String(r.pick(anchors)['id']);
  return { id, name: id, kind, settling: 0, attach, elements: [...elements, onDeck('b', other)] };
}

/** Breaks something about one line: what people leave out, take out or put in the wrong place. */
function malform(r: Random, plan: RawPlan): void {
  if (plan.lines.length === 0) return;
  const line = r.pick(plan.lines);
  switch (r.int(0, 7)) {
    case 0: line.elements = line.elements.filter((_, i) => i !== r.int(0, line.elements.length - 1)); return;
    case 1: line.elements = line.elements.map((e) => (e.kind === 'anchor' ? onDeck(e.id, 'gone') : e)); return;
    case 2: line['attach'] = { fromFrontM: 0.5, fromCentreM: 0, heightM: 4 }; return;
    case 3: line['attach'] = null; return;
    case 4: line.elements = line.elements.toReversed(); return;
    case 5: line['angle'] = { by: 'entered', alphaRad: round(r.between(0.4, 1.5)), betaRad: r.chance(0.5) ? 0 : 0.6, restrains: r.pick(['forward', 'rearward', 'left', 'right']), leans: r.chance(0.5) ? null : r.pick(['left', 'rearward']) }; return;
    case 6: line.elements = line.elements.map((e) => (e.kind === 'anchor' && e.id === 'b' ? { ...line.elements[0]!, id: 'b' } : e)); return;
    default: line['enteredPretensionN'] = r.pick([0, 500, 4000]);
  }
}

/** One random plan document. */
export function makePlan(r: Random): RawPlan {
  const ruleSet = r.pick(['us-cmv', 'us-light', 'eu-road']);
  const size = { lengthM: round(r.between(3, 8)), widthM: round(r.between(1.6, 2.5)) };
  const [deck, cargo] = [deckOf(r, size), cargoOf(r, ruleSet, size)];
  const [front, middle, width] = [-num(cargo['fromFrontM']), num(cargo['fromCentreM']), num(cargo['widthM'])];
  const box: Box = { front, rear: front - num(cargo['lengthM']), left: middle + width / 2, right: middle - width / 2, top: num(cargo['heightM']) };
  const make = makeOf(r, ruleSet);
  const overs = r.pick([0, 1, 2, 2, 3, 3, 4, 5, 6]);
  const helds = r.chance(0.5) ? r.pick([1, 2, 4, 4, 4, 4]) : 0;
  const lines = [
    ...Array.from({ length: overs }, (_, i) => overLine(r, `o${i}`, make, ruleSet, box, deck.anchors)),
    ...Array.from({ length: helds }, (_, i) => heldLine(r, `d${i}`, make, ruleSet, box, deck.anchors, helds === 4 ? i : r.int(0, 3))),
  ];
  const plan: RawPlan = { format: 'vast-cleat/plan', version: 1, title: 'random', ruleSet, cargo, deck, lines };
  if (r.chance(0.12)) malform(r, plan);
  return plan;
}
