import type { Form } from '../form/form';
import { type Body, bodyOf, copyOf, lengthOf, respace } from './body';
import { lift } from './lift';
import { type Pull, Solver } from './solver';

/** Node spacing of the shipped geometry and of the live slider, in diameters. */
export const FINE = 0.35;
export const LIVE = 0.5;

const LOOSE_ITERATIONS = 400;
const SLOW = 250;
const CHECK_EVERY = 50;
const SETTLED = 0.0008;
/** Least node distance while drawing up, in diameters: below it nodes carry no shape. */
const LEAST_STEP = 0.12;

/** Rope over a thick bar is longer than its picture; drawing it to this part of its length takes the waves out of the ends. */
const EASED = 0.97;

/** A body lifted and eased until nothing overlaps: the form as it lies in the hand before it is drawn up. */
export function looseOf(form: Form, spacing = FINE): Body {
  const body = bodyOf(form, spacing);
  lift(body);
  respace(body);
  const solver = new Solver(body);
  // Flattening would slide strands off the front of a bar.
  const flatten = form.fixtures.some((f) => f.kind === 'bar') ? 1 : 0.99;
  const rest = EASED ** (1 / LOOSE_ITERATIONS);
  const pull: Pull = { rest, least: 0, bend: 0.3, far: false, flatten };
  for (let i = 0; i < LOOSE_ITERATIONS; i++) solver.iterate(pull);
  return body;
}

/** Draws a body up by constant tension. One `advance` is one iteration; the picture may be taken at any time. */
export class Tightening {
  readonly body: Body;
  private readonly solver: Solver;
  iterations = 0;

  constructor(
    loose: Body,
    private readonly tension: number,
  ) {
    this.body = copyOf(loose);
    this.solver = new Solver(this.body);
  }

  advance(tension = this.tension): void {
    this.solver.iterate({ rest: 1 - tension, least: LEAST_STEP, bend: 0.2, far: true, flatten: 1 });
    this.iterations++;
  }

  get length(): number {
    return this.body.strands.reduce((sum, s) => sum + lengthOf(this.body, s), 0);
  }
}

const MOST_ITERATIONS = 4000;
/** Iterations of a form that is drawn up lightly only. */
const LIGHT_ITERATIONS = 90;
const SETTLE_ITERATIONS = 40;

/** A copy with the tension let go, so that what the pull pressed into each other comes apart again. */
export function settled(body: Body): Body {
  const copy = copyOf(body);
  const solver = new Solver(copy);
  for (let i = 0; i < SETTLE_ITERATIONS; i++)
    solver.iterate({ rest: 0.995, least: 0, bend: 0.2, far: true, flatten: 1 });
  return copy;
}

/**
 * A form drawn up until it does not get shorter, or lightly.
 * @param light see `FormSpec`
 * @param onStep is told the length after every iteration, for taking frames on the way.
 */
export function drawnUp(
  loose: Body,
  light = false,
  onStep: (body: Body, length: number) => void = () => {},
): Body {
  const run = new Tightening(loose, 0.15);
  let last = run.length;
  while (run.iterations < (light ? LIGHT_ITERATIONS : MOST_ITERATIONS)) {
    run.advance();
    onStep(run.body, run.length);
    if (run.iterations % CHECK_EVERY === 0) {
      if (last - run.length < SETTLED * last) break;
      last = run.length;
    }
  }
  for (let i = 0; i < (light ? 0 : SLOW); i++) {
    run.advance(0.03);
    onStep(run.body, run.length);
  }
  return run.body;
}
