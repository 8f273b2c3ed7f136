import type { Fixture } from '../form/form';
import { type Body, copyOf, freeNodes, type Strand } from './body';

/** A rope of a shipped form: its nodes' control parameters, the same in every frame. */
export interface ShippedStrand {
  readonly diameter: number;
  /** Hundredths of a control interval, as differences from node to node. */
  readonly u: readonly number[];
  /** Control parameters between which the rope is held straight and still. */
  readonly taut?: readonly [from: number, to: number];
}

/** One state on the way from loose to drawn up. */
export interface ShippedFrame {
  /** 0 loose, 1 drawn up. */
  readonly drawn: number;
  /** x, y, z of all nodes of all ropes in hundredths of a diameter, as differences from node to node. */
  readonly at: readonly number[];
}

/** How the rope lies at one step before it is any part of the finished form. */
export interface ShippedLaid {
  /** Number of the step, from 0. */
  readonly step: number;
  readonly strands: readonly ShippedStrand[];
  readonly fixtures: readonly Fixture[];
  readonly frame: ShippedFrame;
}

/** The geometry of a form as it is shipped and loaded. */
export interface ShippedForm {
  readonly version: 1;
  /** Fingerprint of the notation it was made from. */
  readonly source: string;
  readonly strands: readonly ShippedStrand[];
  readonly fixtures: readonly Fixture[];
  /** Drawn up lightly only, so that it is shown in its shipped states and not pulled further. */
  readonly light?: true;
  readonly frames: readonly ShippedFrame[];
  /** Steps that show another path. */
  readonly laid?: readonly ShippedLaid[];
  /** Length of rope inside the knot by rope, in that rope's diameters, measured drawn up. */
  readonly insideD: readonly number[];
}

const HUNDREDTH = 100;

/** Differences that lose nothing: what is rounded away at one node is made good at the next. */
function differences(values: ArrayLike<number>, stride: number): number[] {
  const out: number[] = [];
  const last = new Array<number>(stride).fill(0);
  for (let i = 0; i < values.length; i++) {
    const whole = Math.round(values[i]! * HUNDREDTH);
    out.push(whole - last[i % stride]!);
    last[i % stride] = whole;
  }
  return out;
}

function summed(values: readonly number[], stride: number): Float64Array {
  const out = new Float64Array(values.length);
  const last = new Array<number>(stride).fill(0);
  values.forEach((v, i) => {
    last[i % stride] = last[i % stride]! + v;
    out[i] = last[i % stride]! / HUNDREDTH;
  });
  return out;
}

/** Where between loose and drawn up the shipped frames stand; 0.65 reads best. */
export const FRAME_STATES = [0, 0.2, 0.4, 0.65, 1] as const;
export const SNUG = 0.65;

/** A body as numbers to ship. */
export function frameOf(body: Body, drawn: number): ShippedFrame {
  return { drawn, at: differences(body.at, 3) };
}

/** The ropes of a body as they are shipped. */
export function shippedStrands(body: Body): ShippedStrand[] {
  return body.strands.map((s) => ({
    diameter: s.diameter,
    u: differences(s.u, 1),
    ...(s.taut ? { taut: s.taut } : {}),
  }));
}

/** A shipped frame as a body again. It carries no marks: what lies over what is in the heights. */
export function bodyOfFrame(
  form: Pick<ShippedForm, 'strands' | 'fixtures'>,
  frame: ShippedFrame,
): Body {
  let first = 0;
  const strands = form.strands.map((s): Strand => {
    const strand = {
      first,
      count: s.u.length,
      diameter: s.diameter,
      u: summed(s.u, 1),
      taut: s.taut,
    };
    first += s.u.length;
    return strand;
  });
  return {
    at: summed(frame.at, 3),
    free: freeNodes(strands),
    strands,
    fixtures: form.fixtures,
    lifts: [],
    sides: [],
    held: [],
  };
}

/** The body a step is shown with: as it lies loose, drawn up, or laid in a way of its own. */
export function bodyOfStep(form: ShippedForm, step: number, up: boolean): Body {
  const laid = form.laid?.find((l) => l.step === step);
  return laid ? bodyOfFrame(laid, laid.frame) : bodyOfFrame(form, form.frames.at(up ? -1 : 0)!);
}

/** Two neighbouring frames mixed: a body between them. Both must be of the same form. */
export function between(a: Body, b: Body, part: number): Body {
  const mixed = copyOf(a);
  for (let i = 0; i < mixed.at.length; i++) mixed.at[i] = a.at[i]! * (1 - part) + b.at[i]! * part;
  return mixed;
}
