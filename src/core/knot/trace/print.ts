import type { Closure } from '../topology/closure';
import { closed } from '../topology/closure';
import { cutDiagram, type Tip } from '../topology/cut-diagram';
import type { Diagram } from '../topology/diagram';
import { fromLowest } from '../topology/either-hand';
import { jonesInA } from '../topology/jones';
import type { Laurent } from '../topology/laurent';
import { planarCode } from '../topology/planar-code';
import { simpler } from '../topology/simpler';
import { diagramOfSketch, type Sketch } from './sketch';

/** A bracket polynomial as it is whichever way the ropes run, for the one hand and for the other. */
type BothHands = readonly [string, string];

/** A polynomial as one text, whichever way the ropes run. */
const textFor = (p: Laurent, hand: 1 | -1): string =>
  fromLowest([...p], hand)
    .map(([e, c]) => `${e}:${c}`)
    .join(' ');

function bothHands(diagram: Diagram, closure: Closure): BothHands {
  const p = jonesInA(planarCode(simpler(closed(diagram, closure))));
  return [textFor(p, 1), textFor(p, -1)];
}

/** Each strand closed on itself, the arcs of the first ones in front, or of the last ones. */
const each = (lines: readonly number[]): Closure =>
  lines.map((rope) => [
    { rope, end: 'start' },
    { rope, end: 'end' },
  ]);

/** The same joined by arcs that pass in front of everything. */
const inFront = (closure: Closure): Closure =>
  closure.map(([a, b]) => [
    { ...a, inFront: true },
    { ...b, inFront: true },
  ]);

/** Two lines joined into one: the starts and the ends of both, or each start with the other's end. */
const intoOne = (other: 'start' | 'end'): Closure => [
  [
    { rope: 0, end: 'start' },
    { rope: 1, end: other },
  ],
  [
    { rope: 0, end: 'end' },
    { rope: 1, end: other === 'start' ? 'end' : 'start' },
  ],
];

/** One way of closing a tracing, as it comes out in views that cannot be told apart, and into how many loops. */
interface Group {
  readonly loops: number;
  readonly prints: readonly BothHands[];
}

/** The groups one by one: most questions are answered by the first, and the later ones take longer. */
function* groupsOf(sketch: Sketch): Generator<Group> {
  const diagram = diagramOfSketch(sketch);
  const ropes = sketch.ropes.length;
  const lines = diagram.ropes.map((_, i) => i);
  const closedBy = (loops: number, closures: readonly Closure[]): Group => ({
    loops,
    // With one line alone, an arc in front comes to the same as one behind.
    prints: (lines.length > 1 ? [...closures, ...closures.map(inFront)] : closures).map((closure) =>
      bothHands(diagram, closure),
    ),
  });
  yield closedBy(
    lines.length,
    (lines.length > 1 ? [lines, [...lines].reverse()] : [lines]).map(each),
  );
  if (lines.length === 2 && diagram.shut.length === 0)
    // Standing parts with standing parts; of a pole nobody knows which end comes first.
    yield closedBy(
      1,
      (ropes === 2 ? [intoOne('start')] : [intoOne('start'), intoOne('end')]).flatMap((c) => [
        c,
        [...c].reverse(),
      ]),
    );
  const cut = (tips: readonly Tip[]): BothHands[] => {
    const view = cutDiagram({ ropes, authored: diagram }, diagram, 'cut all', tips);
    return [view.closure, inFront(view.closure)].map((c) => bothHands(view.diagram, c));
  };
  const { held } = sketch;
  if (held.length > 0) yield { loops: lines.length + 1, prints: held.flatMap((tip) => cut([tip])) };
  if (held.length > 1) yield { loops: lines.length + held.length, prints: cut(held) };
}

/** A group in one text, for one of the hands. */
const textOf = ({ prints }: Group, hand: 0 | 1): string =>
  prints
    .map((both) => both[hand])
    .sort()
    .join('; ');

const BETWEEN = ' | ';

/** What is traced, without how: two ropes, a pole; and how many loops hold something. */
export function partsOf(sketch: Sketch): string {
  const things = sketch.things.map((t) => t.thing).sort();
  return [`${sketch.ropes.length} rope`, ...things, `${sketch.held.length} held`].join(', ');
}

/**
 * One text for what is tied, whatever the view, the hand and the lie of the rope: what is traced, and the bracket polynomials
 * of all ways of closing it, cut at the loops that hold something. Two tracings of one form agree in it, as long as every
 * end leaves the form (see `known.json` for the few forms with two or three).
 */
export function printOf(sketch: Sketch): string {
  const groups = [...groupsOf(sketch)];
  const hands = ([0, 1] as const).map((hand) => groups.map((g) => textOf(g, hand)).join(BETWEEN));
  return [partsOf(sketch), hands.sort()[0]!].join(BETWEEN);
}

/** Whether the print of a tracing is one of these, without finding all of it. */
export function hasPrint(sketch: Sketch, prints: readonly string[]): boolean {
  const parts = partsOf(sketch);
  let left = prints
    .map((p) => p.split(BETWEEN))
    .filter(([first]) => first === parts)
    .flatMap(([, ...texts]) => ([0, 1] as const).map((hand) => ({ texts, hand })));
  let n = 0;
  for (const group of groupsOf(sketch)) {
    if (left.length === 0) return false;
    left = left.filter(({ texts, hand }) => texts[n] === textOf(group, hand));
    n += 1;
  }
  return left.length > 0;
}

/** The bracket polynomial of so many loops that have nothing to do with each other. */
const free = (loops: number): string =>
  textFor(jonesInA({ crossings: [], components: loops, freeLoops: loops, writhe: 0 }), 1);

/**
 * Whether nothing stays tied: closed in every way, cut at the loops that hold something included, every line is free of
 * itself and of the others.
 */
export function fallsApart(sketch: Sketch): boolean {
  for (const { loops, prints } of groupsOf(sketch))
    if (prints.some(([text]) => text !== free(loops))) return false;
  return true;
}
