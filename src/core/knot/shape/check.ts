import type { Form } from '../form/form';
import { fingerprintOf } from '../topology/invariants';
import { stateViews } from '../topology/views';
import type { Body } from './body';
import { SHAPE_LIMITS } from './limits';
import { sharpestTurnRad, worstOverlap } from './measure';
import { projected } from './project';

/** What was measured of a body, and whether it still is the form it was made from. */
export interface ShapeCheck {
  readonly overlapD: number;
  readonly turnRad: number;
  readonly sameInvariants: boolean;
  readonly holds: boolean;
}

/**
 * Measures a body in any state between loose and drawn up: the invariants of its projection must be those of the
 * authored form, nothing may overlap beyond the limit, and no rope may zigzag.
 */
export function checkShape(form: Form, body: Body): ShapeCheck {
  const sameInvariants = printOfBody(form, body) === authoredPrint(form);
  const [overlapD, turnRad] = [worstOverlap(body), sharpestTurnRad(body)];
  return {
    overlapD,
    turnRad,
    sameInvariants,
    holds: sameInvariants && overlapD <= SHAPE_LIMITS.overlapD && turnRad <= SHAPE_LIMITS.turnRad,
  };
}

/** Invariants of forms as their paths lie: a form is checked in many states. */
const authored = new WeakMap<Form, string>();

function authoredPrint(form: Form): string {
  const print = authored.get(form) ?? fingerprintOf(stateViews(form, form.diagram));
  authored.set(form, print);
  return print;
}

/** Invariants of a body, closed in every way its form is. */
export function printOfBody(form: Form, body: Body): string {
  return fingerprintOf(stateViews(form, projected(body)));
}
