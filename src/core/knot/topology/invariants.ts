import { closed, type ClosedDiagram } from './closure';
import { alexander } from './alexander';
import { jones, jonesInA } from './jones';
import { laurentText } from './laurent';
import { type KnotName, nameOf } from './names';
import { linkingNumber, onlyComponent, planarCode } from './planar-code';
import { simpler } from './simpler';
import type { ProofView } from './views';

/** What is known of one way of closing a form. */
export interface Invariants {
  /** Bracket polynomial of the whole, every component, in A: no two states of a rope with another one are the same form. */
  readonly whole: string;
  /** Each component by itself, by name. */
  readonly alone: readonly (KnotName | `V = ${string}`)[];
  /** Linking number of every pair of components, in the order 0-1, 0-2, 1-2 … */
  readonly linking: readonly number[];
}

/** The invariants of a view. */
export function invariantsOf(view: ProofView): Invariants {
  const diagram = closed(view.diagram, view.closure);
  const code = planarCode(diagram);
  const linking: number[] = [];
  for (let b = 1; b < diagram.components; b++)
    for (let a = 0; a < b; a++) linking.push(linkingNumber(code, a, b));
  return {
    whole: laurentText(jonesInA(planarCode(simpler(diagram))), 'A'),
    alone: aloneOf(diagram),
    linking,
  };
}

function aloneOf(diagram: ClosedDiagram): (KnotName | `V = ${string}`)[] {
  return Array.from({ length: diagram.components }, (_, c) =>
    nameOf(jones(planarCode(simpler(onlyComponent(diagram, c))))),
  );
}

/** Only what tells two states of a form apart, as one text. */
export function fingerprint(view: ProofView): string {
  return laurentText(jonesInA(planarCode(simpler(closed(view.diagram, view.closure)))), 'A');
}

/** Alexander and Jones polynomial of a view that closes to one component, for the report; null for links. */
export function polynomialsOf(
  view: ProofView,
): { readonly alexander: readonly number[]; readonly jones: string } | null {
  const diagram = closed(view.diagram, view.closure);
  if (diagram.components !== 1) return null;
  const code = planarCode(diagram);
  return { alexander: alexander(code), jones: laurentText(jones(code)) };
}

/** All views of a form in one text, to tell forms apart. */
export function fingerprintOf(views: readonly ProofView[]): string {
  return views.map((v) => `${v.name}: ${fingerprint(v)}`).join(' | ');
}
