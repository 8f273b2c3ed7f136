import type { BenchSystem, RiggingDocument } from './rigging';
import type { Plan } from '../securement/plan';
import { anchorFact } from '../line/context';
import type { ElementOf, LineElement } from '../line/schema';
import { lineContext, sharingOf } from '../securement/assess';
import type { Line } from '../securement/schema';
import { newRigging, systemOf } from './compose';

const DEFAULT_LENGTH_M = 5;

/** A line of a plan as the bench sees it: its rope, its ends, its length, its own system. What it has none of, the bench begins with. */
export function benchOfLine(
  plan: Plan,
  line: Line,
  element: ElementOf<'truckers'> | ElementOf<'tackle'>,
  routeLengthM: number | null,
): RiggingDocument {
  const start = newRigging(plan.strength);
  const context = lineContext(plan, line, sharingOf(plan));
  const anchors = line.elements
    .filter((e): e is ElementOf<'anchor'> => e.kind === 'anchor')
    .map((e) => anchorFact(e, context));
  const end = (fact: (typeof anchors)[number] | undefined): RiggingDocument['anchor'] =>
    fact
      ? {
          name: fact.name,
          rating: fact.rating,
          barDiameterM: fact.barDiameterM,
          surface: fact.surface,
        }
      : { name: 'anchor', rating: { state: 'unrated' }, barDiameterM: null, surface: 'metal' };
  const knot = line.elements.find((e) => e.kind === 'knot')?.knot;
  const lock = line.elements.find((e): e is ElementOf<'lock'> => e.kind === 'lock') ?? null;
  return {
    ...start,
    title: line.name || 'Line',
    system: systemOf(element, lock),
    rope: line.elements.find((e) => e.kind === 'rope')?.rope ?? start.rope,
    lengthM: Math.max(0.2, routeLengthM ?? DEFAULT_LENGTH_M),
    anchor: end(anchors.at(-1)),
    farAnchor: end(anchors[0]),
    ...(knot ? { farKnot: knot } : {}),
    settling: line.settling,
    loadBearsN: plan.units.reduce<number | null>(
      (least, u) =>
        line.units.includes(u.id) && u.maxLineForceN !== null
          ? Math.min(least ?? Infinity, u.maxLineForceN)
          : least,
      null,
    ),
    readings: line.reading ? [line.reading] : [],
  };
}

/** The line with the bench's choice in the place of its system; a hitch sets the lock that is there, or brings one. */
export function lineWithSystem(
  line: Line,
  elementId: string,
  system: BenchSystem,
  make: (id: string) => LineElement,
): Line {
  const elements = line.elements.map((e) => (e.id === elementId ? make(elementId) : e));
  if (system.kind === 'tackle') return { ...line, elements };
  const lock = elements.findIndex((e) => e.kind === 'lock');
  if (lock >= 0)
    return {
      ...line,
      elements: elements.with(lock, {
        ...elements[lock]!,
        kind: 'lock',
        knot: system.lock,
      } as LineElement),
    };
  return {
    ...line,
    elements: elements.toSpliced(elements.findIndex((e) => e.id === elementId) + 1, 0, {
      id: `${elementId}-lock`,
      kind: 'lock',
      knot: system.lock,
    }),
  };
}
