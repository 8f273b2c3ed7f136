import type { Bar, Fixture, Post } from './form/form';
import { bodyOfFrame, type ShippedForm } from './shape/frames';
import { turnsRound } from './shape/turns';

/** A flat hand across the palm, for measuring without a tape. Common practice, no source. */
export const HAND_M = 0.1;

/** The thing a form is tied to, as it is drawn, and how often its first rope lies round it. */
export interface Round {
  readonly turns: number;
  /** In diameters of the rope. */
  readonly radiusD: number;
}

/** What a form is tied round: its first bar or post that is shown and not a cleat, toggle or rope; null where there is none. */
export function roundOf(
  shipped: Pick<ShippedForm, 'strands' | 'fixtures' | 'frames'>,
): Round | null {
  const isObject = (f: Fixture): f is Bar | Post =>
    (f.kind === 'bar' && f.as === undefined) || (f.kind === 'post' && !f.hidden);
  const objects = shipped.fixtures.filter(isObject);
  // Rope that goes round two things together has another girth.
  const object = objects.length === 1 ? objects[0] : undefined;
  if (!object) return null;
  const tight = bodyOfFrame(shipped, shipped.frames.at(-1)!);
  return { turns: turnsRound(tight, 0, object), radiusD: object.radius };
}

/** How much rope a form takes of its end. */
export interface Beginning {
  /** Rope in the knot itself, in m. */
  readonly insideM: number;
  /** From the end to where the knot begins: what is in it and its tail, in m. */
  readonly fromEndM: number;
}

/**
 * Where to begin: the rope inside the drawn form, with the girth of the real object in place of the drawn one's for every
 * turn round it, and the least tail. A rope of diameter d round an object of diameter D lies π(D + d) long.
 * @param insideD rope inside the drawn-up form, in diameters; @param tailD least tail, likewise
 * @param objectDiameterM the real object; null: as thick as it is drawn
 */
export function beginning(
  { insideD, tailD, round }: { insideD: number; tailD: number; round: Round | null },
  ropeDiameterM: number,
  objectDiameterM: number | null,
): Beginning {
  const more =
    round === null || objectDiameterM === null
      ? 0
      : round.turns * Math.PI * (objectDiameterM - 2 * round.radiusD * ropeDiameterM);
  const insideM = Math.max(0, insideD * ropeDiameterM + more);
  return { insideM, fromEndM: insideM + tailD * ropeDiameterM };
}
