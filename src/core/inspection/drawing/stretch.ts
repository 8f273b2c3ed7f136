import type { Lay } from './lay';

/** What a shape is drawn with. The first three are the rope's own; which colour the others are is the interface's. */
export const INKS = [
  'rope',
  'line',
  'lit',
  'tracer',
  'pale',
  'dark',
  'brown',
  'violet',
  'grey',
  'dust',
  'card',
] as const;
export type Ink = (typeof INKS)[number];

/** Lines or faces of one ink. Coordinates: rope diameters, x along the rope, y down, flat pairs. */
export interface Shape {
  readonly ink: Ink;
  /** Drawn as faces, or as lines of a width in diameters. */
  readonly width: number | 'face';
  readonly opacity: number;
  readonly lines: readonly (readonly number[])[];
}

/** A place where the rope is thinner or thicker than it should be, or does not lie straight. All in diameters. */
export interface Bump {
  readonly atD: number;
  /** How far to each side it reaches, about. */
  readonly halfD: number;
  /** Added to the radius. */
  readonly swellD: number;
  /** How far the middle is moved up. */
  readonly liftD: number;
}

/** A length of rope as it lies there: how it is made, what it does, and what is to be seen on it. */
export interface Stretch {
  readonly lay: Lay;
  readonly lengthD: number;
  /** Whether it begins with the rope's end, whipped, or runs on to both sides. */
  readonly begins: 'end' | 'on';
  readonly bumps: readonly Bump[];
  readonly marks: readonly Shape[];
}

/** Of a rope that is as it should be, in diameters. */
export const RADIUS_D = 0.5;

const bell = (xD: number, { atD, halfD }: Bump): number => Math.exp(-(((xD - atD) / halfD) ** 2));

/** Radius at a place along it, diameters. */
export const radiusAt = ({ bumps }: Pick<Stretch, 'bumps'>, xD: number): number =>
  bumps.reduce((r, b) => r + b.swellD * bell(xD, b), RADIUS_D);

/** Height of its middle at a place along it, diameters, down. */
export const middleAt = ({ bumps }: Pick<Stretch, 'bumps'>, xD: number): number =>
  bumps.reduce((y, b) => y - b.liftD * bell(xD, b), 0);

const rounded = (v: number): number => Math.round(v * 500) / 500;

/** A shape with its coordinates rounded to what can be seen. */
export const shape = (
  ink: Ink,
  width: Shape['width'],
  lines: readonly (readonly number[])[],
  opacity = 1,
): Shape => ({ ink, width, opacity, lines: lines.map((l) => l.map(rounded)) });
