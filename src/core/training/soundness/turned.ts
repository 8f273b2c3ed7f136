import type { Form } from '../../knot/form/form';
import { type Body, copyOf } from '../../knot/shape/body';
import { projected } from '../../knot/shape/project';
import { type Diagram, flipped } from '../../knot/topology/diagram';
import { fingerprintOf } from '../../knot/topology/invariants';
import { stateViews } from '../../knot/topology/views';
import type { Passage } from '../../knot/path/meetings';

/** How far from the crossing, along the rope in diameters, a turned strand is back where it lay. */
const REACH = 1.3;

/** The numbers of the crossings at which rope lies on rope: those a finger can point at and a hand turn over. */
export const ropeCrossings = ({ crossings }: Diagram, ropes: number): number[] =>
  crossings.flatMap(({ over, under }, i) => (over.rope < ropes && under.rope < ropes ? [i] : []));

/** All that is known of a form's state, in one text: what a diagram of its body is, closed in every way the form is. */
export const printOf = (form: Form, diagram: Diagram): string =>
  fingerprintOf(stateViews(form, diagram));

/**
 * The crossings of rope with rope, each of which turned over by itself makes a diagram what is wanted. Of several the same
 * could be said of each, so that a question has one answer only where there is one.
 */
export function mendedBy(form: Form, diagram: Diagram, wanted: string): number[] {
  return ropeCrossings(diagram, form.paths.length).filter(
    (i) => printOf(form, flipped(diagram, i)) === wanted,
  );
}

/** Heights of both strands at a crossing. */
function heightAt({ strands, at }: Body, { rope, piece, along }: Passage): number {
  const i = 3 * (strands[rope]!.first + piece) + 2;
  return at[i]! * (1 - along) + at[i + 3]! * along;
}

/** Moves a strand up or down about a passage, less and less until it is back where it lay. */
function moved(body: Body, { rope, piece, along }: Passage, by: number): void {
  const { first, count, diameter } = body.strands[rope]!;
  const place = (k: number, axis: number): number => body.at[3 * (first + k) + axis]!;
  const step = (k: number): number =>
    Math.hypot(place(k + 1, 0) - place(k, 0), place(k + 1, 1) - place(k, 1));
  const reach = REACH * diameter;
  const shift = (k: number, far: number): void => {
    const part = Math.cos((Math.PI / 2) * Math.min(1, far / reach)) ** 2;
    body.at[3 * (first + k) + 2]! += by * part;
  };
  for (let k = piece, far = along * step(piece); k >= 0 && far < reach; k--) {
    shift(k, far);
    if (k > 0) far += step(k - 1);
  }
  for (let k = piece + 1, far = (1 - along) * step(piece); k < count && far < reach; k++) {
    shift(k, far);
    if (k + 1 < count) far += step(k);
  }
}

/**
 * A body with one crossing of rope with rope turned over where it lies: what was over goes as far under. Null where that would
 * turn another crossing too, because it lies too near.
 */
export function withTurned(body: Body, crossing: number): Body | null {
  const before = projected(body);
  const { over, under } = before.crossings[crossing]!;
  const apart = heightAt(body, over) - heightAt(body, under);
  const turned = copyOf(body);
  moved(turned, over, -apart);
  moved(turned, under, apart);
  const as = (d: Diagram): string => JSON.stringify(d.crossings);
  return as(projected(turned)) === as(flipped(before, crossing)) ? turned : null;
}
